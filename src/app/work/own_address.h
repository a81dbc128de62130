// Where the database of a project is on this computer, for this person, where that differs from what the project says.
#pragma once

#include "core/model/database_address.h"

#include <optional>

namespace nabblet {

std::optional<DatabaseAddress> ownAddress(const QString &projectFolder);
// Nothing: as the project says again.
void setOwnAddress(const QString &projectFolder, const std::optional<DatabaseAddress> &address);

} // namespace nabblet
