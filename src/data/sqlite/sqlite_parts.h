// What the files of the SQLite dialect share.
#pragma once

#include "data/dialect.h"

namespace nabblet {

Result<Catalogue> readSqliteCatalogue(const QSqlDatabase &database, const DatabaseAddress &address);

// Looks at the flag every few thousand steps of SQLite's machine
// (https://www.sqlite.org/c3ref/progress_handler.html).
void stopSqliteWhen(const QSqlDatabase &database, const std::atomic<bool> *isCancelled);

// What SQLite says of a SELECT.
Result<QList<SelectColumn>> describeSqliteSelect(const QSqlDatabase &database, const QString &sql);

} // namespace nabblet
