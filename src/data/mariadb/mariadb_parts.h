// What the files of the MariaDB dialect share.
#pragma once

#include "data/dialect/dialect.h"

namespace nabblet {

Result<Catalogue> readMariadbCatalogue(const QSqlDatabase &database, const DatabaseAddress &address);

// The columns of a SELECT, by the server; the statement is prepared and not run.
Result<QList<SelectColumn>> describeMariadbSelect(const QSqlDatabase &database, const QString &sql);

// A CHECK as people write it, of one as the server gives it back: without the quotes around plain names.
QString plainMariadbCheck(const QString &given);

Refusal mariadbRefusal(const QSqlError &error, const RefusalContext &context);
Error mariadbFailure(const QSqlError &error, const DatabaseAddress &address);
// Why a connection could not be made.
Error mariadbNotOpened(const QSqlError &error, const DatabaseAddress &address);

} // namespace nabblet
