#include "entry/own_way/kept_own_way.h"

#include "entry/session/entry_session.h"

#include <QSettings>

namespace nabblet {

namespace {

QString placeOf(const EntrySession &session)
{
    QString forms;
    for (const EntrySession *each = &session; each; each = each->parentSession()) {
        forms = each->form().name + u'/' + each->form().rowsFrom + u'\n' + forms;
    }
    return QStringLiteral("ownWays/") + QString::fromLatin1(forms.toUtf8().toBase64(QByteArray::Base64UrlEncoding));
}

} // namespace

OwnWay ownWayOf(const EntrySession &session)
{
    return readOwnWay(QSettings().value(placeOf(session)).toString().toUtf8());
}

void keepOwnWay(const EntrySession &session, const OwnWay &way)
{
    if (way.isEmpty()) {
        QSettings().remove(placeOf(session));
    } else {
        QSettings().setValue(placeOf(session), QString::fromUtf8(writtenOwnWay(way)));
    }
}

} // namespace nabblet
