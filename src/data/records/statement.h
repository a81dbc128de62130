// A statement with its values, run; and the parts of statements that reading records and lookups share.
#pragma once

#include "data/dialect/connection.h"
#include "data/dialect/raw_text.h"
#include "data/records/records.h"

#include <QSqlQuery>
#include <QStringList>
#include <QVariantList>

namespace nabblet {

struct Statement
{
    QString sql;
    QVariantList values;
};

// A statement prepared, bound and run, or the error it gave.
struct Running
{
    QSqlQuery query;
    bool isGood = false;

    Running(const Connection &connection, const Statement &statement) : query(connection.database())
    {
        query.setForwardOnly(true);
        isGood = query.prepare(statement.sql);
        for (const QVariant &value : statement.values) {
            query.addBindValue(isRawText(value) ? QVariant(value.value<RawText>().bytes) : value);
        }
        isGood = isGood && query.exec();
    }
};

// A column of what rowsFrom() gives. Always with the name of what it is read from: SQLite takes a name in quotes that
// it does not know for a text (https://www.sqlite.org/quirks.html#dblquote), and every record would show it.
QString rowsColumn(const Connection &connection, const QString &column);
// The same of a source, where it may be the words of a lookup.
QString sourceColumn(const Connection &connection, const RecordSource &source, const QString &column);
// A part of the key, likewise. The row number of a table is a word of the database, not a name to quote.
QString keyName(const Connection &connection, const RecordSource &source, const QString &column);
// What rows are read from: the table, or the SELECT as one.
QString rowsFrom(const Connection &connection, const RecordSource &source);
// A SELECT without the semicolons behind it, to be read from as a table.
QString withoutEnd(const QString &select);
// So many places as there are values, with commas between them.
QString placesOf(const Connection &connection, const QVariantList &values);
// The rows of a source that meet a condition, in no order; and one of them as it was read.
Statement selectedRows(const Connection &connection, const RecordSource &source, const Statement &condition);
Row readRow(const QSqlQuery &query, const RecordSource &source);
// A condition, and those that hold a source to the rows of one parent.
Statement held(const Connection &connection, const RecordSource &source, const QString &condition,
               const QVariantList &values);

} // namespace nabblet
