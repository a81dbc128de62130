#include "entry/wanted/used_lately.h"

#include "entry/session/entry_session.h"

#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QSettings>
#include <QTimer>

namespace nabblet {

namespace {

constexpr qsizetype MostKept = 20;

QString keyOf(const QString &projectFolder)
{
    const QByteArray place = QDir(projectFolder).absolutePath().toUtf8().toBase64(QByteArray::Base64UrlEncoding);
    return QStringLiteral("usedLately/") + QString::fromLatin1(place);
}

} // namespace

QList<UsedRecord> recordsUsedLately(const QString &projectFolder)
{
    QList<UsedRecord> all;
    const QJsonArray stored = QJsonDocument::fromJson(QSettings().value(keyOf(projectFolder)).toByteArray()).array();
    for (const QJsonValue &each : stored) {
        const QJsonObject object = each.toObject();
        all.append({object.value(QStringLiteral("form")).toString(), object.value(QStringLiteral("title")).toString(),
                    object.value(QStringLiteral("key")).toArray().toVariantList(),
                    object.value(QStringLiteral("words")).toString()});
    }
    return all;
}

void rememberUsed(const QString &projectFolder, const UsedRecord &record)
{
    if (projectFolder.isEmpty() || record.form.isEmpty() || record.key.isEmpty()) {
        return;
    }
    QList<UsedRecord> all = recordsUsedLately(projectFolder);
    all.removeIf([&](const UsedRecord &each) { return each.form == record.form && each.key == record.key; });
    all.prepend(record);
    QJsonArray stored;
    for (const UsedRecord &each : all.mid(0, MostKept)) {
        stored.append(QJsonObject{{QStringLiteral("form"), each.form},
                                  {QStringLiteral("title"), each.title},
                                  {QStringLiteral("key"), QJsonArray::fromVariantList(each.key)},
                                  {QStringLiteral("words"), each.words}});
    }
    QSettings().setValue(keyOf(projectFolder), QJsonDocument(stored).toJson(QJsonDocument::Compact));
}

void rememberWhatIsUsed(EntrySession &session, QObject *owner)
{
    constexpr int AWhile = 2000; // ms; what is gone through on the way is not kept
    auto *timer = new QTimer(owner);
    timer->setSingleShot(true);
    timer->setInterval(AWhile);
    QObject::connect(timer, &QTimer::timeout, owner, [&session] {
        const EntryState &state = session.state();
        if (const std::optional<RowKey> key = state.key()) {
            rememberUsed(session.mailSender().projectFolder,
                         {session.form().name, session.form().title, *key, session.values().recordWords()});
        }
    });
    QObject::connect(&session, &EntrySession::recordChanged, timer, qOverload<>(&QTimer::start));
    timer->start();
}

} // namespace nabblet
