// A database as values: its tables and views, their columns, keys, checks and links.
#pragma once

#include "core/catalogue/column_type.h"

#include <QList>
#include <QString>
#include <QStringList>
#include <QVariant>

#include <optional>

namespace nabblet {

struct Column
{
    QString name;
    QString declaredType; // as the database says it
    ColumnType type = ColumnType::Text;
    std::optional<int> length;   // characters
    std::optional<int> decimals; // places behind the point
    bool isRequired = false;     // takes no NULL
    bool hasDefault = false;
    QString defaultExpression;  // SQL
    bool isGenerated = false;   // worked out by the database
    bool numbersItself = false; // an identity key
    QVariantList choices;       // the values a CHECK … IN allows, empty where there is none
};

struct UniqueKey
{
    QStringList columns;
};

struct Check
{
    QString name;       // of the constraint, or empty
    QString expression; // SQL, without the surrounding brackets
};

// A link from columns of this table to columns of another one (the parent).
struct ForeignKey
{
    QStringList columns;
    QString parentTable;
    QStringList parentColumns; // in the same order
};

enum class TableKind { Table, View };

struct Table
{
    QString name;
    TableKind kind = TableKind::Table;
    QList<Column> columns;
    QStringList primaryKey; // empty for views and for tables without one
    QList<UniqueKey> uniqueKeys;
    QList<Check> checks;
    QList<ForeignKey> foreignKeys;
    QString rowNumberName; // an expression that names each row where no primary key is declared, or empty
};

struct Catalogue
{
    QList<Table> tables; // by name, tables before views
};

// The table with that name, or nullptr.
const Table *findTable(const Catalogue &catalogue, const QString &name);
const Column *findColumn(const Table &table, const QString &name);
// The link that this one column alone makes, or nullptr.
const ForeignKey *findLink(const Table &table, const QString &column);

// The column of a table that a person would call a row by: a unique text column first, then one that is called name
// or title, then the first required text, then the first text; failing all, the first column of the key.
// Empty for a table with no columns.
QString namingColumn(const Table &table);

// The columns that together tell a row from its likes: given and family name of a person; else the naming column, and
// where it may repeat, the unique code before it.
QStringList tellingColumns(const Table &table);

} // namespace nabblet
