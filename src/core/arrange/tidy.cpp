#include "core/arrange/tidy.h"

#include "core/arrange/counts.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/nearness.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/strips.h"
#include "core/arrange/structure.h"
#include "core/text/tr.h"

#include <QMap>
#include <QSet>

#include <algorithm>
#include <cmath>
#include <optional>

namespace nabblet {

namespace {

constexpr int Near = 16;       // px; an edge that is no further beside others was meant to be on theirs
constexpr int NearSize = 12;   // px; sizes, and gaps of what stands well, that differ by no more were meant to be equal
constexpr int NearGap = 20;    // px; the same of gaps between what was put roughly
constexpr int CellPadding = 8; // px between the edge of a box and that of its text, or of the head over it
constexpr int Between = 8;     // px kept between neighbours in a row, or less where they usually stand closer
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
        layout.items.last().otherKeepsX = item.isCaption && !item.otherIsNear; // heads go by their columns
        layout.captions.append(hasCaption ? form.controls.find(item.other) : nullptr);
        if (hasCaption) { // which comes to stand where captions do
            layout.items.last().whole = item.place.united(captionPlace(item.place, *layout.captions.last()));
        }
        layout.places.append(item.place);
    }
    return layout;
}

bool isWords(const Layout &layout, int i)
{
    return isCaption(*layout.form.controls.find(layout.items.at(i).control));
}

// The head of a column of rows: a caption over boxes of another band.
const Control *headed(const Layout &layout, int i)
{
    const Arranged &item = layout.items.at(i);
    return item.isCaption && item.other != 0 && !item.otherIsNear ? layout.form.controls.find(item.other) : nullptr;
}

// What has one left edge, and where that belongs.
struct EdgeColumn
{
    QList<int> members;
    int left = 0;
};

// The middle of what stands there, or where most of it does.
int usualLeft(const Layout &layout, const QList<int> &column)
{
    QMap<int, int> counts;
    int sum = 0;
    for (const int i : column) {
        ++counts[layout.places.at(i).x()];
        sum += layout.places.at(i).x();
    }
    const int most = mostFrequent(counts, 0);
    const bool isUsual = 2 * counts.value(most) > column.size();
    return isUsual ? most : static_cast<int>(std::lround(double(sum) / double(column.size())));
}

// The line near x that a left edge belongs on: a rail, or for words the beginning of the captions that end on it.
std::optional<int> lineNear(const Layout &layout, int x, bool areWords)
{
    std::optional<int> nearest;
    for (const Rail &rail : layout.form.rails) {
        const int at = areWords && rail.isAutomatic ? rail.captionsFrom : rail.position;
        if (std::abs(at - x) <= Near && (!nearest || std::abs(at - x) < std::abs(*nearest - x))) {
            nearest = at;
        }
    }
    return nearest;
}

// Each goes to the line that it stands near; others stand with those nearby, on the grid. Heads go by their columns.
QList<EdgeColumn> columnsOf(const Layout &layout)
{
    QList<EdgeColumn> columns;
    QMap<int, EdgeColumn> onLines;
    for (const bool areWords : {false, true}) {
        QList<int> members;
        QList<int> lefts;
        for (int i = 0; i < layout.items.size(); ++i) {
            if (isWords(layout, i) != areWords || headed(layout, i)) {
                continue;
            }
            if (const std::optional<int> line = lineNear(layout, layout.places.at(i).x(), areWords)) {
                onLines[*line].members.append(i);
                onLines[*line].left = *line;
            } else {
                members.append(i);
                lefts.append(layout.places.at(i).x());
            }
        }
        for (const QList<int> &group : fewestGroups(lefts, 2 * Near)) {
            EdgeColumn column;
            for (const int i : group) {
                column.members.append(members.at(i));
            }
            const int left = usualLeft(layout, column.members);
            column.left = lineNear(layout, left, areWords).value_or(onGrid(left, layout.pitch));
            columns.append(column);
        }
    }
    return columns + onLines.values();
}

// Where the head of a column of boxes stands: at their left edge, their right one or in their middle, whichever it is
// nearest to; the edges of texts count as those of their boxes.
int leftOfHead(const Control &box, const QRect &head)
{
    const QRect &place = box.place;
    const int atEnd = rightOf(place) - head.width();
    int best = head.x();
    int nearest = Near + 1;
    for (const int x : {place.x() + CellPadding, atEnd - CellPadding, place.x(), atEnd,
                        place.x() + (place.width() - head.width()) / 2}) {
        if (std::abs(x - head.x()) < nearest) {
            nearest = std::abs(x - head.x());
            best = x;
        }
    }
    return best;
}

// Left edges that nearly line up do; near-equal widths in a column of boxes and near-equal heights anywhere become the
// greatest of them, on the grid.
void evenEdgesAndSizes(Layout &layout)
{
    const int pitch = layout.pitch;
    const auto greatest = [&](const QMap<int, int> &group) { return onGridAtOrAfter(group.lastKey(), pitch); };
    QMap<int, int> heights;
    for (const QRect &place : std::as_const(layout.places)) {
        ++heights[place.height()];
    }
    const QMap<int, int> evenHeights = gathered(heights, NearSize / 2, greatest);
    for (int i = 0; i < layout.items.size(); ++i) {
        if (const Control *box = headed(layout, i)) {
            layout.places[i].moveLeft(leftOfHead(*box, layout.places.at(i)));
        }
    }
    const QList<EdgeColumn> columns = columnsOf(layout);
    for (const EdgeColumn &column : columns) {
        QMap<int, int> widths;
        for (const int i : column.members) {
            ++widths[layout.places.at(i).width()];
        }
        widths = gathered(widths, NearSize, greatest);
        for (const int i : column.members) {
            // A caption has the size of its words, a container that of what it holds.
            QRect &place = layout.places[i];
            const Control &control = *layout.form.controls.find(layout.items.at(i).control);
            if (control.kind != QLatin1String("caption") && !holdsOthers(control)) {
                place.setSize({widths.value(place.width()), evenHeights.value(place.height())});
            }
            place.moveLeft(column.left);
        }
    }
}

// The space that neighbours in a row usually keep, px: as it is in the middle of the rows, whatever each of them does.
int usualSpaceBeside(const Layout &layout, const QList<FieldRow> &rows)
{
    QList<int> spaces;
    for (const FieldRow &row : rows) {
        int sum = 0;
        for (qsizetype i = 1; i < row.members.size(); ++i) {
            sum += layout.items.at(row.members.at(i)).place.x() - rightOf(layout.items.at(row.members.at(i - 1)).place);
        }
        if (row.members.size() > 2) {
            spaces.append(sum / static_cast<int>(row.members.size() - 1));
        }
    }
    if (spaces.isEmpty()) {
        return Between;
    }
    std::sort(spaces.begin(), spaces.end());
    return std::clamp(onGrid(spaces.at(spaces.size() / 2), layout.pitch), std::min(layout.pitch, Between), Between);
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
    const int between = usualSpaceBeside(layout, rows);
    const auto firstFree = [&](const InRow &there) {
        const int from = there.before < 0 ? layout.corner.x() : rightOf(layout.places.at(there.before)) + between;
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
            const bool isCrowded = there.before >= 0 && rightOf(layout.places.at(there.before)) + between > least;
            layout.places[there.field].moveLeft(isCrowded ? firstFree(there) : least);
        }
    }
}

// Whether the fields were put roughly: most of them stand on no line of the grid.
bool areRough(const Layout &layout)
{
    const auto off = std::count_if(layout.items.begin(), layout.items.end(),
                                   [&](const Arranged &item) { return item.place.y() % layout.pitch != 0; });
    return 2 * off > layout.items.size();
}

// What is settled already, from the top.
class Settled
{
public:
    void add(int field, const QRect &whole)
    {
        m_all.append({field, whole, std::max(bottomOf(whole), m_all.isEmpty() ? 0 : m_all.last().lowestSoFar)});
    }
    // The field that stands lowest of those over a place, and its bottom; nothing where none does.
    std::optional<std::pair<int, int>> over(const QRect &whole) const
    {
        std::optional<std::pair<int, int>> lowest;
        for (auto each = m_all.rbegin(); each != m_all.rend(); ++each) {
            if (lowest && each->lowestSoFar <= lowest->second) {
                break;
            }
            const bool isOver = each->whole.x() < rightOf(whole) && whole.x() < rightOf(each->whole);
            if (isOver && (!lowest || bottomOf(each->whole) > lowest->second)) {
                lowest = std::pair(each->field, bottomOf(each->whole));
            }
        }
        return lowest;
    }

private:
    struct One
    {
        int field;
        QRect whole;
        int lowestSoFar;
    };
    QList<One> m_all;
};

// Tops on the grid; gaps that are near the usual one become that; each row stands clear of all above it and of what
// stands still.
void settleRows(Layout &layout, const QList<FieldRow> &rows)
{
    const int pitch = layout.pitch;
    const int gap = std::clamp(usualRowGap(layout.items, rows, pitch), pitch, 3 * pitch);
    const int near = areRough(layout) ? NearGap : NearSize;
    QList<QRect> before; // where each stood, with its caption where captions stand
    for (int i = 0; i < layout.items.size(); ++i) {
        QRect place = layout.places.at(i);
        place.moveTop(layout.items.at(i).place.y());
        before.append(layout.captions.at(i) ? place.united(captionPlace(place, *layout.captions.at(i))) : place);
    }
    const auto lineOf = [&](const FieldRow &row) {
        double sum = 0;
        for (const int member : row.members) {
            sum += layout.items.at(member).place.y();
        }
        return static_cast<int>(std::lround(sum / double(row.members.size())));
    };
    TakenPlaces taken;
    for (const QRect &fixed : std::as_const(layout.fixed)) {
        taken.add(fixed);
    }
    Settled above;
    int previousTop = 0;
    int previousLine = 0;
    for (qsizetype r = 0; r < rows.size(); ++r) {
        const FieldRow &row = rows.at(r);
        // As near below what stands above it as is usual, or as far as it stood.
        std::optional<int> tight;
        double wished = 0;
        int wishes = 0;
        for (const int member : row.members) {
            const auto nearest = above.over(layout.wholeOf(member));
            if (!nearest) {
                continue;
            }
            const auto [upper, bottom] = *nearest;
            const int down = layout.items.at(member).place.y() - before.at(member).y(); // a caption above it
            tight = std::max(tight.value_or(bottom + gap + down), bottom + gap + down);
            wished += bottom + (before.at(member).y() - bottomOf(before.at(upper))) + down;
            ++wishes;
        }
        int top = r == 0 ? onGrid(lineOf(row), pitch) : onGrid(previousTop + lineOf(row) - previousLine, pitch);
        if (tight) {
            const int wish = static_cast<int>(std::lround(wished / wishes));
            top = std::abs(wish - *tight) <= near ? onGridAtOrAfter(*tight, pitch) : onGrid(wish, pitch);
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
                if (const QRect *other = taken.over(whole.translated(0, by))) {
                    by = std::max(by + 1, onGridAtOrAfter(bottomOf(*other) + gap - whole.y(), pitch));
                    isClear = false;
                }
            }
        }
        for (qsizetype i = 0; i < row.members.size(); ++i) {
            layout.places[row.members.at(i)].translate(0, by);
            taken.add(wholes.at(i).translated(0, by));
            above.add(row.members.at(i), wholes.at(i).translated(0, by));
        }
        previousTop = top + by;
        previousLine = lineOf(row);
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
        {QStringLiteral("tidy"), Texts::later("Tidy"),
         Texts::later("What nearly lines up does, near-equal sizes and gaps become equal, all on the grid. The "
                      "whole form, a group, or what is selected."),
         Group, needsWholeForm, tidy, "Ctrl+Alt+T",
         "<path class='b' d='M2 4.5h6M2 8h9M2 11.5h5'/><path class='m' d='M12.5 2l.8 1.9 1.9.8-1.9.8-.8 "
         "1.9-.8-1.9-1.9-.8 1.9-.8z'/>"},
    };
}

} // namespace nabblet
