// Which rows of other tables a draft shows with each record.
#include "core/draft/captions.h"
#include "core/draft/draft_plan.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"
#include "core/words/name_words.h"
#include "core/words/word_set.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostTakenByItself = 3; // children that a draft takes unasked
constexpr qsizetype MostOfRow = 18;  // columns of those that it does

bool isAllRequired(const Table &table, const QStringList &columns)
{
    return std::all_of(columns.begin(), columns.end(), [&](const QString &name) {
        const Column *column = findColumn(table, name);
        return column && column->isRequired;
    });
}

// Whether people know a row by a code or name of its own, so that it is more than a line of another record.
bool isKnownByItself(const Table &table)
{
    for (const UniqueKey &key : table.uniqueKeys) {
        const Column *column = key.columns.size() == 1 ? findColumn(table, key.columns.first()) : nullptr;
        if (column && column->isRequired && column->type == ColumnType::Text) {
            return true;
        }
    }
    const Column *key = table.primaryKey.size() == 1 ? findColumn(table, table.primaryKey.first()) : nullptr;
    return key && key->type == ColumnType::Text;
}

// Whether a table is kept by programs for themselves: nobody looks for its rows with a record.
bool isKeptByPrograms(const Table &table)
{
    static const QSet<QString> words =
        wordSet("log cache session audit token tmp temp lock stat statistic trend backup rtdata sync changelog");
    const QStringList name = singularWords(readableName(table));
    return std::any_of(name.begin(), name.end(), [](const QString &word) { return words.contains(word); });
}

// Whether a row says something by itself, besides what it points to: a text, a date, an amount, or another row that it
// points to.
bool saysSomething(const Table &table, const ForeignKey &link)
{
    return std::any_of(table.columns.begin(), table.columns.end(), [&](const Column &column) {
        const bool isOfLink = link.columns.contains(column.name);
        const bool isNumber = column.type == ColumnType::WholeNumber && !ledLink(table, column.name);
        return !isOfLink && !column.numbersItself && !isNumber;
    });
}

// Whether rows of a table belong to the row they point to and to nothing else: the link is part of their key, or it is
// the first link they must have and they go by no name of their own.
bool belongs(const Table &child, const ForeignKey &link, const QString &parent)
{
    if (child.kind != TableKind::Table || child.name == parent || isKeptByPrograms(child) ||
        !saysSomething(child, link)) {
        return false;
    }
    const bool isInKey = std::all_of(link.columns.begin(), link.columns.end(),
                                     [&](const QString &column) { return child.primaryKey.contains(column); });
    if (isInKey && (child.primaryKey.size() > link.columns.size() || isJunction(child))) {
        return true;
    }
    const ForeignKey *first = nullptr;
    for (const Column &column : child.columns) {
        const ForeignKey *led = ledLink(child, column.name);
        if (!first && led && isAllRequired(child, led->columns)) {
            first = led;
        }
    }
    const bool isFirst = first && first->columns == link.columns && first->parentTable == link.parentTable;
    return isFirst && !isKnownByItself(child);
}

// The far side of a table that only ties two others together.
const ForeignKey *farLink(const Table &junction, const QStringList &nearColumns)
{
    for (const ForeignKey &link : junction.foreignKeys) {
        if (link.columns != nearColumns) {
            return &link;
        }
    }
    return nullptr;
}

QString withSmallFirst(QString words)
{
    if (words.size() > 1 && words.at(1).isLower()) {
        words[0] = words.at(0).toLower();
    }
    return words;
}

} // namespace

std::vector<PlannedChild> plannedChildren(const Catalogue &catalogue, const Table &parent)
{
    std::vector<PlannedChild> children;
    const QList<ChildRows> all = childrenOf(catalogue, parent.name);
    for (const ChildRows &rows : all) {
        const Table *table = findTable(catalogue, rows.table);
        if (!table) {
            continue;
        }
        PlannedChild child;
        child.link = {rows.link.columns, rows.link.parentColumns};
        child.plan.table = rows.table;
        child.plan.arrangement = Arrangement::Tabular;
        child.plan.spacing = Spacing::Tight;
        child.plan.title = titleOf(*table);
        const ForeignKey *far = isJunction(*table) ? farLink(*table, rows.link.columns) : nullptr;
        if (far && far->parentTable != parent.name) {
            const Table *other = findTable(catalogue, far->parentTable);
            child.plan.title = other ? titleOf(*other) : titleFromTable(far->parentTable);
        }
        const auto sameTable =
            std::count_if(all.begin(), all.end(), [&](const ChildRows &each) { return each.table == rows.table; });
        if (sameTable > 1 || rows.table == parent.name) {
            child.plan.title = Texts::tr("%1 (%2)").arg(
                child.plan.title, withSmallFirst(captionOfColumn(*table, rows.link.columns.last())));
        }
        children.push_back(child);
    }
    return children;
}

void completeChild(const Catalogue &catalogue, PlannedChild &child, const WordList &words)
{
    const Table *table = findTable(catalogue, child.plan.table);
    if (!table || !child.plan.columns.isEmpty()) {
        return;
    }
    DraftPlan plan = planDraft(*table, nullptr, words);
    plan.title = child.plan.title;
    plan.arrangement = child.plan.arrangement;
    plan.spacing = child.plan.spacing;
    plan.look = child.plan.look;
    plan.namingPattern = child.plan.namingPattern;
    plan.filledColumns = child.link.childColumns;
    for (PlannedColumn &column : plan.columns) {
        if (child.link.childColumns.contains(column.column)) {
            column.isTaken = false;
            column.isRequired = false;
            column.reason = Texts::tr("filled by itself");
        } else if (isJunction(*table) && !ledLink(*table, column.column)) {
            column.isTaken = false;
        }
    }
    std::stable_partition(plan.columns.begin(), plan.columns.end(),
                          [](const PlannedColumn &column) { return column.isTaken; });
    plan.children = plannedChildren(catalogue, *table);
    child.plan = plan;
}

PlannedChild childByHand(const Catalogue &catalogue, const QString &table, const ChildLink &link, const WordList &words)
{
    PlannedChild child;
    child.link = link;
    child.isTaken = true;
    child.isByHand = true;
    child.plan.table = table;
    const Table *rows = findTable(catalogue, table);
    child.plan.title = rows ? titleOf(*rows) : titleFromTable(table);
    child.plan.arrangement = Arrangement::Tabular;
    child.plan.spacing = Spacing::Tight;
    completeChild(catalogue, child, words);
    return child;
}

DraftPlan planWithChildren(const Catalogue &catalogue, const Table &table, const Profile *profile,
                           const WordList &words)
{
    DraftPlan plan = planDraft(table, profile, words);
    plan.children = plannedChildren(catalogue, table);
    // A SELECT that leaves out what a new row must have is no place to add rows.
    if (const Table *written = table.writesTo.isEmpty() ? nullptr : findTable(catalogue, table.writesTo)) {
        for (const Column &column : written->columns) {
            const bool isThere = std::any_of(table.columns.begin(), table.columns.end(), [&](const Column &each) {
                return each.readOnlyReason.isEmpty() && each.origin == column.name;
            });
            const bool fillsItself = column.hasDefault || column.isGenerated || column.numbersItself;
            plan.people.add = plan.people.add && (isThere || fillsItself || !column.isRequired);
        }
    }
    int taken = 0;
    for (PlannedChild &child : plan.children) {
        const Table *rows = findTable(catalogue, child.plan.table);
        const ForeignKey link{child.link.childColumns, table.name, child.link.parentColumns};
        if (rows && taken < MostTakenByItself && belongs(*rows, link, table.name)) {
            PlannedChild whole = child;
            completeChild(catalogue, whole, words);
            const auto columns = std::count_if(whole.plan.columns.begin(), whole.plan.columns.end(),
                                               [](const PlannedColumn &column) { return column.isTaken; });
            if (columns <= MostOfRow) { // a line of more is no line
                child = whole;
                child.isTaken = child.isUnasked = true;
                ++taken;
            }
        }
    }
    return plan;
}

QList<PlannedColumn> linkedColumns(const Catalogue &catalogue, const Table &table, const QString &through,
                                   const WordList &words)
{
    QList<PlannedColumn> columns;
    const ForeignKey *link = ledLink(table, through);
    const Table *other = link ? findTable(catalogue, link->parentTable) : nullptr;
    if (!other || link->columns.size() != link->parentColumns.size()) {
        return columns;
    }
    const QString front = captionOfColumn(table, through, words);
    const DraftPlan plan = planDraft(*other, nullptr, words);
    for (const PlannedColumn &each : plan.columns) {
        const Column *column = findColumn(*other, each.column);
        if (!column || column->numbersItself || link->parentColumns.contains(each.column)) {
            continue;
        }
        PlannedColumn planned = each;
        planned.through = through;
        planned.isTaken = false;
        planned.isRequired = false;
        planned.caption = front + u' ' + withSmallFirst(each.caption);
        planned.reason = Texts::tr("of the row that %1 points to; only shown").arg(front);
        columns.append(planned);
    }
    return columns;
}

QString learnedKey(const QString &table, const ChildLink &link)
{
    return table + u'\n' + link.childColumns.join(u'\t');
}

DraftPlan withLearned(const Catalogue &catalogue, const DraftPlan &plan, const Learned &learned)
{
    DraftPlan result = plan;
    for (PlannedChild &child : result.children) {
        const Table *table = child.isTaken ? findTable(catalogue, child.plan.table) : nullptr;
        if (!table) {
            continue;
        }
        child.usualRows = learned.usualRows.value(learnedKey(table->name, child.link), child.usualRows);
        child.isTaken = !child.isUnasked || child.usualRows <= MostRowsUnasked;
        const auto profile = learned.profiles.constFind(table->name);
        if (profile != learned.profiles.constEnd()) {
            PlannedChild proposed = child;
            proposed.plan.columns.clear();
            completeChild(catalogue, proposed);
            // Only kinds: the order of a line stays as it is.
            const DraftPlan better = replanned(child.plan, proposed.plan, *table, *profile);
            for (PlannedColumn &column : child.plan.columns) {
                for (const PlannedColumn &other : better.columns) {
                    if (other.column == column.column && other.through == column.through) {
                        column.kind = other.kind;
                    }
                }
            }
        }
        child.plan = withLearned(catalogue, child.plan, learned);
    }
    return result;
}

} // namespace nabblet
