#include "data/mail/outbox.h"

#include "core/file/whole_file.h"
#include "core/text/tr.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>

namespace nabblet {

namespace {

const QString Waits = QStringLiteral("waiting");
const QString Claimed = QStringLiteral("sending");
const QString Doubt = QStringLiteral("doubt");
constexpr int InHandFor = 600; // s that a program may take for one message; then it is gone

QString withEnding(const QString &file, const QString &ending)
{
    return file.left(file.lastIndexOf(u'.') + 1) + ending;
}

QByteArray written(const WaitingMail &mail)
{
    const QJsonObject json{{QStringLiteral("to"), mail.to},
                           {QStringLiteral("subject"), mail.subject},
                           {QStringLiteral("why"), mail.why},
                           {QStringLiteral("by"), mailSetupToJson(mail.setup)},
                           {QStringLiteral("sender"), mail.mail.sender},
                           {QStringLiteral("recipients"), QJsonArray::fromStringList(mail.mail.recipients)},
                           {QStringLiteral("id"), QString::fromUtf8(mail.mail.id)},
                           {QStringLiteral("message"), QString::fromLatin1(mail.mail.bytes.toBase64())}};
    return QJsonDocument(json).toJson(QJsonDocument::Compact);
}

std::optional<WaitingMail> readMail(const QString &file)
{
    const Result<QByteArray> bytes = readWholeFile(file);
    const QJsonObject json = bytes ? QJsonDocument::fromJson(*bytes).object() : QJsonObject();
    WaitingMail mail;
    mail.file = file;
    mail.to = json.value(QStringLiteral("to")).toString();
    mail.subject = json.value(QStringLiteral("subject")).toString();
    mail.why = json.value(QStringLiteral("why")).toString();
    mail.setup = mailSetupFromJson(json.value(QStringLiteral("by")).toObject());
    mail.mail.sender = json.value(QStringLiteral("sender")).toString();
    const QJsonArray recipients = json.value(QStringLiteral("recipients")).toArray();
    for (const QJsonValue &each : recipients) {
        mail.mail.recipients.append(each.toString());
    }
    mail.mail.id = json.value(QStringLiteral("id")).toString().toUtf8();
    mail.mail.bytes = QByteArray::fromBase64(json.value(QStringLiteral("message")).toString().toLatin1());
    return mail.mail.bytes.isEmpty() ? std::nullopt : std::optional(mail);
}

} // namespace

Result<WaitingMail> Outbox::put(const MailSetup &setup, const WrittenMail &mail, const QString &to,
                                const QString &subject) const
{
    const QString name = QDateTime::currentDateTimeUtc().toString(QStringLiteral("yyyyMMddhhmmsszzz-")) +
                         QString::fromUtf8(mail.id.left(8));
    WaitingMail waiting{QDir(m_folder).filePath(name + u'.' + Waits), to, subject, {}, false, setup, mail};
    if (const Outcome kept = replaceWholeFile(waiting.file, written(waiting)); !kept) {
        return kept.error();
    }
    QFile::setPermissions(waiting.file, QFile::ReadOwner | QFile::WriteOwner);
    return waiting;
}

QList<WaitingMail> Outbox::waiting() const
{
    QList<WaitingMail> all;
    const QStringList files = QDir(m_folder).entryList(
        {QStringLiteral("*.") + Waits, QStringLiteral("*.") + Claimed, QStringLiteral("*.") + Doubt}, QDir::Files,
        QDir::Name);
    for (const QString &name : files) {
        QString file = QDir(m_folder).filePath(name);
        const bool isClaimed = name.endsWith(Claimed);
        if (isClaimed && QFileInfo(file).lastModified().secsTo(QDateTime::currentDateTime()) < InHandFor) {
            continue; // another program is at it
        }
        if (isClaimed) {
            const QString doubt = withEnding(file, Doubt);
            QFile::rename(file, doubt);
            file = doubt;
        }
        if (std::optional<WaitingMail> mail = readMail(file)) {
            mail->isInDoubt = file.endsWith(Doubt);
            all.append(*mail);
        }
    }
    return all;
}

Sending Outbox::send(const WaitingMail &waiting, const QString &password, const std::atomic<bool> &isCancelled,
                     bool force) const
{
    if (waiting.isInDoubt && !force) {
        return {Sending::InDoubt, Texts::tr("It may have been sent before.")};
    }
    const QString claimed = withEnding(waiting.file, Claimed);
    if (!QFile::rename(waiting.file, claimed)) { // one program alone can
        return {Sending::NotSent, Texts::tr("Another program sends it just now.")};
    }
    QFile touched(claimed);
    if (touched.open(QIODevice::ReadWrite)) {
        touched.setFileTime(QDateTime::currentDateTime(), QFileDevice::FileModificationTime);
        touched.close();
    }
    const Sending sending = sendBySmtp(waiting.setup, password, waiting.mail, isCancelled);
    if (sending.outcome == Sending::Sent) {
        QFile::remove(claimed);
        return sending;
    }
    WaitingMail again = waiting;
    again.why = sending.sentence;
    const QString back = withEnding(waiting.file, sending.outcome == Sending::InDoubt ? Doubt : Waits);
    if (replaceWholeFile(claimed, written(again))) {
        QFile::rename(claimed, back);
    }
    return sending;
}

void Outbox::remove(const WaitingMail &waiting) const
{
    QFile::remove(waiting.file);
}

} // namespace nabblet
