// The passwords of databases for as long as the program runs: typed by a person or read from the desktop's keyring.
// Addresses never hold them, nor does any file. Every thread that opens a database asks here.
#pragma once

#include "core/model/database_address.h"

#include <QString>

namespace nabblet {

// Empty where none is known.
QString passwordFor(const DatabaseAddress &address);
void keepPassword(const DatabaseAddress &address, const QString &password);

} // namespace nabblet
