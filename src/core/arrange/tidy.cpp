#include "core/arrange/tidy.h"

#include "core/arrange/counts.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/text/tr.h"

#include <QMap>
#include <QSet>

#include <algorithm>

NABBLET_TEXTS(Arrange)

namespace nabblet {

namespace {

constexpr int Near = 12;       // px; what differs by no more was meant to be equal
constexpr int Between = 8;     // px kept between neighbours in a row
constexpr int MostPasses = 12; // each makes less to do; the tests never saw more than four

// Values in groups: each is near the least of its group. take(group) gives what all of it become.
template <typename Take> QMap<int, int> gathered(const QMap<int, int> &counts, int near, Take take)
{
    QMap<int, int> result;
    for (auto it = counts.begin(); it != counts.end();) {
        QMap<int, int> group;
        const int first = it.key();
        for (; it != counts.end() && it.key() - first <= near; ++it) {
            group.insert(it.key(), it.value());
        }
        const int value = take(group);
        for (const int member : group.keys()) {
            result.insert(member, value);
        }
    }
    return result;
}

// The fields of an area that are tidied, what stands still around them, and where each of them comes to stand.
struct Layout
{
    const Form &form;
    int pitch;
    QPoint corner; // the top left one of the area's room
    QList<Arranged> items;
    QList<const Control *> captions; // of each, or nullptr
    QList<QRect> fixed;
    QList<QRect> places;

    // A field with its caption where captions stand, at the place it has now.
    QRect wholeOf(int i) const
    {
        const QRect &place = places.at(i);
        return captions.at(i) ? place.united(captionPlace(place, *captions.at(i))) : place;
    }
    // The space that its caption takes left of it, px.
    int captionRoom(int i) const { return places.at(i).x() - wholeOf(i).x(); }
};

Layout layoutOf(const Form &form, const Area &area, const QSet<ControlId> &chosen)
{
    Layout layout{form, std::max(1, form.grid.pitch), roomOf(form, area).topLeft(), {}, {}, {}, {}};
    for (const Arranged &item : arrangedIn(form, area)) {
        if (!isAmong(item, chosen)) {
            layout.fixed.append(item.whole);
            continue;
        }
        const bool hasCaption = item.other != 0 && !item.isCaption && item.otherIsNear;
        layout.items.append(item);
        layout.captions.append(hasCaption ? form.controls.find(item.other) : nullptr);
        layout.places.append(item.place);
    }
    return layout;
}

// Left edges that nearly line up get the one that most have, or that of a rail nearby; near-equal widths in a column of
// boxes and near-equal heights anywhere become the greatest of them, on the grid.
void evenEdgesAndSizes(Layout &layout)
{
    const int pitch = layout.pitch;
    const auto greatest = [&](const QMap<int, int> &group) { return onGridAtOrAfter(group.lastKey(), pitch); };
    QMap<int, int> lefts;
    QMap<int, int> heights;
    for (const QRect &place : std::as_const(layout.places)) {
        ++lefts[place.x()];
        ++heights[place.height()];
    }
    QMap<int, int> columns = gathered(
        lefts, Near, [&](const QMap<int, int> &group) { return onGrid(mostFrequent(group, group.firstKey()), pitch); });
    for (auto [left, column] : columns.asKeyValueRange()) {
        for (const Rail &rail : layout.form.rails) {
            column = std::abs(rail.position - left) <= Near ? rail.position : column;
        }
    }
    const QMap<int, int> evenHeights = gathered(heights, Near / 2, greatest);
    QMap<int, QMap<int, int>> widths; // by column
    for (const QRect &place : std::as_const(layout.places)) {
        ++widths[columns.value(place.x())][place.width()];
    }
    for (QMap<int, int> &ofColumn : widths) {
        ofColumn = gathered(ofColumn, Near, greatest);
    }
    for (qsizetype i = 0; i < layout.places.size(); ++i) {
        QRect &place = layout.places[i];
        const int column = columns.value(place.x());
        // A caption has the size of its words, a container that of what it holds.
        const Control &control = *layout.form.controls.find(layout.items.at(i).control);
        if (control.kind != QLatin1String("caption") && !holdsOthers(control)) {
            place.setSize({widths.value(column).value(place.width()), evenHeights.value(place.height())});
        }
        place.moveLeft(column);
    }
}

// No column starts before the captions and boxes left of it end. From the left, so that each is settled before what
// follows.
void settleColumns(Layout &layout, const QList<FieldRow> &rows)
{
    struct InRow
    {
        int field;
        int before; // the field left of it in its row, or -1
    };
    QMap<int, QList<InRow>> columns;
    for (const FieldRow &row : rows) {
        QList<int> members = row.members;
        std::stable_sort(members.begin(), members.end(),
                         [&](int a, int b) { return layout.items.at(a).place.x() < layout.items.at(b).place.x(); });
        for (qsizetype i = 0; i < members.size(); ++i) {
            columns[layout.places.at(members.at(i)).x()].append({members.at(i), i > 0 ? members.at(i - 1) : -1});
        }
    }
    const auto firstFree = [&](const InRow &there) {
        const int from = there.before < 0 ? layout.corner.x() : rightOf(layout.places.at(there.before)) + Between;
        return onGridAtOrAfter(from + layout.captionRoom(there.field), layout.pitch);
    };
    for (auto [column, members] : columns.asKeyValueRange()) {
        int least = column;
        for (const InRow &there : members) {
            const bool isOwnColumn =
                there.before < 0 || layout.places.at(there.before).x() < layout.places.at(there.field).x();
            least = isOwnColumn ? std::max(least, firstFree(there)) : least;
        }
        for (const InRow &there : members) {
            // Two of one row in one column: the second goes behind the first.
            const bool isCrowded = there.before >= 0 && rightOf(layout.places.at(there.before)) + Between > least;
            layout.places[there.field].moveLeft(isCrowded ? firstFree(there) : least);
        }
    }
}

// Tops on the grid; steps from row to row that are near the usual one become that; each row stands clear of all above
// it and of what stands still.
void settleRows(Layout &layout, const QList<FieldRow> &rows)
{
    const int pitch = layout.pitch;
    const auto topOf = [&](const FieldRow &row) { return layout.items.at(row.members.first()).place.y(); };
    QMap<int, int> steps;
    for (qsizetype i = 1; i < rows.size(); ++i) {
        const int step = onGrid(topOf(rows.at(i)) - topOf(rows.at(i - 1)), pitch);
        steps[step] += step > 0 ? 1 : 0;
    }
    const int usualStep = mostFrequent(steps, 0);
    const int gap = std::clamp(usualRowGap(layout.items, pitch), pitch, 3 * pitch);
    QList<QRect> taken = layout.fixed;
    int previousTop = 0;
    for (qsizetype r = 0; r < rows.size(); ++r) {
        const FieldRow &row = rows.at(r);
        int top = onGrid(topOf(row), pitch);
        if (r > 0) {
            const int step = onGrid(topOf(row) - topOf(rows.at(r - 1)), pitch);
            top = previousTop + (std::abs(step - usualStep) <= Near ? usualStep : step);
        }
        QList<QRect> wholes;
        int by = 0;
        for (const int member : row.members) {
            layout.places[member].moveTop(top);
            wholes.append(layout.wholeOf(member));
            by = std::max(
                by, onGridAtOrAfter(layout.corner.y() - wholes.last().y(), pitch)); // captions above stay inside, too
        }
        for (bool isClear = false; !isClear;) {
            isClear = true;
            for (const QRect &whole : std::as_const(wholes)) {
                for (const QRect &other : std::as_const(taken)) {
                    if (overlap(whole.translated(0, by), other)) {
                        by = std::max(by + 1, onGridAtOrAfter(bottomOf(other) + gap - whole.y(), pitch));
                        isClear = false;
                    }
                }
            }
        }
        for (qsizetype i = 0; i < row.members.size(); ++i) {
            layout.places[row.members.at(i)].translate(0, by);
            taken.append(wholes.at(i).translated(0, by));
        }
        previousTop = top + by;
    }
}

Form tidiedArea(const Form &form, const Area &area, const QSet<ControlId> &chosen)
{
    Layout layout = layoutOf(form, area, chosen);
    if (layout.items.isEmpty()) {
        return form;
    }
    const QList<FieldRow> rows = fieldRows(layout.items);
    evenEdgesAndSizes(layout);
    settleColumns(layout, rows);
    settleRows(layout, rows);
    QList<Placing> placings;
    for (qsizetype i = 0; i < layout.items.size(); ++i) {
        placings.append({layout.items.at(i), layout.places.at(i)});
    }
    Form result = withPlacings(form, placings);
    QList<ControlId> captions;
    for (const Control *caption : std::as_const(layout.captions)) {
        if (caption) {
            captions.append(caption->id);
        }
    }
    return grownToHold(withCaptionsInPlace(result, captions));
}

Form tidy(const ArrangeContext &context)
{
    return tidied(context.form, chosenOrAll(context), context.measure);
}

} // namespace

Form tidied(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure)
{
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    Form result = form;
    for (int pass = 0; pass < MostPasses; ++pass) {
        const Form before = result;
        const QList<Area> areas = areasOf(before);
        for (auto area = areas.rbegin(); area != areas.rend(); ++area) { // from the innermost outwards
            result = tidiedArea(result, *area, chosen);
        }
        result = settled(result, measure);
        if (result == before) {
            break;
        }
    }
    return result;
}

QList<ArrangeOperation> tidyOperations()
{
    constexpr auto Group = ArrangeGroup::Whole;
    return {
        {QStringLiteral("tidy"), QT_TRANSLATE_NOOP("Arrange", "Tidy"),
         QT_TRANSLATE_NOOP("Arrange",
                           "What nearly lines up does, near-equal sizes and gaps become equal, all on the grid. The "
                           "whole form, a group, or what is selected."),
         Group, needsWholeForm, tidy, "Ctrl+Alt+T",
         "<path class='b' d='M2 4.5h6M2 8h9M2 11.5h5'/><path class='m' d='M12.5 2l.8 1.9 1.9.8-1.9.8-.8 "
         "1.9-.8-1.9-1.9-.8 1.9-.8z'/>"},
    };
}

} // namespace nabblet
