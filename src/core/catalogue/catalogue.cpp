#include "core/catalogue/catalogue.h"

#include "core/catalogue/row_names.h"

#include <algorithm>

namespace nabblet {

Table::Table() = default;
Table::Table(const Table &other) = default;
Table::Table(Table &&other) noexcept = default;
Table &Table::operator=(const Table &other) = default;
Table &Table::operator=(Table &&other) noexcept = default;
Table::~Table() = default;

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

QString readableName(const Column &column)
{
    return column.parted.isEmpty() ? column.name : column.parted;
}

QString readableName(const Table &table)
{
    return table.parted.isEmpty() ? table.name : table.parted;
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

Catalogue withLinks(const Catalogue &catalogue, const QList<TableLink> &links)
{
    Catalogue result = catalogue;
    const auto holdsAll = [](const Table &table, const QStringList &columns) {
        return !columns.isEmpty() && std::all_of(columns.begin(), columns.end(), [&](const QString &name) {
            return findColumn(table, name) != nullptr;
        });
    };
    for (const TableLink &each : links) {
        const Table *parent = findTable(catalogue, each.link.parentTable);
        if (!parent || !holdsAll(*parent, each.link.parentColumns) ||
            each.link.columns.size() != each.link.parentColumns.size()) {
            continue;
        }
        for (Table &table : result.tables) {
            const bool isThere = std::any_of(table.foreignKeys.begin(), table.foreignKeys.end(),
                                             [&](const ForeignKey &own) { return own.columns == each.link.columns; });
            if (table.name == each.table && !isThere && holdsAll(table, each.link.columns)) {
                ForeignKey link = each.link;
                link.onDelete = LinkRule::Nothing;
                table.foreignKeys.append(link);
            }
        }
    }
    return result;
}

QList<TableLink> linksOfProject(const Catalogue &catalogue)
{
    QList<TableLink> links;
    for (const Table &table : catalogue.tables) {
        for (const ForeignKey &link : table.foreignKeys) {
            if (link.onDelete == LinkRule::Nothing) {
                links.append({table.name, link});
            }
        }
    }
    return links;
}

QString ruleName(const Check &check)
{
    return check.name.isEmpty() ? check.expression.simplified() : check.name;
}

QString ruleName(const Table &table, const QStringList &uniqueColumns)
{
    QStringList names = table.constraints.keys();
    names.sort(); // a link may be over the same columns
    for (const QString &name : std::as_const(names)) {
        if (table.constraints.value(name) == uniqueColumns) {
            return name;
        }
    }
    return uniqueColumns.join(QLatin1String(", "));
}

Catalogue withSentences(const Catalogue &catalogue, const QList<RuleSentence> &sentences)
{
    Catalogue result = catalogue;
    for (const RuleSentence &each : sentences) {
        const auto table = std::find_if(result.tables.begin(), result.tables.end(),
                                        [&](const Table &one) { return one.name == each.table; });
        if (table != result.tables.end()) {
            table->sentences.insert(each.rule, each.sentence);
        }
    }
    return result;
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

QString namingColumn(const Table &table)
{
    const QStringList telling = tellingColumns(table);
    return telling.isEmpty() ? QString() : telling.first();
}

bool namesRows(const Table &table, const QString &column)
{
    const bool isUnique = std::any_of(table.uniqueKeys.begin(), table.uniqueKeys.end(),
                                      [&](const UniqueKey &key) { return key.columns == QStringList{column}; });
    if (isUnique || table.primaryKey == QStringList{column}) {
        return true;
    }
    const Naming naming = table.naming.isEmpty() ? namingOf(table, {}) : Naming{table.naming, table.goesByName};
    return naming.isName && naming.columns.contains(column);
}

QStringList tellingColumns(const Table &table)
{
    return table.naming.isEmpty() ? namingOf(table, {}).columns : table.naming;
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
