// What the files of the SQLite dialect share.
#pragma once

#include "data/dialect.h"

namespace nabblet {

Result<Catalogue> readSqliteCatalogue(const QSqlDatabase &database, const DatabaseAddress &address);

} // namespace nabblet
