#include "entry/records/record_recovery.h"

#include "core/file/whole_file.h"
#include "entry/session/entry_session.h"
#include "entry/theme/ask.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QStandardPaths>

namespace nabblet {

RecordRecovery::RecordRecovery(EntrySession *session, const QString &formPath, QObject *parent)
    : QObject(parent), m_session(session), m_wanted(typedPath(*session, formPath))
{
    m_timer.setSingleShot(true);
    m_timer.setInterval(Delay * 1000);
    connect(&m_timer, &QTimer::timeout, this, &RecordRecovery::keepNow);
    connect(session, &EntrySession::pendingChanged, this, [this] {
        if (!m_session->hasUnsaved()) {
            keepNow(); // saved or let go
        } else if (!m_timer.isActive()) {
            m_timer.start(); // not put off by further keys
        }
    });
    connect(session, &EntrySession::recordChanged, this, [this] {
        if (!m_session->hasUnsaved()) {
            keepNow();
        }
    });
}

// Whoever closes a form has asked before what becomes of what was typed.
RecordRecovery::~RecordRecovery()
{
    if (!m_session->hasUnsaved()) {
        m_held.remove();
    }
}

void RecordRecovery::keepNow()
{
    m_timer.stop();
    if (!m_session->hasUnsaved()) {
        m_held.remove();
        return;
    }
    const QString path = m_held.path().isEmpty() ? m_held.holdNear(m_wanted) : m_held.path();
    const Outcome kept = replaceWholeFile(path, QJsonDocument(m_session->typing().asJson()).toJson());
    if (!kept) {
        Q_EMIT m_session->said(kept.error().sentence);
    }
}

QString typedPath(const EntrySession &session, const QString &formPath)
{
    const QString of =
        addressKey(session.state().connection.address()) + u'\n' + formPath + u'\n' + session.form().rowsFrom;
    const QByteArray name = QCryptographicHash::hash(of.toUtf8(), QCryptographicHash::Sha1).toHex();
    return QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation))
        .filePath(QStringLiteral("unsaved-records/%1.json").arg(QString::fromLatin1(name)));
}

bool offerTyped(EntrySession *session, const QString &formPath, QWidget *parent)
{
    for (const QString &file : leftNear(typedPath(*session, formPath))) {
        const Result<QByteArray> bytes = readWholeFile(file);
        const QJsonObject typed = bytes ? QJsonDocument::fromJson(*bytes).object() : QJsonObject();
        if (typed.isEmpty()) {
            continue; // left where it is; somebody may make sense of it
        }
        const int answer =
            ask({EntrySession::tr("Record not saved"),
                 EntrySession::tr("What was typed into “%1” was not saved when the program last ended.")
                     .arg(typed.value(QLatin1String("record")).toString()),
                 EntrySession::tr("It can stand in the boxes again, as it was typed, to be saved or taken back."),
                 {EntrySession::tr("Take it up"), EntrySession::tr("Let it go")},
                 0,
                 0},
                parent);
        const bool isTaken = answer == 0 && session->typing().takeUp(typed);
        if (answer == 0 && !isTaken) {
            complain(
                {EntrySession::tr("The record is not there any more, so what was typed cannot stand in it. It is kept "
                                  "in the file %1.")
                     .arg(file),
                 {}},
                parent);
            continue;
        }
        QFile::remove(file);
        if (isTaken) {
            return true;
        }
    }
    return false;
}

} // namespace nabblet
