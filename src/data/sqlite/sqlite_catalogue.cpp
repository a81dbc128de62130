// The catalogue of an SQLite database, read with its pragma functions (https://www.sqlite.org/pragma.html#pragfunc).
// Names go in as bound values, never as SQL text.
#include "data/sqlite/sqlite_parts.h"

#include "core/catalogue/create_statement.h"

#include <QHash>
#include <QSqlQuery>

#include <algorithm>

namespace nabblet {

namespace {

// Runs one query with bound values and hands each row to a function.
template <typename TakeRow>
bool forEachRow(const QSqlDatabase &database, const QString &sql, const QVariantList &values, QSqlError *error,
                TakeRow take)
{
    QSqlQuery query(database);
    query.setForwardOnly(true);
    bool isGood = query.prepare(sql);
    for (const QVariant &value : values) {
        query.addBindValue(value);
    }
    isGood = isGood && query.exec();
    while (isGood && query.next()) {
        take(query);
    }
    *error = query.lastError();
    return isGood && error->type() == QSqlError::NoError;
}

void addColumn(Table &table, const QSqlQuery &row, bool isAutoNumber)
{
    // name, type, notnull, dflt_value, pk, hidden
    Column column;
    column.name = row.value(0).toString();
    takeDeclaredType(column, row.value(1).toString());
    column.isRequired = row.value(2).toBool();
    column.hasDefault = !row.value(3).isNull();
    column.defaultExpression = row.value(3).toString();
    const int hidden = row.value(5).toInt(); // 2: generated, virtual; 3: generated, stored
    column.isGenerated = hidden == 2 || hidden == 3;
    column.numbersItself = isAutoNumber;
    for (const Check &check : std::as_const(table.checks)) {
        const QVariantList choices = choicesOfCheck(check.expression, column.name);
        if (!choices.isEmpty()) {
            column.choices = choices;
        }
    }
    table.columns.append(column);
}

// A name for SQLite's row number that no column hides, or nothing.
QString freeRowNumberName(const Table &table)
{
    for (const char *candidate : {"rowid", "_rowid_", "oid"}) {
        const QString name = QString::fromLatin1(candidate);
        const bool isTaken = std::any_of(table.columns.begin(), table.columns.end(), [&](const Column &column) {
            return column.name.compare(name, Qt::CaseInsensitive) == 0;
        });
        if (!isTaken) {
            return name;
        }
    }
    return {};
}

// https://www.sqlite.org/foreignkeys.html#fk_actions
LinkRule linkRule(const QString &action)
{
    return action == QLatin1String("CASCADE")                                              ? LinkRule::Deletes
           : action == QLatin1String("SET NULL") || action == QLatin1String("SET DEFAULT") ? LinkRule::LetsGo
                                                                                           : LinkRule::Keeps;
}

bool readTable(const QSqlDatabase &database, Table &table, const QString &statement, bool hasRowNumber,
               QSqlError *error)
{
    table.checks = checksOfCreateTable(statement);

    // SQLite numbers the rows itself when the key is one column declared exactly INTEGER
    // (https://www.sqlite.org/lang_createtable.html#rowid).
    struct KeyColumn
    {
        int place;
        QString name;
        QString type;
    };
    QList<KeyColumn> key;
    QString columnsQuery = QStringLiteral(
        "SELECT name, type, \"notnull\", dflt_value, pk, hidden FROM pragma_table_xinfo(?) ORDER BY cid");
    if (!forEachRow(database, columnsQuery, {table.name}, error, [&](const QSqlQuery &row) {
            if (row.value(4).toInt() > 0) {
                key.append({row.value(4).toInt(), row.value(0).toString(), row.value(1).toString()});
            }
        })) {
        return false;
    }
    std::sort(key.begin(), key.end(), [](const KeyColumn &a, const KeyColumn &b) { return a.place < b.place; });
    for (const KeyColumn &column : key) {
        table.primaryKey.append(column.name);
    }
    const bool isNumbered =
        hasRowNumber && key.size() == 1 && key.first().type.compare(QLatin1String("INTEGER"), Qt::CaseInsensitive) == 0;
    if (!forEachRow(database, columnsQuery, {table.name}, error, [&](const QSqlQuery &row) {
            if (row.value(5).toInt() != 1) { // 1: a hidden column of a virtual table
                addColumn(table, row, isNumbered && row.value(0).toString() == table.primaryKey.first());
            }
        })) {
        return false;
    }

    // A key that may hold NULL does not name every row; the row number does.
    bool keyMayBeNull = false;
    for (const QString &name : std::as_const(table.primaryKey)) {
        const Column *column = findColumn(table, name);
        keyMayBeNull = keyMayBeNull || (column && !column->isRequired && !column->numbersItself);
    }
    if (hasRowNumber && (table.primaryKey.isEmpty() || keyMayBeNull)) {
        table.rowNumberName = freeRowNumberName(table);
    }

    QStringList uniqueIndexes;
    if (!forEachRow(
            database,
            QStringLiteral("SELECT name FROM pragma_index_list(?) WHERE \"unique\" AND NOT partial ORDER BY seq DESC"),
            {table.name}, error, [&](const QSqlQuery &row) { uniqueIndexes.append(row.value(0).toString()); })) {
        return false;
    }
    for (const QString &index : std::as_const(uniqueIndexes)) {
        UniqueKey unique;
        bool isOfColumns = true;
        if (!forEachRow(database, QStringLiteral("SELECT name FROM pragma_index_info(?) ORDER BY seqno"), {index},
                        error, [&](const QSqlQuery &row) {
                            isOfColumns = isOfColumns && !row.value(0).isNull();
                            unique.columns.append(row.value(0).toString());
                        })) {
            return false;
        }
        if (isOfColumns && unique.columns != table.primaryKey) {
            table.uniqueKeys.append(unique);
        }
    }

    QHash<int, qsizetype> links;
    return forEachRow(
        database,
        QStringLiteral("SELECT id, \"table\", \"from\", \"to\", on_delete FROM pragma_foreign_key_list(?) "
                       "ORDER BY id DESC, seq"),
        {table.name}, error, [&](const QSqlQuery &row) {
            const int id = row.value(0).toInt();
            if (!links.contains(id)) {
                links.insert(id, table.foreignKeys.size());
                table.foreignKeys.append(
                    ForeignKey{{}, row.value(1).toString(), {}, linkRule(row.value(4).toString())});
            }
            ForeignKey &link = table.foreignKeys[links.value(id)];
            link.columns.append(row.value(2).toString());
            if (!row.value(3).isNull()) {
                link.parentColumns.append(row.value(3).toString());
            }
        });
}

// A column's name as its table declares it; SQLite takes it in any mixture of small and capital letters.
QString declaredName(const Table &table, const QString &name)
{
    for (const Column &column : table.columns) {
        if (column.name.compare(name, Qt::CaseInsensitive) == 0) {
            return column.name;
        }
    }
    return name;
}

// A link that names no columns of its parent means the parent's key; names are as the tables declare them.
void completeLinks(Catalogue &catalogue)
{
    const Catalogue declared = catalogue;
    for (Table &table : catalogue.tables) {
        for (ForeignKey &link : table.foreignKeys) {
            for (QString &name : link.columns) {
                name = declaredName(table, name);
            }
            for (const Table &parent : declared.tables) {
                if (parent.name.compare(link.parentTable, Qt::CaseInsensitive) == 0) {
                    link.parentTable = parent.name;
                    if (link.parentColumns.isEmpty()) {
                        link.parentColumns = parent.primaryKey;
                    }
                    for (QString &name : link.parentColumns) {
                        name = declaredName(parent, name);
                    }
                }
            }
        }
    }
}

} // namespace

Result<Catalogue> readSqliteCatalogue(const QSqlDatabase &database, const DatabaseAddress &address)
{
    struct Entry
    {
        Table table;
        QString statement;
        bool hasRowNumber = false;
        bool mayFail = false; // it depends on something that may be gone
    };
    QList<Entry> entries;
    QSqlError error;
    const auto fail = [&] { return sqliteDialect().explainFailure(error, address); };
    const bool isListed =
        forEachRow(database,
                   QStringLiteral("SELECT l.name, l.type, l.wr, s.sql FROM pragma_table_list l "
                                  "LEFT JOIN sqlite_schema s ON s.name = l.name AND s.type IN ('table', 'view') "
                                  "WHERE l.schema = 'main' AND l.type IN ('table', 'view', 'virtual') "
                                  "AND l.name NOT LIKE 'sqlite\\_%' ESCAPE '\\' "
                                  "ORDER BY l.type = 'view', l.name COLLATE NOCASE"),
                   {}, &error, [&](const QSqlQuery &row) {
                       Entry entry;
                       entry.table.name = row.value(0).toString();
                       const bool isView = row.value(1).toString() == QLatin1String("view");
                       entry.table.kind = isView ? TableKind::View : TableKind::Table;
                       entry.mayFail = row.value(1).toString() != QLatin1String("table");
                       entry.hasRowNumber = !isView && !row.value(2).toBool();
                       entry.statement = isView ? QString() : row.value(3).toString();
                       entries.append(entry);
                   });
    if (!isListed) {
        return fail();
    }
    Catalogue catalogue;
    for (Entry &entry : entries) {
        if (!readTable(database, entry.table, entry.statement, entry.hasRowNumber, &error)) {
            // A view over a table that is gone, or a virtual table whose module is, must not keep the other tables from
            // being seen.
            if (entry.mayFail) {
                continue;
            }
            return fail();
        }
        catalogue.tables.append(entry.table);
    }
    completeLinks(catalogue);
    const bool isTriggersRead = forEachRow(
        database, QStringLiteral("SELECT tbl_name, sql FROM sqlite_schema WHERE type = 'trigger'"), {}, &error,
        [&](const QSqlQuery &row) {
            const QList<SqlToken> tokens = sqlTokens(row.value(1).toString());
            // CREATE TRIGGER … [BEFORE|AFTER] DELETE ON table
            for (qsizetype i = 0; i + 1 < tokens.size(); ++i) {
                const bool isOnDelete = tokens.at(i).text.compare(QLatin1String("delete"), Qt::CaseInsensitive) == 0 &&
                                        tokens.at(i + 1).text.compare(QLatin1String("on"), Qt::CaseInsensitive) == 0;
                for (Table &table : catalogue.tables) {
                    table.actsOnDelete =
                        table.actsOnDelete ||
                        (isOnDelete && table.name.compare(row.value(0).toString(), Qt::CaseInsensitive) == 0);
                }
            }
        });
    if (!isTriggersRead) {
        return fail();
    }
    return catalogue;
}

} // namespace nabblet
