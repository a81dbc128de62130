#include "core/catalogue/likely_links.h"

#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "core/words/name_words.h"
#include "core/words/word_set.h"

#include <QMap>

#include <algorithm>
#include <optional>

namespace nabblet {

namespace {

constexpr double LeastFound = 0.9;     // the share of values that must be there
constexpr qsizetype MostForColumn = 3; // links that are tried
constexpr int PlainName = 3;           // points of a name that needs no values to be believed
constexpr qsizetype MostTogether = 4;  // columns of a key that is pointed to as a whole

// Words behind which a column's name says what it points to.
const QSet<QString> &keyWords()
{
    static const QSet<QString> table = wordSet("id no nr key fk ref num number uid uuid code");
    return table;
}

// A table by the words it is called by.
struct Named
{
    const Table *table = nullptr;
    QStringList stems; // without what all tables begin with
};

QList<Named> namedTables(const Catalogue &catalogue)
{
    QStringList names;
    for (const Table &table : catalogue.tables) {
        names.append(readableName(table));
    }
    const QString prefix = sharedPrefix(names);
    QList<Named> result;
    for (qsizetype i = 0; i < catalogue.tables.size(); ++i) {
        const Table &table = catalogue.tables.at(i);
        const bool hasKey =
            !table.primaryKey.isEmpty() || std::any_of(table.uniqueKeys.begin(), table.uniqueKeys.end(),
                                                       [](const UniqueKey &key) { return key.columns.size() == 1; });
        if (table.kind == TableKind::Table && hasKey) {
            result.append({&table, singularWords(names.at(i).mid(prefix.size()))});
        }
    }
    return result;
}

enum class Values { None, Numbers, Texts };

Values valuesOf(const Column &column)
{
    return column.type == ColumnType::WholeNumber ? Values::Numbers
           : column.type == ColumnType::Text      ? Values::Texts
                                                  : Values::None;
}

// The column that rows of a table are pointed to by: its key, or a unique column of the same name as what points.
QString pointedTo(const Table &table, const Column &from)
{
    const auto isFitting = [&](const QString &name) {
        const Column *column = findColumn(table, name);
        return column && valuesOf(*column) == valuesOf(from);
    };
    QStringList unique;
    for (const UniqueKey &key : table.uniqueKeys) {
        if (key.columns.size() == 1) {
            unique.append(key.columns.first());
        }
    }
    for (const QString &column : std::as_const(unique)) {
        if (column.compare(from.name, Qt::CaseInsensitive) == 0 && isFitting(column)) {
            return column;
        }
    }
    if (table.primaryKey.size() == 1 && isFitting(table.primaryKey.first())) {
        return table.primaryKey.first();
    }
    const auto found = std::find_if(unique.begin(), unique.end(), isFitting);
    return found == unique.end() ? QString() : *found;
}

// How much a column's name says that it points to a table, 0 for nothing. words: of the name, in the singular.
int pointsOfName(const QStringList &words, const Named &to)
{
    if (to.stems.isEmpty() || words.isEmpty()) {
        return 0;
    }
    const bool isKey = words.size() > 1 && keyWords().contains(words.last());
    const QStringList said = isKey ? words.mid(0, words.size() - 1) : words;
    if (said == to.stems) {
        return isKey ? PlainName : 2;
    }
    // "parent_queue_id" to queues, "template_id" to graph templates.
    const bool endsSo = said.size() > to.stems.size() && said.mid(said.size() - to.stems.size()) == to.stems;
    const bool isEnd = to.stems.size() > said.size() && to.stems.mid(to.stems.size() - said.size()) == said;
    return isKey && (endsSo || isEnd) ? 1 : 0;
}

// A column called as the key of another table, where that is more than "id".
bool isCalledAsKey(const Column &column, const Table &other)
{
    return other.primaryKey.size() == 1 && other.primaryKey.first().compare(column.name, Qt::CaseInsensitive) == 0 &&
           wordsOfName(readableName(column)).size() > 1;
}

// The column by which a table's rows would name a column of another table's key: called alike, or with that table's
// name before it ("line_no" or "order_line_no" to the "no" of order lines); nullptr for none.
const Column *calledAs(const Table &table, const Column &key, const QStringList &stems)
{
    const QStringList words = singularWords(readableName(key));
    const Column *found = nullptr;
    for (const Column &column : table.columns) {
        if (valuesOf(column) != valuesOf(key) || valuesOf(column) == Values::None) {
            continue;
        }
        if (column.name.compare(key.name, Qt::CaseInsensitive) == 0) {
            return &column;
        }
        if (!found && singularWords(readableName(column)) == stems + words) {
            found = &column;
        }
    }
    return found;
}

// The link of a table to the whole of another one's key of several columns, where each of them is named. Tables that
// have the same key go along with one another, and none of them is said to be the first.
std::optional<LikelyLink> linkToWholeKey(const Table &table, const Named &to)
{
    const QStringList &key = to.table->primaryKey;
    LikelyLink link{{table.name, {{}, to.table->name, key, LinkRule::Nothing}}, PlainName};
    QStringList &columns = link.link.link.columns;
    for (const QString &name : key) {
        const Column *part = findColumn(*to.table, name);
        const Column *column = part ? calledAs(table, *part, to.stems) : nullptr;
        if (!column || columns.contains(column->name)) {
            return {};
        }
        columns.append(column->name);
        const bool saysWhat =
            column->name.compare(name, Qt::CaseInsensitive) != 0 || wordsOfName(readableName(*column)).size() > 1;
        link.points = saysWhat ? link.points : 2; // "year" and "number" may be those of anything
    }
    const auto areSame = [](const QStringList &a, const QStringList &b) {
        return QSet<QString>(a.begin(), a.end()) == QSet<QString>(b.begin(), b.end());
    };
    const bool isDeclared = std::any_of(table.foreignKeys.begin(), table.foreignKeys.end(),
                                        [&](const ForeignKey &own) { return areSame(own.columns, columns); });
    if (isDeclared || areSame(table.primaryKey, columns)) {
        return {};
    }
    return link;
}

// Those over several columns. Where many tables have a key called so ("authority" and "code"), none of them is meant.
QList<LikelyLink> linksToWholeKeys(const Catalogue &catalogue, const QList<Named> &tables)
{
    QList<LikelyLink> found;
    for (const Table &table : catalogue.tables) {
        QMap<QStringList, QList<LikelyLink>> ofTable; // by its columns
        for (const Named &other : tables) {
            const qsizetype columns = other.table->primaryKey.size();
            if (table.kind == TableKind::Table && other.table != &table && columns > 1 && columns <= MostTogether) {
                if (const std::optional<LikelyLink> link = linkToWholeKey(table, other)) {
                    QStringList sorted = link->link.link.columns;
                    sorted.sort();
                    ofTable[sorted].append(*link);
                }
            }
        }
        for (const QList<LikelyLink> &links : std::as_const(ofTable)) {
            found += links.size() <= MostForColumn ? links : QList<LikelyLink>();
        }
    }
    return found;
}

} // namespace

QList<LikelyLink> linksByName(const Catalogue &catalogue)
{
    const QList<Named> tables = namedTables(catalogue);
    QList<LikelyLink> found;
    for (const Table &table : catalogue.tables) {
        if (table.kind != TableKind::Table) {
            continue;
        }
        for (const Column &column : table.columns) {
            const bool isLinked =
                std::any_of(table.foreignKeys.begin(), table.foreignKeys.end(),
                            [&](const ForeignKey &link) { return link.columns.contains(column.name); });
            if (isLinked || column.numbersItself || column.isGenerated || valuesOf(column) == Values::None ||
                !column.choices.isEmpty()) {
                continue;
            }
            const QStringList words = singularWords(readableName(column));
            QList<LikelyLink> ofColumn;
            for (const Named &other : tables) {
                const bool isOwnKey = other.table == &table && table.primaryKey.contains(column.name);
                const int points = other.table != &table && isCalledAsKey(column, *other.table)
                                       ? PlainName
                                       : pointsOfName(words, other);
                const QString key = points > 0 && !isOwnKey ? pointedTo(*other.table, column) : QString();
                if (!key.isEmpty() && !(other.table == &table && key == column.name)) {
                    ofColumn.append(
                        {{table.name, {{column.name}, other.table->name, {key}, LinkRule::Nothing}}, points});
                }
            }
            // A key that several tables have in common ("hostid" of what belongs to a host) is the plainest table's.
            const auto wordsOfParent = [&](const LikelyLink &each) {
                return wordsOfName(readableName(*findTable(catalogue, each.link.link.parentTable))).size();
            };
            std::stable_sort(ofColumn.begin(), ofColumn.end(), [&](const LikelyLink &a, const LikelyLink &b) {
                return a.points != b.points ? a.points > b.points : wordsOfParent(a) < wordsOfParent(b);
            });
            found += ofColumn.mid(0, MostForColumn);
        }
    }
    return found + linksToWholeKeys(catalogue, tables);
}

QList<LikelyLink> linksBetween(const Catalogue &catalogue, const QString &table, const QString &parent)
{
    QList<LikelyLink> links;
    for (const LikelyLink &each : linksByName(catalogue)) {
        if (each.link.table == table && each.link.link.parentTable == parent) {
            links.append(each);
        }
    }
    std::stable_sort(links.begin(), links.end(),
                     [](const LikelyLink &a, const LikelyLink &b) { return a.points > b.points; });
    const Table *from = findTable(catalogue, table);
    const Table *to = findTable(catalogue, parent);
    if (!from || !to) {
        return links;
    }
    for (const Column &column : from->columns) {
        const bool isThere = std::any_of(links.begin(), links.end(), [&](const LikelyLink &each) {
            return each.link.link.columns == QStringList{column.name};
        });
        const QString key =
            isThere || column.numbersItself || valuesOf(column) == Values::None ? QString() : pointedTo(*to, column);
        if (!key.isEmpty() && !(from == to && key == column.name)) {
            links.append({{table, {{column.name}, parent, {key}, LinkRule::Nothing}}, 0});
        }
    }
    return links;
}

bool isBorneOut(const LikelyLink &link, const LinkEvidence &evidence)
{
    if (evidence.values == 0) {
        return link.points >= PlainName;
    }
    return static_cast<double>(evidence.found) >= LeastFound * static_cast<double>(evidence.values);
}

QString evidenceInWords(const LikelyLink &link, const LinkEvidence &evidence)
{
    const QString table = titleFromTable(link.link.link.parentTable);
    if (evidence.values == 0) {
        return Texts::tr("by its name; nothing is stored there yet");
    }
    if (link.link.link.columns.size() > 1) { // which are looked for together, as they stand in a row
        if (evidence.found == evidence.values) {
            return evidence.isWhole
                       ? Texts::tr("%L1 of %L1 rows have theirs in “%2”").arg(evidence.values).arg(table)
                       : Texts::tr("the first %L1 rows all have theirs in “%2”").arg(evidence.values).arg(table);
        }
        return Texts::tr("%L1 of %L2 rows have theirs in “%3”; “%4” is not there")
            .arg(evidence.found)
            .arg(evidence.values)
            .arg(table, evidence.stranger);
    }
    if (evidence.found == evidence.values) {
        return evidence.isWhole ? Texts::tr("%L1 of %L1 values are in “%2”").arg(evidence.values).arg(table)
                                : Texts::tr("the first %L1 values are all in “%2”").arg(evidence.values).arg(table);
    }
    return Texts::tr("%L1 of %L2 values are in “%3”; “%4” is not")
        .arg(evidence.found)
        .arg(evidence.values)
        .arg(table, evidence.stranger);
}

} // namespace nabblet
