// How a project sends messages, as a form at work asks for it.
#pragma once

#include "core/mail/mail_setup.h"
#include "core/result.h"

#include <functional>

namespace nabblet {

// Each function may be empty, where there is no project.
struct MailSender
{
    std::function<MailSetup()> setup;
    QString projectFolder;
    // The password of the setup's user; empty where the keyring has none.
    std::function<QString(const MailSetup &)> password;
};

} // namespace nabblet
