// What the files of the SQLite dialect share.
#pragma once

#include "data/dialect.h"

namespace nabblet {

Result<Catalogue> readSqliteCatalogue(const QSqlDatabase &database, const DatabaseAddress &address);

// What SQLite says of a SELECT.
Result<QList<SelectColumn>> describeSqliteSelect(const QSqlDatabase &database, const QString &sql);

} // namespace nabblet
