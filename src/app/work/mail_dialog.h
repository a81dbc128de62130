// How the messages of a project are sent: by the desktop's mail program, a server, or into a folder.
#pragma once

#include "core/mail/mail_setup.h"

#include <optional>

class QWidget;

namespace nabblet {

// The setup that a person chose; the password goes into the keyring. Nothing where they went back.
std::optional<MailSetup> askForMail(const MailSetup &now, QWidget *parent);

} // namespace nabblet
