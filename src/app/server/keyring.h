// Passwords of databases and mail servers in the desktop's keyring, where the desktop has one. They stand nowhere else
// on the disk.
#pragma once

#include "core/mail/mail_setup.h"
#include "core/model/database_address.h"

#include <QString>

namespace nabblet {

// Takes the password of a server that the keyring holds into use, for as long as the program runs. The keyring may ask
// the person to open it; nothing happens where there is none or where it holds none.
void recallPassword(const DatabaseAddress &address);

// Keeps a password in the keyring, or takes it out with an empty one. False where there is no keyring.
bool rememberPassword(const DatabaseAddress &address, const QString &password);

// The same of the user of a mail server; empty where there is none.
QString mailPassword(const MailSetup &setup);
bool rememberMailPassword(const MailSetup &setup, const QString &password);

} // namespace nabblet
