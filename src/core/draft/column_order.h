// The order in which a draft lists columns, so that a reader finds what belongs together. Each rule is a function of
// its own; none drops a column.
#pragma once

#include "core/catalogue/catalogue.h"

#include <QSet>

namespace nabblet {

// Columns that stand together, in their order. Columns of one row stand side by side on the form.
struct ColumnRow
{
    QStringList columns;
};
struct ColumnGroup
{
    QList<ColumnRow> rows;
};

// What names the record comes first: a person's name as a whole, else its name; then the codes that tell it apart.
QStringList namesFirst(const Table &table, const QStringList &columns);
// Long text and pictures come last, pictures before text. isWide tells them.
QStringList wideLast(const QStringList &columns, const QSet<QString> &wide);
// Bookkeeping (created, changed, entered, by whom) goes to the end.
QStringList bookkeepingLast(const Table &table, const QStringList &columns);
bool isBookkeeping(const Column &column);
// Whether such a column is filled by the database anew for each record, so that people never type it.
bool isKeptByDatabase(const Column &column);

// Columns that make up one thing stand together at the place of the first of them: a person's name, an address, a start
// and its end, an amount and its unit, latitude and longitude. Every column is in exactly one group.
QList<ColumnGroup> grouped(const Table &table, const QStringList &columns);

// All rules together: the table's own order, made readable.
QStringList readableOrder(const Table &table, const QSet<QString> &wide);

} // namespace nabblet
