// Messages that could not be sent yet: each a file on this computer, tried again later, and never sent twice. A message
// is claimed before it is tried, by a name that only one program can take; what was claimed and never heard of again is
// in doubt, and nobody but a person sends it again.
#pragma once

#include "data/mail/smtp.h"

namespace nabblet {

struct WaitingMail
{
    QString file;
    QString to;
    QString subject;
    QString why; // it was not sent, the last time
    bool isInDoubt = false;
    MailSetup setup;
    WrittenMail mail;
};

class Outbox
{
public:
    explicit Outbox(QString folder) : m_folder(std::move(folder)) {}

    // Keeps a message until it is sent. The error says that it cannot be kept.
    Result<WaitingMail> put(const MailSetup &setup, const WrittenMail &mail, const QString &to,
                            const QString &subject) const;
    QList<WaitingMail> waiting() const;
    // Sends one, and lets go of it where it was sent. Not where another program has it in hand. force: also where it
    // may have been sent before.
    Sending send(const WaitingMail &waiting, const QString &password, const std::atomic<bool> &isCancelled,
                 bool force = false) const;
    void remove(const WaitingMail &waiting) const;

private:
    QString m_folder;
};

} // namespace nabblet
