// What the files of the SQLite dialect share.
#pragma once

#include "data/dialect/dialect.h"

namespace nabblet {

Result<Catalogue> readSqliteCatalogue(const QSqlDatabase &database, const DatabaseAddress &address);

// Looks at the interruption every few thousand steps of SQLite's machine
// (https://www.sqlite.org/c3ref/progress_handler.html), and keeps single values and single calls of functions within
// bounds.
void watchSqlite(const QSqlDatabase &database, Interruption *interruption);
// https://www.sqlite.org/c3ref/interrupt.html
std::function<void()> sqliteInterrupter(const QSqlDatabase &database);

// What SQLite says of a SELECT.
Result<QList<SelectColumn>> describeSqliteSelect(const QSqlDatabase &database, const QString &sql);

// In sqlite_copy.cpp: Dialect::copyWhole().
Result<DatabaseAddress> copySqlite(const DatabaseAddress &address, const QString &folder,
                                   const std::function<bool(double)> &goesOn);

} // namespace nabblet
