// Addresses of databases as one text, as people write them: "postgresql://user@host:5432/database?tls=required", or the
// path of a file.
#pragma once

#include "core/model/database_address.h"

#include <optional>

namespace nabblet {

struct WrittenAddress
{
    DatabaseAddress address;
    QString password; // as it stood in the text; it goes into no file
};

// An address of a server. Nothing where the text is none.
std::optional<WrittenAddress> readServerAddress(const QString &written);

// An address as text, without a password: that of a file is its path.
QString writtenAddress(const DatabaseAddress &address);

} // namespace nabblet
