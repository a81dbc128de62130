#include "core/arrange/structure.h"

#include "core/arrange/counts.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/lines.h"
#include "core/arrange/strips.h"

#include <QMap>
#include <QSet>

#include <algorithm>
#include <numeric>

namespace nabblet {

namespace {

constexpr int InlineSpace = 24; // px; what stands closer behind a box belongs to it
constexpr int UsualGap = 8;     // px

} // namespace

QList<FieldRow> fieldRows(const QList<Arranged> &items)
{
    QList<int> all(items.size());
    std::iota(all.begin(), all.end(), 0);
    QList<FieldRow> rows;
    for (const QList<int> &members : groupedByLine(
             all, [&](int i) { return firstLineOf(items.at(i).place); },
             [&](int i) { return items.at(i).whole.x(); })) {
        QRect bounds;
        for (const int i : members) {
            bounds = bounds.united(items.at(i).whole);
        }
        rows.append({members, bounds.y(), bottomOf(bounds)});
    }
    return rows;
}

QList<FieldBlock> fieldBlocks(const QList<Arranged> &items)
{
    const QList<FieldRow> rows = fieldRows(items);
    // Left edges at which boxes of several rows stand are columns.
    QMap<int, int> rowsAt;
    for (const FieldRow &row : rows) {
        QSet<int> edges;
        for (const int i : row.members) {
            edges.insert(items.at(i).place.x());
        }
        for (const int edge : std::as_const(edges)) {
            ++rowsAt[edge];
        }
    }
    QList<FieldBlock> blocks;
    for (const FieldRow &row : rows) {
        for (qsizetype i = 0; i < row.members.size(); ++i) {
            const Arranged &item = items.at(row.members.at(i));
            const bool follows = i > 0 && rowsAt.value(item.place.x()) < 2 &&
                                 item.whole.x() - rightOf(items.at(row.members.at(i - 1)).whole) <= InlineSpace;
            if (follows) {
                blocks.last().append(row.members.at(i));
            } else {
                blocks.append(FieldBlock{row.members.at(i)});
            }
        }
    }
    return blocks;
}

int usualRowGap(const QList<Arranged> &items, int pitch)
{
    const QList<FieldRow> rows = fieldRows(items);
    QMap<int, int> counts;
    for (qsizetype i = 1; i < rows.size(); ++i) {
        const int gap = rows.at(i).top - rows.at(i - 1).bottom;
        if (gap >= 0 && gap <= 2 * LineHeight) {
            ++counts[onGrid(gap, std::max(1, pitch))];
        }
    }
    return mostFrequent(counts, UsualGap);
}

Form withWayMade(const Form &form, const QList<ControlId> &placed, const QSet<ControlId> &under)
{
    const QSet<ControlId> chosen(placed.begin(), placed.end());
    const int pitch = std::max(1, form.grid.pitch);
    QList<Placing> placings;
    for (const Band &band : form.bands) {
        const QList<Arranged> items = arrangedInBand(form, band.role);
        // Fields that count as put keep to one another; they move as one.
        QList<int> put;
        QList<Arranged> others;
        for (int i = 0; i < items.size(); ++i) {
            if (isAmong(items.at(i), chosen)) {
                put.append(i);
            } else if (!under.contains(items.at(i).control)) {
                others.append(items.at(i));
            }
        }
        if (put.isEmpty() || others.isEmpty()) {
            continue;
        }
        const int gap = usualRowGap(others, pitch);
        // What was put on the lower part of another goes below it.
        int down = 0;
        TakenPlaces there;
        for (const int i : std::as_const(put)) {
            there.add(items.at(i).whole);
        }
        for (const Arranged &other : std::as_const(others)) {
            const QRect *whole = there.over(other.whole);
            if (whole && other.whole.y() < whole->y() && other.whole.center().y() < whole->center().y()) {
                const int below = onGridAtOrAfter(bottomOf(other.whole) + std::min(gap, pitch), pitch);
                down = std::max(down, below - whole->y());
            }
        }
        TakenPlaces fixed;
        for (const int i : std::as_const(put)) {
            fixed.add(items.at(i).whole.translated(0, down));
            if (down != 0) {
                placings.append({items.at(i), items.at(i).place.translated(0, down)});
            }
        }
        // The others block by block from the top; a block goes down until it is clear of what was put or moved. Once it
        // moves, it keeps clear of what stayed, too; what overlapped before is no matter of ours.
        TakenPlaces stayed;
        for (const FieldBlock &block : fieldBlocks(others)) {
            int by = 0;
            for (bool isClear = false; !isClear;) {
                isClear = true;
                for (const int member : block) {
                    const QRect wanted = others.at(member).whole.translated(0, by);
                    const QRect *taken = fixed.over(wanted);
                    taken = !taken && by > 0 ? stayed.over(wanted) : taken;
                    if (taken) {
                        by += std::max(1, onGridAtOrAfter(bottomOf(*taken) + gap, pitch) - wanted.y());
                        isClear = false;
                        break;
                    }
                }
            }
            for (const int member : block) {
                (by > 0 ? fixed : stayed).add(others.at(member).whole.translated(0, by));
                if (by > 0) {
                    placings.append({others.at(member), others.at(member).place.translated(0, by)});
                }
            }
        }
    }
    return withPlacings(form, placings);
}

QSet<ControlId> lyingUnder(const Form &form, const QList<ControlId> &controls)
{
    QSet<ControlId> under;
    const QList<Arranged> over = arrangedOf(form, controls);
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    for (const Band &band : form.bands) {
        for (const Arranged &item : arrangedInBand(form, band.role)) {
            const bool isCovered = std::any_of(over.begin(), over.end(), [&](const Arranged &each) {
                return each.band == item.band && each.control != item.control && overlap(each.whole, item.whole);
            });
            if (isCovered && !isAmong(item, chosen)) {
                under.insert(item.control);
            }
        }
    }
    return under;
}

} // namespace nabblet
