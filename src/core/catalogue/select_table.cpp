#include "core/catalogue/select_table.h"

#include "core/text/tr.h"

#include <QHash>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

bool combinesSelects(const QString &sql)
{
    static const QSet<QString> words{QStringLiteral("union"), QStringLiteral("intersect"), QStringLiteral("except")};
    const QList<SqlToken> tokens = sqlTokens(sql);
    return std::any_of(tokens.begin(), tokens.end(), [](const SqlToken &token) {
        return token.kind == SqlToken::Word && words.contains(token.text.toLower());
    });
}

// The result's name of each column of one table, by the table's own name; first appearances.
QHash<QString, QString> namesIn(const QList<SelectColumn> &columns, const QString &table)
{
    QHash<QString, QString> names;
    for (const SelectColumn &column : columns) {
        if (column.originTable == table && !names.contains(column.originColumn)) {
            names.insert(column.originColumn, column.name);
        }
    }
    return names;
}

bool holdsAll(const QHash<QString, QString> &names, const QStringList &columns)
{
    return !columns.isEmpty() &&
           std::all_of(columns.begin(), columns.end(), [&](const QString &column) { return names.contains(column); });
}

QStringList mapped(const QHash<QString, QString> &names, const QStringList &columns)
{
    QStringList result;
    for (const QString &column : columns) {
        result.append(names.value(column));
    }
    return result;
}

// The table that rows are written to, or nullptr.
const Table *writtenTable(const Catalogue &catalogue, const QList<SelectColumn> &columns)
{
    QList<const Table *> whole;
    for (const SelectColumn &column : columns) {
        const Table *table = findTable(catalogue, column.originTable);
        if (table && table->kind == TableKind::Table && !whole.contains(table) &&
            holdsAll(namesIn(columns, table->name), table->primaryKey)) {
            whole.append(table);
        }
    }
    for (const Table *table : std::as_const(whole)) {
        const bool isPointedTo = std::any_of(whole.begin(), whole.end(), [&](const Table *other) {
            return other != table &&
                   std::any_of(other->foreignKeys.begin(), other->foreignKeys.end(),
                               [&](const ForeignKey &link) { return link.parentTable == table->name; });
        });
        if (!isPointedTo) {
            return table;
        }
    }
    return whole.value(0);
}

} // namespace

Table tableOfSelect(const Catalogue &catalogue, const QString &name, const QString &sql,
                    const QList<SelectColumn> &columns)
{
    Table table;
    table.name = name;
    table.kind = TableKind::Select;
    table.select = sql;
    const bool isCombined = combinesSelects(sql);
    const Table *written = isCombined ? nullptr : writtenTable(catalogue, columns);
    const QHash<QString, QString> names = written ? namesIn(columns, written->name) : QHash<QString, QString>();
    for (const SelectColumn &each : columns) {
        const Table *origin = findTable(catalogue, each.originTable);
        const Column *own = origin ? findColumn(*origin, each.originColumn) : nullptr;
        Column column;
        if (own) {
            column = *own;
            column.origin = own->name;
        } else {
            takeDeclaredType(column, each.declaredType);
        }
        if (column.name != each.name) {
            column.parted.clear(); // of the other name
        }
        column.name = each.name;
        if (isCombined) {
            column.readOnlyReason = Texts::tr("put together from several SELECTs");
        } else if (!own) {
            column.readOnlyReason = Texts::tr("worked out by the SELECT");
        } else if (!written) {
            column.readOnlyReason = origin->primaryKey.isEmpty()
                                        ? Texts::tr("“%1” has no key to write by").arg(origin->name)
                                        : Texts::tr("the key of “%1” is not there: %2")
                                              .arg(origin->name, origin->primaryKey.join(QStringLiteral(", ")));
        } else if (origin != written) {
            column.readOnlyReason =
                Texts::tr("comes from “%1”; rows are written to “%2”").arg(origin->name, written->name);
        } else if (names.value(own->name) != each.name) {
            column.readOnlyReason = Texts::tr("the same column as “%1”").arg(names.value(own->name));
        }
        if (!column.readOnlyReason.isEmpty()) {
            column.isRequired = false;
            column.numbersItself = false;
            column.hasDefault = false;
        }
        table.columns.append(column);
    }
    if (!written) {
        return table;
    }
    table.writesTo = written->name;
    table.primaryKey = mapped(names, written->primaryKey);
    if (holdsAll(names, written->naming)) {
        table.naming = mapped(names, written->naming);
        table.goesByName = written->goesByName;
    }
    for (const UniqueKey &key : written->uniqueKeys) {
        if (holdsAll(names, key.columns)) {
            table.uniqueKeys.append({mapped(names, key.columns)});
        }
    }
    for (const ForeignKey &link : written->foreignKeys) {
        if (holdsAll(names, link.columns)) {
            table.foreignKeys.append(
                {mapped(names, link.columns), link.parentTable, link.parentColumns, link.onDelete});
        }
    }
    return table;
}

Table withRepeatedKey(const Table &table)
{
    Table result = table;
    for (Column &column : result.columns) {
        if (column.readOnlyReason.isEmpty()) {
            column.readOnlyReason = Texts::tr("rows of “%1” come up more than once").arg(table.writesTo);
        }
        column.isRequired = column.numbersItself = column.hasDefault = false;
    }
    result.writesTo.clear();
    result.primaryKey.clear();
    result.repeatsKey = true;
    return result;
}

QList<SqlToken> orderOfRows(const QString &sql)
{
    const QList<SqlToken> tokens = sqlTokens(sql);
    int depth = 0;
    for (qsizetype i = 0; i + 1 < tokens.size(); ++i) {
        const SqlToken &token = tokens.at(i);
        if (token.kind == SqlToken::Sign) {
            depth += token.text == QLatin1String("(") ? 1 : token.text == QLatin1String(")") ? -1 : 0;
        } else if (depth == 0 && token.kind == SqlToken::Word &&
                   token.text.compare(QLatin1String("order"), Qt::CaseInsensitive) == 0 &&
                   tokens.at(i + 1).text.compare(QLatin1String("by"), Qt::CaseInsensitive) == 0) {
            return tokens.mid(i + 2);
        }
    }
    return {};
}

bool ordersItsRows(const QString &sql)
{
    return !orderOfRows(sql).isEmpty();
}

} // namespace nabblet
