#include "core/draft/draft_plan.h"

#include "core/draft/captions.h"
#include "core/draft/column_order.h"
#include "core/draft/field_kinds.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

bool isFilledByDatabase(const Column &column)
{
    return column.numbersItself || column.isGenerated || column.hasDefault;
}

// Binary values that are neither pictures nor texts, or of which nothing says that they will be: there is nothing to
// show of them.
bool isUnseen(const Column &column, const ColumnProfile *profile)
{
    if (column.type != ColumnType::Binary) {
        return false;
    }
    const bool isKnown = profile && profile->values > 0;
    return isKnown ? !holdsImages(*profile) && !holdsTexts(*profile) : profile && !isMeantForPictures(column);
}

bool isWideKind(const QString &kind)
{
    const Editor editor = kindNamed(kind).editor;
    return editor == Editor::LongText || editor == Editor::Image;
}

const ColumnProfile *profileOf(const Profile *profile, const QString &column)
{
    if (!profile) {
        return nullptr;
    }
    const auto found = profile->columns.constFind(column);
    return found == profile->columns.constEnd() ? nullptr : &*found;
}

} // namespace

// Written out: a comparison made by the compiler of a thing that holds itself is more than some compilers bear.
bool PlannedChild::operator==(const PlannedChild &other) const
{
    return link == other.link && isTaken == other.isTaken && place == other.place && isByHand == other.isByHand &&
           usualRows == other.usualRows && plan == other.plan;
}

// Here, where children are whole.
bool DraftPlan::operator==(const DraftPlan &other) const = default;

DraftPlan planDraft(const Table &table, const Profile *profile, const WordList &words)
{
    DraftPlan plan;
    plan.table = table.name;
    plan.title = table.kind != TableKind::Select ? titleOf(table)
                 : table.writesTo.isEmpty()      ? Texts::tr("Rows")
                                                 : titleFromTable(table.writesTo);
    if (table.kind == TableKind::View || (table.kind == TableKind::Select && table.writesTo.isEmpty())) {
        plan.people = {true, false, false, false};
    }
    QHash<QString, QString> kindOf;
    QSet<QString> wide;
    QHash<QString, const Column *> columns;
    for (const Column &column : table.columns) {
        const QString kind = kindForColumn(table, column, profileOf(profile, column.name));
        kindOf.insert(column.name, kind);
        columns.insert(column.name, &column);
        if (isWideKind(kind)) {
            wide.insert(column.name);
        }
    }
    // Whoever wrote a SELECT has said in which order its columns are to be read.
    const QStringList order = table.kind == TableKind::Select ? columnNames(table) : readableOrder(table, wide);
    const QHash<QString, QString> captions = captionsOf(table, words);
    for (const QString &name : order) {
        const Column &column = *columns.value(name);
        PlannedColumn planned;
        planned.column = name;
        planned.caption = captions.value(name);
        planned.kind = kindOf.value(name);
        planned.isRequired = column.isRequired && !isFilledByDatabase(column) && column.readOnlyReason.isEmpty();
        const QString leader = leaderOf(table, name);
        if (column.numbersItself) {
            planned.isTaken = false;
            planned.reason = Texts::tr("numbers itself");
        } else if (!leader.isEmpty()) {
            planned.isTaken = false;
            planned.isRequired = false;
            planned.reason = Texts::tr("chosen with %1").arg(captions.value(leader));
        } else if (isUnseen(column, profileOf(profile, name)) && !planned.isRequired) {
            planned.isTaken = false;
            planned.reason = Texts::tr("no pictures, nothing to show");
        } else if (!column.readOnlyReason.isEmpty()) {
            planned.reason = column.readOnlyReason;
        } else if (column.isGenerated) {
            planned.reason = Texts::tr("worked out by the database");
        } else if (column.type == ColumnType::Binary && planned.kind != QLatin1String("picture")) {
            planned.reason = Texts::tr("kept as bytes, only shown");
        } else if (isKeptByDatabase(column) && !planned.isRequired) {
            planned.reason = Texts::tr("filled by itself");
        }
        plan.columns.append(planned);
    }
    // What is left out stands below what is taken.
    std::stable_partition(plan.columns.begin(), plan.columns.end(),
                          [](const PlannedColumn &column) { return column.isTaken; });
    return plan;
}

DraftPlan replanned(const DraftPlan &plan, const DraftPlan &proposed, const Table &table, const Profile &profile)
{
    const DraftPlan better = planDraft(table, &profile);
    DraftPlan result = plan;
    // An order that nobody touched follows the better proposal whole.
    const auto orderOf = [](const DraftPlan &each) {
        QStringList names;
        for (const PlannedColumn &column : each.columns) {
            names.append(column.column);
        }
        return names;
    };
    const auto find = [](const DraftPlan &each, const QString &name) {
        for (const PlannedColumn &column : each.columns) {
            if (column.column == name && column.through.isEmpty()) {
                return column;
            }
        }
        return PlannedColumn();
    };
    if (orderOf(plan) == orderOf(proposed)) {
        result.columns.clear();
        for (const PlannedColumn &column : better.columns) {
            result.columns.append(find(plan, column.column));
        }
    }
    for (PlannedColumn &column : result.columns) {
        if (column.through.isEmpty() && column.kind == find(proposed, column.column).kind) {
            const PlannedColumn learned = find(better, column.column);
            column.kind = learned.kind;
            // What nobody took or left by hand follows what was learned, too.
            if (column.isTaken == find(proposed, column.column).isTaken &&
                !plan.filledColumns.contains(column.column)) {
                column.isTaken = learned.isTaken;
                column.reason = learned.reason;
            }
        }
    }
    return result;
}

DraftPlan rebased(const DraftPlan &plan, const DraftPlan &proposed, const DraftPlan &now)
{
    const auto isSame = [](const PlannedColumn &a, const PlannedColumn &b) {
        return a.column == b.column && a.through == b.through;
    };
    const auto find = [&](const QList<PlannedColumn> &columns, const PlannedColumn &wanted) {
        const auto found = std::find_if(columns.begin(), columns.end(),
                                        [&](const PlannedColumn &each) { return isSame(each, wanted); });
        return found == columns.end() ? nullptr : &*found;
    };
    DraftPlan result = plan;
    for (PlannedColumn &column : result.columns) {
        const PlannedColumn *before = find(proposed.columns, column);
        const PlannedColumn *after = find(now.columns, column);
        if (before && after && column == *before) {
            column = *after;
        }
    }
    for (const PlannedColumn &after : now.columns) {
        if (!find(result.columns, after)) {
            result.columns.append(after);
        }
    }
    // What the person did to the children that are still there stays.
    std::vector<PlannedChild> children;
    for (const PlannedChild &after : now.children) {
        const auto own = std::find_if(plan.children.begin(), plan.children.end(), [&](const PlannedChild &each) {
            return each.plan.table == after.plan.table && each.link == after.link;
        });
        children.push_back(own == plan.children.end() ? after : *own);
    }
    for (const PlannedChild &each : plan.children) {
        if (each.isByHand) {
            children.push_back(each);
        }
    }
    result.children = children;
    return result;
}

QStringList uncoveredColumns(const DraftPlan &plan, const Table &table)
{
    QStringList uncovered;
    // A column that a lookup over several columns writes is covered by that one's box.
    const auto isWritten = [&](const QString &leader) {
        return std::any_of(plan.columns.begin(), plan.columns.end(), [&](const PlannedColumn &each) {
            return each.isTaken && each.through.isEmpty() && each.column == leader;
        });
    };
    for (const PlannedColumn &planned : plan.columns) {
        const Column *column = planned.through.isEmpty() ? findColumn(table, planned.column) : nullptr;
        const bool isNeeded = column && column->isRequired && !isFilledByDatabase(*column) &&
                              column->readOnlyReason.isEmpty() && !plan.filledColumns.contains(planned.column);
        if (!planned.isTaken && isNeeded && !isWritten(leaderOf(table, planned.column))) {
            uncovered.append(planned.column);
        }
    }
    return uncovered;
}

QStringList uncoveredInRows(const Catalogue &catalogue, const DraftPlan &plan)
{
    QStringList uncovered;
    for (const PlannedChild &child : plan.children) {
        const Table *rows = child.isTaken ? findTable(catalogue, child.plan.table) : nullptr;
        if (!rows) {
            continue;
        }
        if (child.plan.people.add) {
            for (const QString &column : uncoveredColumns(child.plan, *rows)) {
                uncovered.append(rows->name + u'.' + column);
            }
        }
        uncovered += uncoveredInRows(catalogue, child.plan);
    }
    return uncovered;
}

} // namespace nabblet
