#include "core/catalogue/catalogue.h"

#include <algorithm>

namespace nabblet {

void takeDeclaredType(Column &column, const QString &declared)
{
    const DeclaredType type = readDeclaredType(declared);
    column.declaredType = declared;
    column.type = type.type;
    column.length = type.length;
    column.decimals = type.decimals;
    column.least = type.least;
    column.most = type.most;
}

const Table *findTable(const Catalogue &catalogue, const QString &name)
{
    for (const Table &table : catalogue.tables) {
        if (table.name == name) {
            return &table;
        }
    }
    return nullptr;
}

QStringList columnNames(const Table &table)
{
    QStringList names;
    for (const Column &column : table.columns) {
        names.append(column.name);
    }
    return names;
}

const Column *findColumn(const Table &table, const QString &name)
{
    for (const Column &column : table.columns) {
        if (column.name == name) {
            return &column;
        }
    }
    return nullptr;
}

const ForeignKey *findLink(const Table &table, const QString &column)
{
    for (const ForeignKey &key : table.foreignKeys) {
        if (key.columns.size() == 1 && key.columns.first() == column) {
            return &key;
        }
    }
    return nullptr;
}

namespace {

// For each link over several columns the column that stands for it: the last that has no link of its own and stands for
// no other one; empty where there is none left.
QStringList leadersOf(const Table &table)
{
    QStringList leaders;
    for (const ForeignKey &link : table.foreignKeys) {
        QString leader;
        if (link.columns.size() > 1 && link.columns.size() == link.parentColumns.size()) {
            for (const QString &column : link.columns) {
                leader = findLink(table, column) || leaders.contains(column) ? leader : column;
            }
        }
        leaders.append(leader);
    }
    return leaders;
}

} // namespace

const ForeignKey *ledLink(const Table &table, const QString &column)
{
    if (const ForeignKey *own = findLink(table, column)) {
        return own;
    }
    const qsizetype index = column.isEmpty() ? -1 : leadersOf(table).indexOf(column);
    return index < 0 ? nullptr : &table.foreignKeys.at(index);
}

QString leaderOf(const Table &table, const QString &column)
{
    if (ledLink(table, column)) {
        return {};
    }
    const QStringList leaders = leadersOf(table);
    for (qsizetype i = 0; i < leaders.size(); ++i) {
        if (!leaders.at(i).isEmpty() && table.foreignKeys.at(i).columns.contains(column)) {
            return leaders.at(i);
        }
    }
    return {};
}

QList<ChildRows> childrenOf(const Catalogue &catalogue, const QString &table)
{
    QList<ChildRows> children;
    for (const Table &other : catalogue.tables) {
        for (const ForeignKey &link : other.foreignKeys) {
            if (link.parentTable == table && !link.columns.isEmpty() &&
                link.columns.size() == link.parentColumns.size()) {
                children.append({other.name, link});
            }
        }
    }
    return children;
}

bool isJunction(const Table &table)
{
    if (table.foreignKeys.size() != 2) {
        return false;
    }
    return std::all_of(table.columns.begin(), table.columns.end(), [&](const Column &column) {
        const bool isLinked = std::any_of(table.foreignKeys.begin(), table.foreignKeys.end(),
                                          [&](const ForeignKey &link) { return link.columns.contains(column.name); });
        return isLinked || column.numbersItself || column.isGenerated ||
               (column.hasDefault && column.type == ColumnType::DateTime);
    });
}

namespace {

bool isCalledName(const QString &column)
{
    const QString lower = column.toLower();
    return lower == QLatin1String("name") || lower == QLatin1String("title") ||
           lower.endsWith(QLatin1String("_name")) || lower.endsWith(QLatin1String("_title"));
}

} // namespace

QString namingColumn(const Table &table)
{
    QString uniqueText;
    for (const UniqueKey &key : table.uniqueKeys) {
        const Column *column = key.columns.size() == 1 ? findColumn(table, key.columns.first()) : nullptr;
        if (column && column->type == ColumnType::Text && column->isRequired) {
            if (isCalledName(column->name)) {
                return column->name;
            }
            if (uniqueText.isEmpty()) {
                uniqueText = column->name;
            }
        }
    }
    QString required;
    QString any;
    for (const Column &column : table.columns) {
        if (column.type != ColumnType::Text || table.primaryKey.contains(column.name) || findLink(table, column.name)) {
            continue;
        }
        if (isCalledName(column.name)) {
            return column.name;
        }
        if (required.isEmpty() && column.isRequired) {
            required = column.name;
        }
        if (any.isEmpty()) {
            any = column.name;
        }
    }
    for (const QString &candidate : {uniqueText, required, any}) {
        if (!candidate.isEmpty()) {
            return candidate;
        }
    }
    if (!table.primaryKey.isEmpty()) {
        return table.primaryKey.first();
    }
    return table.columns.isEmpty() ? QString() : table.columns.first().name;
}

bool namesRows(const Table &table, const QString &column)
{
    const bool isUnique = std::any_of(table.uniqueKeys.begin(), table.uniqueKeys.end(),
                                      [&](const UniqueKey &key) { return key.columns == QStringList{column}; });
    return isUnique || table.primaryKey == QStringList{column} || isCalledName(column);
}

QStringList tellingColumns(const Table &table)
{
    const auto firstOf = [&](std::initializer_list<const char *> names) {
        for (const char *name : names) {
            for (const Column &column : table.columns) {
                if (column.name.compare(QLatin1String(name), Qt::CaseInsensitive) == 0) {
                    return column.name;
                }
            }
        }
        return QString();
    };
    const QString given = firstOf({"given_name", "first_name", "forename"});
    const QString family = firstOf({"family_name", "last_name", "surname"});
    if (!given.isEmpty() && !family.isEmpty()) {
        return {family, given};
    }
    const QString naming = namingColumn(table);
    bool isUnique = table.primaryKey == QStringList{naming};
    QString code;
    for (const UniqueKey &key : table.uniqueKeys) {
        const Column *column = key.columns.size() == 1 ? findColumn(table, key.columns.first()) : nullptr;
        isUnique = isUnique || (column && column->name == naming);
        if (column && column->isRequired && column->type == ColumnType::Text && code.isEmpty()) {
            code = column->name;
        }
    }
    return isUnique || code.isEmpty() ? QStringList{naming} : QStringList{code, naming};
}

QStringList wordsOfRow(const Table &table)
{
    const QStringList telling = tellingColumns(table);
    const bool isPartOfKey =
        telling.size() == 1 && table.primaryKey.size() > 1 && table.primaryKey.contains(telling.first());
    if (!isPartOfKey) {
        return telling;
    }
    QStringList words = table.primaryKey;
    for (const Column &column : table.columns) {
        if (column.type == ColumnType::Text && !words.contains(column.name)) {
            words.append(column.name);
            break;
        }
    }
    return words;
}

} // namespace nabblet
