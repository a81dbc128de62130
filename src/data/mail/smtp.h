// A message handed to an SMTP server, by libcurl.
#pragma once

#include "core/mail/mail_setup.h"
#include "data/mail/message.h"

#include <atomic>

namespace nabblet {

struct Sending
{
    enum Outcome {
        Sent,
        NotSent, // for certain; it may be tried again
        InDoubt, // the server had all of it, and did not say what became of it
    };
    Outcome outcome = NotSent;
    QString sentence; // why
};

// password: of the user, where the setup names one. Given up when isCancelled turns true.
Sending sendBySmtp(const MailSetup &setup, const QString &password, const WrittenMail &mail,
                   const std::atomic<bool> &isCancelled);

} // namespace nabblet
