// What a form reads and writes: a table or view, the columns it binds and the key that names each row.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/kinds/settings/lookup.h"
#include "core/model/form.h"
#include "core/result.h"
#include "core/sorts/sorted_by.h"

#include <QHash>
#include <QVariantList>

#include <memory>

namespace nabblet {

struct RowFilter;
struct RowsBetween;

struct RecordSource
{
    QString table;               // that rows are read from and written to
    QString select;              // a SELECT that the rows are read from instead, or empty
    QStringList columns;         // read with each row, in this order
    QStringList keyColumns;      // name each row; rows are read in their order, …
    QList<SortedBy> order = {};  // … after that of these columns
    bool keyIsRowNumber = false; // the key is the database's own row number, not a column
    bool isWritable = true;
    QStringList readOnly;       // columns among them that cannot be written, such as those that the database works out
    QStringList missing;        // columns the form binds and the table does not have
    QString note;               // what people should know of these rows, such as that there are more; or empty
    std::shared_ptr<void> copy; // keeps a temporary table with the rows, where they are read from one
    QHash<QString, QString> originOf; // what a SELECT's column is called in the table, where it is called otherwise

    // Rows that belong to one row of another form: only those whose link columns hold these values are read, and new
    // ones get them.
    QStringList linkColumns;
    QVariantList linkValues;
    // Or to several rows of a form in between, themselves held to one row.
    std::shared_ptr<const RowsBetween> between;

    // What people ask of the rows: only those are read. A row that is read by its key need not meet it.
    std::shared_ptr<const RowFilter> filter;
    // Columns, among those that are read, that are the words of a lookup; the name is none of the table's.
    QHash<QString, Lookup> worded = {};

    QString writtenName(const QString &column) const { return originOf.value(column, column); }
};

struct RowsBetween
{
    RecordSource rows;
    QVariantList but;    // the key of one of them that is left out, or empty
    QStringList theirs;  // the values of these columns of theirs …
    QStringList belongs; // … stand in these of the rows that belong to them
};

// The source of a form's rows. The error names what is gone and says what to do.
Result<RecordSource> recordSourceOf(const Form &form, const Catalogue &catalogue);

// The source of all columns of a table.
RecordSource recordSourceOf(const Table &table);

// The name of the column that holds the words of the lookup which a column has.
QString wordedName(const QString &column);

// The same source, held to the rows that belong to one row of another form. columns and values: as many of both.
RecordSource linkedTo(const RecordSource &source, const QStringList &columns, const QVariantList &values);

} // namespace nabblet
