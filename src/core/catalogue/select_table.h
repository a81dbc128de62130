// A SELECT of the builder's own as a table: what its columns are, which of them can be written, and why others cannot.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/create_statement.h"

namespace nabblet {

// What a database says of a column of a SELECT. Origins are empty for what the SELECT works out.
struct SelectColumn
{
    QString name;
    QString declaredType;
    QString originTable;
    QString originColumn;
};

// The table that a SELECT makes. Rows are written to the table whose whole key is among the columns; where that goes
// for several, to the one that points to the others. Columns of other tables, worked-out columns and second appearances
// of the same column can only be read, and say why. Without a key, or with rows put together from several SELECTs,
// nothing can be written.
Table tableOfSelect(const Catalogue &catalogue, const QString &name, const QString &sql,
                    const QList<SelectColumn> &columns);

// The same table when its key turned out to name more than one row: nothing can be written.
Table withRepeatedKey(const Table &table);

// What stands behind the ORDER BY that a SELECT has for its rows, beside those inside it; empty where there is none.
QList<SqlToken> orderOfRows(const QString &sql);
bool ordersItsRows(const QString &sql);

} // namespace nabblet
