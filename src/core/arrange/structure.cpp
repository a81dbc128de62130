#include "core/arrange/structure.h"

#include "core/arrange/counts.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/lines.h"
#include "core/arrange/nearness.h"
#include "core/arrange/strips.h"

#include <QMap>
#include <QSet>

#include <algorithm>
#include <numeric>
#include <optional>

namespace nabblet {

namespace {

constexpr int UsualGap = 8; // px

} // namespace

namespace {

// How far two stand over one another across, px; none or less where they stand side by side.
int sharedAcross(const QRect &a, const QRect &b)
{
    return std::min(rightOf(a), rightOf(b)) - std::max(a.x(), b.x());
}

// How far apart the first lines of one row may lie, px: most of the height of a line there, so that rows stay rows
// however roughly they stand.
int reachOfRow(const QList<Arranged> &items)
{
    if (items.isEmpty()) {
        return 0;
    }
    QList<int> heights;
    for (const Arranged &item : items) {
        heights.append(std::min(LineHeight, item.place.height()));
    }
    const auto middle = heights.begin() + heights.size() / 2;
    std::nth_element(heights.begin(), middle, heights.end());
    return *middle * 5 / 6;
}

} // namespace

QList<FieldRow> fieldRows(const QList<Arranged> &items, std::optional<int> reach)
{
    constexpr int MostShared = 32; // px, of two in one row that were put roughly
    QList<int> lines;
    for (const Arranged &item : items) {
        lines.append(firstLineOf(item.place));
    }
    const auto standsBeside = [&](const QList<int> &row, int i) {
        return std::all_of(row.begin(), row.end(), [&](int other) {
            const QRect &a = items.at(i).place;
            const QRect &b = items.at(other).place;
            // Narrow boxes that moved aside seem to stand beside each other; their captions still say that they do not.
            const int narrower = std::min(a.width(), b.width());
            return sharedAcross(a, b) <= std::min(MostShared, narrower / 2) &&
                   (narrower > MostShared || sharedAcross(items.at(i).whole, items.at(other).whole) <= 2 * MostShared);
        });
    };
    QList<FieldRow> rows;
    for (QList<int> members : fewestGroups(lines, reach.value_or(reachOfRow(items)), standsBeside)) {
        std::stable_sort(members.begin(), members.end(),
                         [&](int a, int b) { return items.at(a).whole.x() < items.at(b).whole.x(); });
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
                                 item.whole.x() - rightOf(items.at(row.members.at(i - 1)).whole) < InlineSpace;
            if (follows) {
                blocks.last().append(row.members.at(i));
            } else {
                blocks.append(FieldBlock{row.members.at(i)});
            }
        }
    }
    return blocks;
}

QList<int> columnOf(const QList<Arranged> &items, int member)
{
    QList<int> members;
    for (int i = 0; i < items.size(); ++i) {
        if (items.at(i).place.x() == items.at(member).place.x()) {
            members.append(i);
        }
    }
    return members;
}

int usualRowGap(const QList<Arranged> &items, int pitch)
{
    return usualRowGap(items, fieldRows(items), pitch);
}

int usualRowGap(const QList<Arranged> &items, const QList<FieldRow> &rows, int pitch)
{
    constexpr qsizetype Looked = 3; // rows below; what is next in a column stands in one of them
    QMap<int, int> counts;
    QList<int> gaps;
    for (qsizetype r = 0; r < rows.size(); ++r) {
        for (const int member : rows.at(r).members) {
            const QRect &upper = items.at(member).whole;
            // The next one below it in its column: two columns may be out of step with one another.
            std::optional<int> gap; // less than none where they were put over one another
            for (qsizetype next = r + 1; !gap && next < rows.size() && next <= r + Looked; ++next) {
                for (const int other : rows.at(next).members) {
                    const QRect &lower = items.at(other).whole;
                    if (lower.x() < rightOf(upper) && upper.x() < rightOf(lower) && lower.y() > upper.center().y()) {
                        gap = std::min(gap.value_or(lower.y() - bottomOf(upper)), lower.y() - bottomOf(upper));
                    }
                }
            }
            // A row that stands wholly in between, elsewhere, says that they are no neighbours.
            const bool isSkipping =
                gap && std::any_of(rows.begin() + r + 1, rows.begin() + std::min(rows.size(), r + Looked),
                                   [&](const FieldRow &between) {
                                       return between.top >= bottomOf(upper) &&
                                              between.bottom <= bottomOf(upper) + *gap;
                                   });
            if (gap && !isSkipping && *gap <= 2 * LineHeight) {
                counts[onGrid(*gap, std::max(1, pitch))] += *gap >= 0 ? 1 : 0;
                gaps.append(*gap);
            }
        }
    }
    const int most = mostFrequent(counts, UsualGap);
    if (2 * counts.value(most) >= gaps.size()) {
        return most;
    }
    // Where they stand so roughly that no gap is usual, what is in the middle of those in the middle: what is too much
    // above one is too little below it.
    if (gaps.isEmpty()) {
        return most;
    }
    std::sort(gaps.begin(), gaps.end());
    const qsizetype cut = gaps.size() / 8;
    const int sum = std::accumulate(gaps.begin() + cut, gaps.end() - cut, 0);
    return std::max(0, onGrid(sum / static_cast<int>(gaps.size() - 2 * cut), std::max(1, pitch)));
}

namespace {

// How those of one area make way for some of them that were put there: where each comes to stand.
QList<Placing> wayMade(const QList<Arranged> &items, const QSet<ControlId> &chosen, const QSet<ControlId> &under,
                       int pitch)
{
    QList<Placing> placings;
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
        return placings;
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
    // The others row by row from the top, a row being what stands level; it goes down as a whole until it is clear of
    // what was put or moved. Once it moves, it keeps clear of what stayed, too; what overlapped before is no matter of
    // ours.
    TakenPlaces stayed;
    for (const FieldRow &row : fieldRows(others, pitch / 2)) {
        int by = 0;
        for (bool isClear = false; !isClear;) {
            isClear = true;
            for (const int member : row.members) {
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
        for (const int member : row.members) {
            (by > 0 ? fixed : stayed).add(others.at(member).whole.translated(0, by));
            if (by > 0) {
                placings.append({others.at(member), others.at(member).place.translated(0, by)});
            }
        }
    }
    return placings;
}

} // namespace

QRect clearOf(const QList<QRect> &taken, QRect wanted, int gap, int pitch)
{
    for (bool isFree = false; !isFree;) {
        isFree = true;
        for (const QRect &place : taken) {
            if (overlap(place, wanted)) {
                wanted.moveTop(onGridAtOrAfter(bottomOf(place) + gap, pitch));
                isFree = false;
            }
        }
    }
    return wanted;
}

Form withWayMade(const Form &form, const QList<ControlId> &placed, const QSet<ControlId> &under)
{
    const QSet<ControlId> chosen(placed.begin(), placed.end());
    const int pitch = std::max(1, form.grid.pitch);
    // From the innermost areas outwards: a container that grew for what it holds has its own room made then.
    Form result = form;
    QSet<Area> concerned; // also that of a head's boxes
    for (const ControlId id : placed) {
        const Control *control = form.controls.find(id);
        for (const Control *each :
             {control, captionOf(form, id), control ? form.controls.find(control->captionFor) : nullptr}) {
            if (each) {
                concerned.insert(areaOf(*each));
            }
        }
    }
    const QList<Area> areas = areasOf(form);
    for (auto area = areas.rbegin(); area != areas.rend(); ++area) {
        if (concerned.contains(*area)) {
            result = withPlacings(result, wayMade(arrangedIn(result, *area), chosen, under, pitch));
        }
    }
    return result;
}

QSet<ControlId> lyingUnder(const Form &form, const QList<ControlId> &controls)
{
    QSet<ControlId> under;
    const QList<Arranged> over = arrangedOf(form, controls);
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    QSet<Area> areas;
    for (const Arranged &each : over) {
        areas.insert(each.area);
    }
    for (const Area &area : std::as_const(areas)) {
        for (const Arranged &item : arrangedIn(form, area)) {
            const bool isCovered = std::any_of(over.begin(), over.end(), [&](const Arranged &each) {
                return each.area == area && each.control != item.control && overlap(each.whole, item.whole);
            });
            if (isCovered && !isAmong(item, chosen)) {
                under.insert(item.control);
            }
        }
    }
    return under;
}

} // namespace nabblet
