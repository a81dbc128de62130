// A message as it is sent: RFC 5322 with MIME parts, put together by GMime.
#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QList>
#include <QString>
#include <QStringList>

namespace nabblet {

struct MailAttachment
{
    QString name;
    QByteArray type; // of its contents: "application/pdf"
    QByteArray bytes;
};

struct MailMessage
{
    QString from; // "Buoy depot <depot@nabharbour.example>"
    QString to;   // several with commas between them
    QString subject;
    QString text;
    QList<MailAttachment> attachments;
};

struct WrittenMail
{
    QByteArray bytes;       // with the line ends that SMTP wants
    QByteArray id;          // of the message, which no other has
    QString sender;         // the bare address
    QStringList recipients; // likewise
};

// The error says what is no address.
Result<WrittenMail> writtenMail(const MailMessage &message);

} // namespace nabblet
