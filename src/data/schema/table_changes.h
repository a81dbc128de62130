// Changes to the database's own tables, as statements that are shown before they run.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/result.h"
#include "data/dialect/connection.h"

#include <QLocale>

namespace nabblet {

struct NewColumn
{
    QString name;
    ColumnType type = ColumnType::Text;
    bool isRequired = false;
    QString defaultWords; // as a person typed it, by the locale; empty for none
};

// The types that a new column may have, in the order in which they are offered.
QList<ColumnType> offeredTypes();

// The statement that adds a column to a table. The error says why it cannot be added.
Result<QString> addColumnStatement(const Connection &connection, const Table &table, const NewColumn &column,
                                   const QLocale &locale);

// A short table made of the values that a text column holds, and the link from the column to it, which is the
// project's: a database cannot be told of one in a table that is there already.
struct ChoicesTable
{
    QStringList statements;
    TableLink link;
};
Result<ChoicesTable> choicesTableOf(const Connection &connection, const Catalogue &catalogue, const Table &table,
                                    const QString &column, const QString &name);

// How many different values such a table would have. The error says why they make none: there are none, there are too
// many for a list, or counting them takes too long.
Result<qint64> countChoices(const Connection &connection, const Table &table, const QString &column);

// A name for such a table that no other has: the column's.
QString choicesTableName(const Catalogue &catalogue, const Table &table, const QString &column);

// Runs statements together or not at all; given up when they take longer than a window may stand still.
Outcome runTogether(const Connection &connection, const QStringList &statements);

} // namespace nabblet
