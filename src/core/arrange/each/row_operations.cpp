// Rows and columns as they are seen: inserted, moved, exchanged, taken out, spread over.
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/lines.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/row_edits.h"
#include "core/arrange/strips.h"
#include "core/arrange/structure.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <QHash>
#include <QMap>

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

struct Found // the lead's row among all rows of its area
{
    QList<Arranged> items;
    QList<FieldRow> rows;
    qsizetype row = -1;
    int lead = -1;
};

Found found(const ArrangeContext &context)
{
    Found result;
    const QList<Arranged> selected = context.arranged();
    if (selected.isEmpty()) {
        return result;
    }
    const Arranged &lead = selected.last();
    result.items = context.fieldsOf(lead.area);
    result.rows = context.rowsOf(lead.area);
    for (qsizetype i = 0; i < result.rows.size(); ++i) {
        for (const int member : result.rows.at(i).members) {
            const Arranged &item = result.items.at(member);
            if (item.control == lead.control || item.control == lead.other) {
                result.row = i;
                result.lead = member;
            }
        }
    }
    return result;
}

Form insertRow(const ArrangeContext &context, bool isAbove)
{
    const Found there = found(context);
    if (there.row < 0) {
        return context.form;
    }
    const FieldRow &row = there.rows.at(there.row);
    const int gap = usualRowGap(there.items, context.form.grid.pitch);
    const int step = onGridAtOrAfter(LineHeight + gap, context.form.grid.pitch);
    const int below = there.row + 1 < there.rows.size() ? there.rows.at(there.row + 1).top : row.bottom;
    return withRoomDown(context.form, there.items.at(there.lead).area, isAbove ? row.top : below, step);
}

Form insertRowAbove(const ArrangeContext &context)
{
    return insertRow(context, true);
}

Form insertRowBelow(const ArrangeContext &context)
{
    return insertRow(context, false);
}

Form insertColumn(const ArrangeContext &context)
{
    const Found there = found(context);
    return there.lead < 0 ? context.form
                          : withRoomAcross(context.form, there.items.at(there.lead).whole.x(),
                                           onGridAtOrAfter(5 * LineHeight, context.form.grid.pitch));
}

QList<ControlId> controlsOf(const Found &there, const QList<int> &members)
{
    QList<ControlId> controls;
    for (const int member : members) {
        controls.append(there.items.at(member).control);
    }
    return controls;
}

Form insertColumnBehind(const ArrangeContext &context)
{
    const Found there = found(context);
    if (there.lead < 0) {
        return context.form;
    }
    int end = 0;
    for (const int member : columnOf(there.items, there.lead)) {
        end = std::max(end, rightOf(there.items.at(member).whole));
    }
    return withRoomAcross(context.form, end, onGridAtOrAfter(5 * LineHeight, context.form.grid.pitch));
}

// The row goes, and what stands below it closes up.
Form removeRow(const ArrangeContext &context)
{
    const Found there = found(context);
    if (there.row < 0) {
        return context.form;
    }
    const FieldRow &row = there.rows.at(there.row);
    const Area area = there.items.at(there.lead).area;
    const bool isLast = there.row + 1 == there.rows.size();
    const int next = isLast ? row.bottom : there.rows.at(there.row + 1).top;
    // What reaches down beside the row from above keeps what is below where it is.
    int reaching = row.top;
    for (qsizetype i = 0; i < there.row; ++i) {
        reaching = std::max(reaching, there.rows.at(i).bottom);
    }
    const int by = std::max(0, next - std::max(row.top, reaching));
    const Form without = deleteControls(context.form, controlsOf(there, row.members));
    return isLast ? without
                  : withRoomDown(without, area, next,
                                 -by / std::max(1, context.form.grid.pitch) * context.form.grid.pitch);
}

// The column goes, and what stands right of it closes up as far as there is room.
Form removeColumn(const ArrangeContext &context)
{
    const Found there = found(context);
    if (there.lead < 0) {
        return context.form;
    }
    const QList<int> members = columnOf(there.items, there.lead);
    int start = there.items.at(there.lead).whole.x();
    for (const int member : members) {
        start = std::min(start, there.items.at(member).whole.x());
    }
    const Form without = deleteControls(context.form, controlsOf(there, members));
    int next = without.width;
    for (const Arranged &item : arrangedIn(without, there.items.at(there.lead).area)) {
        next = item.whole.x() > start ? std::min(next, item.whole.x()) : next;
    }
    const int by = next < without.width ? std::min(freeLeftOf(without, next), next - start) : 0;
    return by > 0 ? withRoomAcross(without, next, -by / std::max(1, context.form.grid.pitch) * context.form.grid.pitch)
                  : without;
}

QString noRoomToSplit(const ArrangeContext &context)
{
    if (!needsBox(context).isEmpty()) {
        return needsBox(context);
    }
    const Arranged lead = context.arranged().last();
    const Control *control = context.form.controls.find(lead.control);
    const int count = std::max(2, context.columns);
    const int least = count * 3 * LeastSize + (count - 1) * context.form.grid.pitch;
    return holdsOthers(*control) || lead.isCaption ? Texts::tr("Select one box.")
           : lead.place.width() < least            ? Texts::tr("It is too narrow for so many.")
                                                   : QString();
}

// The lead's place is parted into as many as the columns chosen; the new boxes are of its kind and show nothing yet.
Form split(const ArrangeContext &context)
{
    const Arranged lead = context.arranged().last();
    const int count = std::max(2, context.columns);
    const int pitch = std::max(1, context.form.grid.pitch);
    Form form = context.form;
    const Control whole = *form.controls.find(lead.control);
    NamePool names(controlNames(form));
    const int room = lead.place.width() - (count - 1) * pitch;
    const auto startOf = [&](int i) { return lead.place.x() + onGrid(room * i / count, pitch) + i * pitch; };
    for (int i = 0; i < count; ++i) {
        Control part = whole;
        const int end = i + 1 == count ? rightOf(lead.place) : startOf(i + 1) - pitch;
        part.place = QRect(startOf(i), lead.place.y(), std::max(LeastSize, end - startOf(i)), lead.place.height());
        if (i > 0) {
            part.id = nextControlId(form);
            part.column.clear();
            part.name = names.take(kindNamed(part.kind).shortName);
            part.rides.left = FixedRail::None;
        }
        part.rides.right = i + 1 == count ? whole.rides.right : FixedRail::None;
        if (i == 0) {
            form.controls.replace(form.controls.indexOf(part.id), part);
        } else {
            form.controls.append(withRidesByPlace(form, part));
        }
    }
    return grownToHold(inNestingOrder(form));
}

QString noEmptyRows(const ArrangeContext &context)
{
    return emptyRowsHeight(context.form) > 0 ? QString() : Texts::tr("There are no empty rows.");
}

Form closeUp(const ArrangeContext &context)
{
    // From the innermost areas outwards: a group that got lower may leave an empty strip below it.
    Form form = context.form;
    const QList<Area> areas = areasOf(form);
    for (auto area = areas.rbegin(); area != areas.rend(); ++area) {
        form = withRowsClosedUp(form, *area);
    }
    return form;
}

QString needsTwoRows(const ArrangeContext &context)
{
    const QList<Arranged> items = context.arranged();
    const bool isOneArea =
        std::all_of(items.begin(), items.end(), [&](const Arranged &item) { return item.area == items.first().area; });
    return isOneArea && fieldRows(items).size() == 2 ? QString()
                                                     : Texts::tr("Select fields of two rows, to swap the rows.");
}

// Puts the members of rows at new tops; their distance within the row stays.
void moveRow(QList<Placing> &placings, const QList<Arranged> &items, const FieldRow &row, int top)
{
    for (const int member : row.members) {
        const Arranged &item = items.at(member);
        placings.append({item, item.place.translated(0, top - row.top)});
    }
}

// Exchanges two rows; what stands between them moves by the difference of their heights.
Form swappedRows(const Form &form, const QList<Arranged> &items, const QList<FieldRow> &rows, qsizetype upper,
                 qsizetype lower)
{
    QList<Placing> placings;
    const FieldRow &first = rows.at(upper);
    const FieldRow &second = rows.at(lower);
    const int firstHeight = first.bottom - first.top;
    const int secondHeight = second.bottom - second.top;
    moveRow(placings, items, second, first.top);
    for (qsizetype i = upper + 1; i < lower; ++i) {
        moveRow(placings, items, rows.at(i), rows.at(i).top + secondHeight - firstHeight);
    }
    moveRow(placings, items, first, second.top + secondHeight - firstHeight);
    return withPlacings(form, placings);
}

Form swapRows(const ArrangeContext &context)
{
    const Found there = found(context);
    const QList<Arranged> selected = context.arranged();
    QList<qsizetype> chosen;
    for (qsizetype i = 0; i < there.rows.size(); ++i) {
        const bool isChosen =
            std::any_of(there.rows.at(i).members.begin(), there.rows.at(i).members.end(), [&](int member) {
                return std::any_of(selected.begin(), selected.end(), [&](const Arranged &item) {
                    return item.control == there.items.at(member).control ||
                           item.other == there.items.at(member).control;
                });
            });
        if (isChosen) {
            chosen.append(i);
        }
    }
    return chosen.size() == 2 ? swappedRows(context.form, there.items, there.rows, chosen.first(), chosen.last())
                              : context.form;
}

template <int step> QString noRowThere(const ArrangeContext &context)
{
    if (!needsOne(context).isEmpty()) {
        return needsOne(context);
    }
    const Found there = found(context);
    const qsizetype other = there.row + step;
    return there.row >= 0 && other >= 0 && other < there.rows.size()
               ? QString()
               : (step < 0 ? Texts::tr("There is no row above.") : Texts::tr("There is no row below."));
}

template <int step> Form rowMoved(const ArrangeContext &context)
{
    const Found there = found(context);
    const qsizetype other = there.row + step;
    if (there.row < 0 || other < 0 || other >= there.rows.size()) {
        return context.form;
    }
    return swappedRows(context.form, there.items, there.rows, std::min(there.row, other), std::max(there.row, other));
}

QString needsTwoFields(const ArrangeContext &context)
{
    const QList<Arranged> items = context.arranged();
    return items.size() == 2 && items.first().area == items.last().area
               ? QString()
               : Texts::tr("Select two controls of one band or one group, to swap them.");
}

// Two fields change places; where one is higher or wider than the other, what is in its way makes way.
Form swappedFields(const Form &form, const Arranged &a, const Arranged &b)
{
    QRect first = a.place;
    QRect second = b.place;
    first.moveTopLeft(b.place.topLeft());
    second.moveTopLeft(a.place.topLeft());
    Arranged freeA = a;
    Arranged freeB = b;
    freeA.otherKeepsX = freeB.otherKeepsX = false;
    // Side by side, the one behind starts where the other's width lets it.
    const bool isOneRow = a.whole.y() < bottomOf(b.whole) && b.whole.y() < bottomOf(a.whole);
    if (isOneRow) {
        const bool isFirstLeft = a.place.x() < b.place.x();
        QRect &moved = isFirstLeft ? first : second;
        moved.translate((isFirstLeft ? b.place.width() - a.place.width() : a.place.width() - b.place.width()), 0);
    } else {
        const bool isFirstUpper = a.place.y() < b.place.y();
        QRect &moved = isFirstUpper ? first : second;
        const int by = isFirstUpper ? b.place.height() - a.place.height() : a.place.height() - b.place.height();
        const bool isNextTo = a.place.x() == b.place.x();
        moved.translate(0, isNextTo ? by : 0);
    }
    const Form swapped = withPlacings(form, {{freeA, first}, {freeB, second}});
    return withWayMade(swapped, {a.control, b.control});
}

Form swapFields(const ArrangeContext &context)
{
    const QList<Arranged> items = context.arranged();
    return swappedFields(context.form, items.first(), items.last());
}

// The nearest field in a direction from the lead: in its column for up and down, in its row for left and right.
int neighbourOf(const Found &there, QPoint direction)
{
    if (there.lead < 0) {
        return -1;
    }
    const Arranged &lead = there.items.at(there.lead);
    if (direction.y() == 0) {
        const QList<int> &members = there.rows.at(there.row).members;
        const qsizetype next = members.indexOf(there.lead) + direction.x();
        return next >= 0 && next < members.size() ? members.at(next) : -1;
    }
    for (qsizetype i = there.row + direction.y(); i >= 0 && i < there.rows.size(); i += direction.y()) {
        for (const int member : there.rows.at(i).members) {
            if (there.items.at(member).place.x() == lead.place.x()) {
                return member;
            }
        }
    }
    return -1;
}

template <int x, int y> QString noNeighbour(const ArrangeContext &context)
{
    if (!needsOne(context).isEmpty()) {
        return needsOne(context);
    }
    if (neighbourOf(found(context), QPoint(x, y)) >= 0) {
        return {};
    }
    return x != 0 ? Texts::tr("No field stands beside it on that side.")
                  : Texts::tr("No field of its column stands on that side.");
}

template <int x, int y> Form fieldMoved(const ArrangeContext &context)
{
    const Found there = found(context);
    const int neighbour = neighbourOf(there, QPoint(x, y));
    return neighbour < 0 ? context.form
                         : swappedFields(context.form, there.items.at(there.lead), there.items.at(neighbour));
}

// Where the columns of an area end, and where its rows do.
struct Ends
{
    QList<int> right;
    QList<int> bottom;
};

Ends endsOf(const Form &form, const Area &area)
{
    QMap<int, int> rightOfColumn; // by left edge: the rightmost end of its boxes
    Ends ends;
    for (const Arranged &item : arrangedIn(form, area)) {
        int &right = rightOfColumn[item.place.x()];
        right = std::max(right, rightOf(item.place));
        ends.bottom.append(bottomOf(item.place));
    }
    ends.right = rightOfColumn.values();
    std::sort(ends.right.begin(), ends.right.end());
    std::sort(ends.bottom.begin(), ends.bottom.end());
    return ends;
}

// The first end behind an edge, or another where there is none.
int nextEnd(const QList<int> &ends, int edge, int otherwise)
{
    const auto next = std::upper_bound(ends.begin(), ends.end(), edge);
    return next == ends.end() ? otherwise : *next;
}

QString noNextColumn(const ArrangeContext &context)
{
    if (!needsBox(context).isEmpty()) {
        return needsBox(context);
    }
    const Arranged lead = context.arranged().last();
    const int right = rightOf(lead.place);
    return nextEnd(endsOf(context.form, lead.area).right, right, right) > right
               ? QString()
               : Texts::tr("There is no column behind it.");
}

Form spread(const ArrangeContext &context, bool isAcross)
{
    QList<Placing> placings;
    QList<ControlId> grown;
    QMap<Area, Ends> ends;
    for (const Arranged &item : context.arranged()) {
        if (!ends.contains(item.area)) {
            ends.insert(item.area, endsOf(context.form, item.area));
        }
        if (context.form.controls.find(item.control)->kind == QLatin1String("caption")) {
            continue;
        }
        QRect place = item.place;
        if (isAcross) {
            place.setWidth(nextEnd(ends[item.area].right, rightOf(place), rightOf(place)) - place.x());
        } else {
            place.setHeight(nextEnd(ends[item.area].bottom, bottomOf(place), bottomOf(place) + LineHeight) - place.y());
        }
        placings.append({item, place});
    }
    // Where one grew into another, the lower one makes way like all others.
    std::stable_sort(placings.begin(), placings.end(),
                     [](const Placing &a, const Placing &b) { return a.place.y() < b.place.y(); });
    QMap<Area, TakenPlaces> taken;
    for (const Placing &placing : std::as_const(placings)) {
        const QRect whole = placing.place.united(placing.item.whole);
        if (!taken[placing.item.area].over(whole)) {
            taken[placing.item.area].add(whole);
            grown.append(placing.item.control);
        }
    }
    return withWayMade(withPlacings(context.form, placings), grown);
}

Form spreadAcross(const ArrangeContext &context)
{
    return spread(context, true);
}

Form spreadDown(const ArrangeContext &context)
{
    return spread(context, false);
}

} // namespace

QList<ArrangeOperation> rowOperations()
{
    constexpr auto Group = ArrangeGroup::Rows;
    return {
        {QStringLiteral("insert-row-above"), Texts::later("Insert a row above"),
         Texts::later("The lead's row and all below it make room for one row."), Group, needsOne, insertRowAbove,
         "Ctrl+Alt+I",
         "<rect class='b' x='2.5' y='9.5' width='11' height='4'/><path class='m' d='M2.5 4.5h3M10.5 4.5h3M8 "
         "2.2v4.6M5.7 4.5h4.6'/>"},
        {QStringLiteral("insert-row-below"), Texts::later("Insert a row below"),
         Texts::later("All rows below the lead's make room for one row."), Group, needsOne, insertRowBelow,
         "Ctrl+Alt+Shift+I"},
        {QStringLiteral("insert-column"), Texts::later("Insert a column before"),
         Texts::later("The lead and all to the right of it make room."), Group, needsOne, insertColumn},
        {QStringLiteral("insert-column-behind"), Texts::later("Insert a column behind"),
         Texts::later("All behind the lead's column makes room."), Group, needsOne, insertColumnBehind},
        {QStringLiteral("remove-row"), Texts::later("Take the row out"),
         Texts::later("The lead's row goes with all in it, and what stands below closes up."), Group, needsOne,
         removeRow, "Ctrl+Shift+Del"},
        {QStringLiteral("remove-column"), Texts::later("Take the column out"),
         Texts::later("The boxes under and over the lead go with it, and what stands behind closes up."), Group,
         needsOne, removeColumn},
        {QStringLiteral("split-field"), Texts::later("Part the field"),
         Texts::later("The lead's place is parted into as many boxes of its kind as the columns chosen."), Group,
         noRoomToSplit, split},
        {QStringLiteral("close-up-rows"), Texts::later("Remove empty rows"),
         Texts::later("Rows close up over empty strips of the form."), Group, noEmptyRows, closeUp, "Ctrl+Alt+X",
         "<rect class='b' x='2.5' y='1.5' width='11' height='3'/><rect class='b' x='2.5' y='11.5' width='11' "
         "height='3'/><path class='m' d='M8 10.2V6.2M6.2 8L8 6.2 9.8 8'/>"},
        {QStringLiteral("row-up"), Texts::later("Move the row up"),
         Texts::later("The lead's row changes places with the row above."), Group, noRowThere<-1>, rowMoved<-1>},
        {QStringLiteral("row-down"), Texts::later("Move the row down"),
         Texts::later("The lead's row changes places with the row below."), Group, noRowThere<1>, rowMoved<1>},
        {QStringLiteral("swap-rows"), Texts::later("Swap two rows"),
         Texts::later("The two rows of the selection change places."), Group, needsTwoRows, swapRows},
        {QStringLiteral("field-up"), Texts::later("Move the field up"),
         Texts::later("The lead changes places with the field above it in its column."), Group, noNeighbour<0, -1>,
         fieldMoved<0, -1>, "Ctrl+Alt+Shift+Up",
         "<rect class='b' x='4.5' y='9.5' width='7' height='4'/><path class='m' d='M8 7.5V2.5M5.8 4.7L8 2.5l2.2 "
         "2.2'/>"},
        {QStringLiteral("field-down"), Texts::later("Move the field down"),
         Texts::later("The lead changes places with the field below it in its column."), Group, noNeighbour<0, 1>,
         fieldMoved<0, 1>, "Ctrl+Alt+Shift+Down",
         "<rect class='b' x='4.5' y='2.5' width='7' height='4'/><path class='m' d='M8 8.5v5M5.8 11.3L8 "
         "13.5l2.2-2.2'/>"},
        {QStringLiteral("field-left"), Texts::later("Move the field left"),
         Texts::later("The lead changes places with the field before it in its row."), Group, noNeighbour<-1, 0>,
         fieldMoved<-1, 0>, "Ctrl+Alt+Shift+Left"},
        {QStringLiteral("field-right"), Texts::later("Move the field right"),
         Texts::later("The lead changes places with the field behind it in its row."), Group, noNeighbour<1, 0>,
         fieldMoved<1, 0>, "Ctrl+Alt+Shift+Right"},
        {QStringLiteral("swap-fields"), Texts::later("Swap two fields"),
         Texts::later("Two controls change places, captions and all."), Group, needsTwoFields, swapFields},
        {QStringLiteral("spread-across"), Texts::later("Spread across the next column"),
         Texts::later("The box reaches to the end of the next column; what is there makes way."), Group, noNextColumn,
         spreadAcross},
        {QStringLiteral("spread-down"), Texts::later("Spread down the next row"),
         Texts::later("The box reaches to the end of the next row; what is there makes way."), Group, needsBox,
         spreadDown},
    };
}

} // namespace nabblet
