// A database as values: its tables and views, their columns, keys, checks and links.
#pragma once

#include "core/catalogue/column_type.h"

#include <QHash>
#include <QList>
#include <QString>
#include <QStringList>
#include <QVariant>

#include <optional>

namespace nabblet {

struct Column
{
    QString name;
    QString parted;       // the name with underscores where its words run together; empty where they do not
    QString declaredType; // as the database says it
    ColumnType type = ColumnType::Text;
    std::optional<int> length;   // characters
    std::optional<int> decimals; // places behind the point
    std::optional<double> least; // of the numbers that its type holds
    std::optional<double> most;
    QString comment;         // what the database's keeper wrote about it
    bool isRequired = false; // takes no NULL
    bool hasDefault = false;
    QString defaultExpression;  // SQL
    bool isGenerated = false;   // worked out by the database
    bool numbersItself = false; // an identity key
    QString origin;             // for a SELECT: what the column is called in the table it comes from
    QString readOnlyReason;     // for a SELECT: why the column cannot be written; empty where it can
    QVariantList choices;       // the values a CHECK … IN allows, empty where there is none
};

} // namespace nabblet

// Lists move them as they lie in memory.
Q_DECLARE_TYPEINFO(nabblet::Column, Q_RELOCATABLE_TYPE);

namespace nabblet {

// Gives a column the type that it is declared with.
void takeDeclaredType(Column &column, const QString &declared);

struct UniqueKey
{
    QStringList columns;
};

struct Check
{
    QString name;       // of the constraint, or empty
    QString expression; // SQL, without the surrounding brackets
};

// What the database does with the rows of a link when the row that they point to is deleted.
enum class LinkRule {
    Keeps,   // it refuses to delete that row
    Deletes, // it deletes them along
    LetsGo,  // it empties their columns, or puts in what they start with
    Nothing, // it does not know of the link, which only the project does
};

// A link from columns of this table to columns of another one (the parent).
struct ForeignKey
{
    QStringList columns;
    QString parentTable;
    QStringList parentColumns; // in the same order
    LinkRule onDelete = LinkRule::Keeps;

    bool operator==(const ForeignKey &) const = default;
};

// A link with the table whose rows point somewhere by it.
struct TableLink
{
    QString table;
    ForeignKey link;

    bool operator==(const TableLink &) const = default;
};

enum class TableKind { Table, View, Select };

struct Table
{
    // Written out once: a compiler puts what is long into each place that copies or ends one.
    Table();
    Table(const Table &other);
    Table(Table &&other) noexcept;
    Table &operator=(const Table &other);
    Table &operator=(Table &&other) noexcept;
    ~Table();

    QString name;
    QString parted; // as of a column
    TableKind kind = TableKind::Table;
    QList<Column> columns;
    QStringList primaryKey; // empty for views and for tables without one
    QList<UniqueKey> uniqueKeys;
    QList<Check> checks;
    QList<ForeignKey> foreignKeys;
    QString rowNumberName;   // an expression that names each row where no primary key is declared, or empty
    QString select;          // for a SELECT: its text
    QString writesTo;        // for a SELECT: the table that its rows are written to, or empty
    QStringList naming;      // what tells a row from its likes, by the rows that are stored; empty where not known
    bool goesByName = false; // the first of them names the rows, and is not merely the best of what there is
    QHash<QString, QStringList> constraints; // the columns of each, by its name; empty where they have no names
    QHash<QString, QString> sentences;       // of the project: what is said where a rule is not kept, by ruleName()
    bool repeatsKey = false;                 // for a SELECT: a key names more than one of its rows
    int milliseconds = 0;                    // for a SELECT: what looking through its rows took; 0 where not known
    bool actsOnDelete = false;               // a trigger does something of its own when a row is deleted
};

struct Catalogue
{
    QList<Table> tables; // by name, tables before views
};

// The name as it is to be read.
QString readableName(const Column &column);
QString readableName(const Table &table);

// The table with that name, or nullptr.
const Table *findTable(const Catalogue &catalogue, const QString &name);
const Column *findColumn(const Table &table, const QString &name);
QStringList columnNames(const Table &table);
// The link that this one column alone makes, or nullptr.
const ForeignKey *findLink(const Table &table, const QString &column);

// The link that this column stands for on a form: its own, or one over several columns of which it is the last that has
// no link of its own and stands for no other. Such a link is one choice, which writes all its columns. nullptr for all
// other columns.
const ForeignKey *ledLink(const Table &table, const QString &column);
// The column that stands for the link over several columns through which this one is written; empty where it is not
// written that way alone.
QString leaderOf(const Table &table, const QString &column);

// Rows that point to a row of a table, and so belong to it.
using ChildRows = TableLink;
// Every link to a table, in the order of the catalogue. Links that do not name as many columns as they point to are
// left out.
QList<ChildRows> childrenOf(const Catalogue &catalogue, const QString &table);

// The catalogue with links that the database does not declare but the project knows. Those whose tables or columns are
// not there, and those that are declared, are left out.
Catalogue withLinks(const Catalogue &catalogue, const QList<TableLink> &links);

// Those of a catalogue that came to it so.
QList<TableLink> linksOfProject(const Catalogue &catalogue);

// What a project says where a rule of a table is not kept, in the place of what the program works out.
struct RuleSentence
{
    QString table;
    QString rule; // by ruleName()
    QString sentence;

    bool operator==(const RuleSentence &) const = default;
};

// By what a rule is known: the name of its constraint; where it has none, its expression, or the columns that are
// unique together.
QString ruleName(const Check &check);
QString ruleName(const Table &table, const QStringList &uniqueColumns);
// The catalogue with these sentences; those of tables that are not there are left out.
Catalogue withSentences(const Catalogue &catalogue, const QList<RuleSentence> &sentences);

// Whether a table only ties rows of two others together: two links, and besides their columns nothing but a key that
// numbers itself and what the database fills in.
bool isJunction(const Table &table);

// The column that a person would call a row of the table by; empty for a table with no columns. See row_names.h.
QString namingColumn(const Table &table);

// Whether a column really names the rows of a table: it is called so, what is stored says so, or no two rows share it.
bool namesRows(const Table &table, const QString &column);

// The columns that together tell a row from its likes: given and family name of a person; else the naming column, and
// where it may repeat, what tells it apart behind it.
QStringList tellingColumns(const Table &table);
// What a lookup shows of a row: the columns above; of a row that has only a key of several columns, the whole key and
// its first text.
QStringList wordsOfRow(const Table &table);

} // namespace nabblet
