// A statement with its values, run; and the parts of statements that reading records and lookups share.
#pragma once

#include "data/connection.h"
#include "data/records.h"

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
            query.addBindValue(value);
        }
        isGood = isGood && query.exec();
    }
};

// What rows are read from: the table, or the SELECT as one.
QString rowsFrom(const Connection &connection, const RecordSource &source);
// A SELECT without the semicolons behind it, to be read from as a table.
QString withoutEnd(const QString &select);
// A condition, and those that hold a source to the rows of one parent.
Statement held(const Connection &connection, const RecordSource &source, const QString &condition,
               const QVariantList &values);

} // namespace nabblet
