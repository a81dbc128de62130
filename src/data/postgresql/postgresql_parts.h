// What the files of the PostgreSQL dialect share.
#pragma once

#include "data/dialect/dialect.h"

namespace nabblet {

Result<Catalogue> readPostgresqlCatalogue(const QSqlDatabase &database, const DatabaseAddress &address);

// The columns of a SELECT, by the server; the statement is prepared and not run.
Result<QList<SelectColumn>> describePostgresqlSelect(const QSqlDatabase &database, const QString &sql);

// A CHECK as people write it, of one as the server gives it back: without its casts, with IN in the place of = ANY.
QString plainCheck(const QString &given);

// The name of a table of the catalogue: alone where the search path finds it, else behind its schema, with a point
// between them. A point inside a name is doubled.
QString postgresqlTableName(const QString &schema, const QString &table, bool isInPath);
QStringList partsOfTableName(const QString &name);

// The connection as libpq takes it (https://www.postgresql.org/docs/current/libpq-connect.html): what an address says,
// what this program needs, and a password where there is one.
QString connectionWords(const DatabaseAddress &address, const QString &password);

Refusal postgresqlRefusal(const QSqlError &error, const RefusalContext &context);
Error postgresqlFailure(const QSqlError &error, const DatabaseAddress &address);
// Why a connection could not be made.
Error postgresqlNotOpened(const QSqlError &error, const DatabaseAddress &address);

} // namespace nabblet
