#include "core/draft/draft_plan.h"

#include "core/draft/column_order.h"
#include "core/draft/field_kinds.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

NABBLET_TEXTS(DraftPlan)

namespace {

bool isFilledByDatabase(const Column &column)
{
    return column.numbersItself || column.isGenerated || column.hasDefault;
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

DraftPlan planDraft(const Table &table, const Profile *profile)
{
    DraftPlan plan;
    plan.table = table.name;
    plan.title = titleFromTable(table.name);
    if (table.kind == TableKind::View) {
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
    const QStringList order = readableOrder(table, wide);
    for (const QString &name : order) {
        const Column &column = *columns.value(name);
        PlannedColumn planned;
        planned.column = name;
        planned.caption = captionFromColumn(name, table.name);
        planned.kind = kindOf.value(name);
        planned.isRequired = column.isRequired && !isFilledByDatabase(column);
        if (column.numbersItself) {
            planned.isTaken = false;
            planned.reason = Texts::tr("numbers itself");
        } else if (column.isGenerated) {
            planned.reason = Texts::tr("worked out by the database");
        } else if (isBookkeeping(column) && !planned.isRequired) {
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
            if (column.column == name) {
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
        if (column.kind == find(proposed, column.column).kind) {
            column.kind = find(better, column.column).kind;
        }
    }
    return result;
}

QStringList uncoveredColumns(const DraftPlan &plan, const Table &table)
{
    QStringList uncovered;
    for (const PlannedColumn &planned : plan.columns) {
        const Column *column = findColumn(table, planned.column);
        if (!planned.isTaken && column && column->isRequired && !isFilledByDatabase(*column)) {
            uncovered.append(planned.column);
        }
    }
    return uncovered;
}

} // namespace nabblet
