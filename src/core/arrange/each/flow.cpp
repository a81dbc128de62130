#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/reading.h"
#include "core/arrange/structure.h"
#include "core/arrange/tidy.h"
#include "core/arrange/windows/window_size.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <QHash>
#include <QSet>

#include <algorithm>
#include <numeric>

namespace nabblet {

namespace {

constexpr int BetweenColumns = 24;  // px
constexpr int LeastStretched = 160; // px that a column gives a box which takes what room there is
constexpr int WideFrom = 400;       // px; a box as wide gets the whole width

// Fields that stay together, as they stand to one another.
struct Block
{
    QList<Arranged> members;
    QRect bounds;        // of all wholes
    int captionRoom = 0; // px, left of the first box
    int width = 0;       // px, that it needs from there on; of what stretches with the form, none
    bool isWide = false;
    bool isFromMargin = false; // pages, groups and rows without captions beside them begin where captions do
};

// Blocks side by side in columns, or one wide block over the whole width.
struct Run
{
    QList<QList<Block>> columns;
    std::optional<Block> wide;
};

// Where the boxes of each column start, and the room left of them for captions, the same in all runs; px.
struct Columns
{
    QList<int> captionRoom;
    QList<int> width;
    QList<int> boxes;
    int from = 0; // where the first column begins, captions and all
    int end = 0;  // of the last column
};

// The chosen fields of the area in which most of them stand.
QList<Arranged> fieldsToFlow(const Form &form, const QSet<ControlId> &chosen)
{
    QList<Arranged> most;
    for (const Area &area : areasOf(form)) {
        QList<Arranged> here = arrangedIn(form, area);
        here.removeIf([&](const Arranged &item) { return !isAmong(item, chosen); });
        if (here.size() > most.size()) {
            most = here;
        }
    }
    return most;
}

// Row by row, each from left to right.
QList<int> byRows(const QList<Arranged> &items)
{
    QList<int> order;
    for (const FieldRow &row : fieldRows(items)) {
        order += row.members;
    }
    return order;
}

// Blocks as they read, or by rows where the form does.
QList<Block> blocksAsTheyRead(const Form &form, const QList<Arranged> &items)
{
    QList<int> placeOf(items.size());
    const QList<int> read = form.tabOrder == TabOrder::Rows ? byRows(items) : readingOrder(items);
    for (qsizetype place = 0; place < read.size(); ++place) {
        placeOf[read.at(place)] = static_cast<int>(place);
    }
    int widest = 0; // of those that a column has room for
    for (const Arranged &item : items) {
        widest = std::max(widest, item.place.width() < WideFrom ? item.place.width() : 0);
    }
    // What goes across is wider than a column, so that it still lies across when it is there.
    const int wideFrom = std::max(WideFrom, widest + BetweenColumns + 1);
    QList<std::pair<int, Block>> blocks;
    for (const FieldBlock &found : fieldBlocks(items)) {
        Block block;
        for (const int member : found) {
            block.members.append(items.at(member));
            block.bounds = block.bounds.united(items.at(member).whole);
            block.isWide = block.isWide || items.at(member).place.width() >= wideFrom;
        }
        block.captionRoom = block.members.first().place.x() - block.bounds.x();
        const bool isStretching = std::any_of(block.members.begin(), block.members.end(), [&](const Arranged &item) {
            return stretches(*form.controls.find(item.control));
        });
        block.isWide = block.isWide || isStretching;
        const Control &first = *form.controls.find(block.members.first().control);
        const bool isFrame = holdsOthers(first) || kindNamed(first.kind).editor == Editor::Rows;
        block.isFromMargin = block.isWide && block.captionRoom == 0 && isFrame;
        block.width = isStretching ? LeastStretched : block.bounds.width() - block.captionRoom;
        blocks.append({placeOf.at(found.first()), block});
    }
    std::stable_sort(blocks.begin(), blocks.end(), [](const auto &a, const auto &b) { return a.first < b.first; });
    QList<Block> result;
    for (const auto &[place, block] : std::as_const(blocks)) {
        result.append(block);
    }
    return result;
}

// Parts blocks into so many columns, in their order, of which the highest is as low as can be.
QList<QList<Block>> parted(const QList<Block> &blocks, int columns, int gap)
{
    const auto fill = [&](int most) {
        QList<QList<Block>> runs(1);
        int height = 0;
        for (const Block &block : blocks) {
            const int needed = block.bounds.height() + gap;
            if (height > 0 && height + needed > most) {
                runs.append(QList<Block>());
                height = 0;
            }
            runs.last().append(block);
            height += needed;
        }
        return runs;
    };
    int least = 0;
    int most = 0;
    for (const Block &block : blocks) {
        most += block.bounds.height() + gap;
    }
    while (least < most) {
        const int middle = (least + most) / 2;
        if (fill(middle).size() <= columns) {
            most = middle;
        } else {
            least = middle + 1;
        }
    }
    return fill(most);
}

// Across, each row is a run of its own, with one block in each column.
QList<Run> runsOf(const QList<Block> &blocks, int columns, int gap, FlowWay way)
{
    QList<Run> runs;
    QList<Block> waiting;
    const auto take = [&] {
        if (way == FlowWay::Across) {
            for (qsizetype i = 0; i < waiting.size(); ++i) {
                if (i % columns == 0) {
                    runs.append(Run());
                }
                runs.last().columns.append(QList<Block>{waiting.at(i)});
            }
        } else if (!waiting.isEmpty()) {
            runs.append({parted(waiting, columns, gap), {}});
        }
        waiting.clear();
    };
    for (const Block &block : blocks) {
        if (block.isWide && columns > 1) {
            take();
            runs.append({{}, block});
        } else {
            waiting.append(block);
        }
    }
    take();
    return runs;
}

Columns columnsFor(const QList<Run> &runs, int count, int from, int pitch)
{
    Columns columns{QList<int>(count, 0), QList<int>(count, 0), {}, onGridAtOrAfter(from, pitch), 0};
    for (const Run &run : runs) {
        for (qsizetype k = 0; k < run.columns.size(); ++k) {
            for (const Block &block : run.columns.at(k)) {
                columns.captionRoom[k] = std::max(columns.captionRoom.at(k), block.captionRoom);
                columns.width[k] = std::max(columns.width.at(k), block.width);
            }
        }
        if (run.wide) {
            columns.captionRoom[0] = std::max(columns.captionRoom.at(0), run.wide->captionRoom);
        }
    }
    int x = from;
    for (int k = 0; k < count; ++k) {
        columns.boxes.append(onGridAtOrAfter(x + columns.captionRoom.at(k), pitch));
        x = columns.width.at(k) > 0 ? columns.boxes.last() + columns.width.at(k) + BetweenColumns : x;
    }
    int end = x - BetweenColumns;
    for (const Run &run : runs) {
        const int start = run.wide && run.wide->isFromMargin ? columns.from : columns.boxes.first();
        end = std::max(end, run.wide ? start + run.wide->width : 0);
    }
    columns.end = onGridAtOrAfter(end, pitch);
    return columns;
}

// Puts the runs under one another from y on. Gives the places, and in `end` where the next row would begin.
QList<Placing> placed(const QList<Run> &runs, const Columns &columns, int y, int gap, int pitch, int *end)
{
    QList<Placing> placings;
    const auto put = [&](const Block &block, int x, int top) {
        const QPoint by(x - block.members.first().place.x(), top - block.bounds.y());
        for (Arranged item : block.members) {
            item.otherKeepsX = false; // captions come along
            placings.append({item, item.place.translated(by)});
        }
        return onGridAtOrAfter(top + block.bounds.height() + gap, pitch);
    };
    for (const Run &run : runs) {
        int lowest = y;
        for (qsizetype k = 0; k < run.columns.size(); ++k) {
            int at = y;
            for (const Block &block : run.columns.at(k)) {
                at = put(block, columns.boxes.at(k), at);
            }
            lowest = std::max(lowest, at);
        }
        y = run.wide ? put(*run.wide, run.wide->isFromMargin ? columns.from : columns.boxes.at(0), y) : lowest;
    }
    *end = y;
    return placings;
}

// Rails for the captions of the columns: automatic ones that only these fields ride, in their order, then new ones.
// Those that are left over go.
Form withCaptionRails(const Form &form, const Columns &columns, const QSet<ControlId> &moving)
{
    Form result = form;
    QStringList names;
    QList<Rail> own;
    RailId next = nextRailId(form);
    for (const Rail &rail : form.rails) {
        names.append(rail.name);
        const bool isOnlyOurs = std::all_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
            return moving.contains(control.id) || (control.rides.left != rail.id && control.rides.right != rail.id);
        });
        if (rail.isAutomatic && isOnlyOurs) {
            own.append(rail);
        }
    }
    result.rails.removeIf([&](const Rail &rail) { return own.contains(rail); });
    NamePool pool(names);
    for (qsizetype k = 0; k < columns.boxes.size(); ++k) {
        if (columns.captionRoom.at(k) == 0 || columns.width.at(k) == 0) {
            continue;
        }
        Rail rail;
        if (own.isEmpty()) {
            rail.id = next++;
            rail.name = pool.take(QStringLiteral("captions"));
            rail.isAutomatic = true;
        } else {
            rail = own.takeFirst();
        }
        rail.position = columns.boxes.at(k);
        rail.captionsFrom = std::max(0, columns.boxes.at(k) - columns.captionRoom.at(k));
        result.rails.append(rail);
    }
    return result;
}

// Boxes that get wider with the form as narrow as they may be and not held, until the form's width is known.
Form withoutStretching(const Form &form, const QSet<ControlId> &moving, QSet<ControlId> *stretching)
{
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (moving.contains(control.id) && stretches(control)) {
            stretching->insert(control.id);
            control.rides.right = FixedRail::None;
            control.place.setWidth(std::min(LeastStretched, control.place.width()));
            result.controls.replace(i, control);
        }
    }
    return result;
}

// The edges of what was moved let go of rails that went and ride those at hand; a box that stretched before reaches to
// the end of the columns.
Form withEdgesRiding(const Form &form, const QSet<ControlId> &moving, const QSet<ControlId> &stretching, int end)
{
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (!moving.contains(control.id)) {
            continue;
        }
        for (RailId *edge : {&control.rides.left, &control.rides.right}) {
            *edge = *edge >= FixedRail::FirstFree && !findRail(result, *edge) ? FixedRail::None : *edge;
        }
        if (stretching.contains(control.id)) {
            control.rides.right = FixedRail::FormRight;
            control.place.setWidth(std::max(LeastSize, end - control.place.x()));
        }
        result.controls.replace(i, withRidesByPlace(result, control));
    }
    return result;
}

// The height of an area's band or container, px.
int heightOf(const Form &form, const Area &area)
{
    const Control *container = form.controls.find(area.container);
    const Band *band = findBand(form, area.band);
    return container ? container->place.height() : band ? band->height : 0;
}

Form withHeight(const Form &form, const Area &area, int height)
{
    Form result = form;
    if (const int index = form.controls.indexOf(area.container); area.container != 0 && index >= 0) {
        Control container = form.controls.at(index);
        container.place.setHeight(height);
        result.controls.replace(index, container);
        return result;
    }
    for (Band &band : result.bands) {
        band.height = band.role == area.band ? height : band.height;
    }
    return result;
}

} // namespace

Form flowed(const Form &form, const QList<ControlId> &controls, int columnCount, const TextMeasure &measure,
            FlowWay way)
{
    const int pitch = std::max(1, form.grid.pitch);
    const QList<Arranged> items = fieldsToFlow(form, {controls.begin(), controls.end()});
    if (items.isEmpty()) {
        return form;
    }
    const Area area = items.first().area;
    const QRect room = roomOf(form, area);
    QRect before;
    QSet<ControlId> moving;
    QList<ControlId> fields;
    for (const Arranged &item : items) {
        before = before.united(item.whole);
        moving += {item.control, item.other};
        fields.append(item.control);
    }
    const int gap = std::clamp(usualRowGap(items, pitch), pitch, 3 * pitch);
    const QList<Run> runs = runsOf(blocksAsTheyRead(form, items), std::max(1, columnCount), gap, way);
    const Columns columns =
        columnsFor(runs, std::max(1, columnCount), room.x() + std::clamp(before.x() - room.x(), 0, 2 * pitch), pitch);
    int end = 0;
    QList<Placing> placings = placed(runs, columns, onGridAtOrAfter(before.y(), pitch), gap, pitch, &end);

    // What stood below all of them follows their end, upwards only where nothing stays in between; the band and the
    // form end as far behind their content as they did.
    const bool isWhole = items.size() == arrangedIn(form, area).size();
    const int by = std::max(onGrid(end - gap - bottomOf(before), pitch), isWhole ? -before.height() : 0);
    QSet<ControlId> stretching;
    Form result = withoutStretching(withCaptionRails(form, columns, moving), moving, &stretching);
    for (Placing &placing : placings) {
        placing.place.setWidth(result.controls.find(placing.item.control)->place.width());
    }
    result = withPlacings(result, placings);
    QList<Placing> below;
    for (Arranged item : arrangedIn(result, area)) {
        if (!moving.contains(item.control) && item.place.y() >= bottomOf(before)) {
            below.append({item, item.place.translated(0, by)});
        }
    }
    result = withHeight(withPlacings(result, below), area, std::max(pitch, heightOf(form, area) + by));
    result = grownToHold(result);
    if (isWhole && area.container == 0) {
        result =
            setFormWidth(result, columns.end + std::clamp(onGrid(form.width - rightOf(before), pitch), 0, 4 * pitch));
    }
    result = withEdgesRiding(result, moving, stretching, columns.end);
    if (way == FlowWay::Across) {
        result.tabOrder = TabOrder::Rows;
    } else if (result.tabOrder == TabOrder::Rows) {
        result.tabOrder = TabOrder::Reading;
    }
    // What stood beside them, and is in the way now, makes way.
    return settled(withWayMade(grownToHold(result), fields), measure);
}

namespace {

Form flow(const ArrangeContext &context)
{
    return flowed(context.form, chosenOrAll(context), context.columns, context.measure);
}

Form flowAcross(const ArrangeContext &context)
{
    return flowed(context.form, chosenOrAll(context), context.columns, context.measure, FlowWay::Across);
}

template <int columns> Form flowInto(const ArrangeContext &context)
{
    return flowed(context.form, chosenOrAll(context), columns, context.measure);
}

} // namespace

QList<ArrangeOperation> flowOperations()
{
    constexpr auto Group = ArrangeGroup::Whole;
    return {
        {QStringLiteral("flow-columns"), Texts::later("Flow into columns"),
         Texts::later("Fields go into the number of columns chosen, what belongs together stays so."), Group,
         needsWholeForm, flow, nullptr,
         "<rect class='b' x='2.5' y='2.5' width='4' height='3'/><rect class='b' x='2.5' y='8.5' width='4' "
         "height='3'/><rect class='b' x='9.5' y='2.5' width='4' height='3'/><path class='m' d='M11.5 8v5.5M9.6 "
         "11.6l1.9 1.9 1.9-1.9'/>"},
        {QStringLiteral("flow-across"), Texts::later("Flow across"),
         Texts::later("Fields go into the number of columns chosen, row by row, and Tab goes so through the form."),
         Group, needsWholeForm, flowAcross, "Ctrl+Alt+Shift+F"},
        {QStringLiteral("flow-1"), Texts::later("Flow into one column"), Texts::later("Fields go under one another."),
         Group, needsWholeForm, flowInto<1>, "Ctrl+Alt+1"},
        {QStringLiteral("flow-2"), Texts::later("Flow into two columns"),
         Texts::later("Fields go into two columns of about equal height."), Group, needsWholeForm, flowInto<2>,
         "Ctrl+Alt+2"},
        {QStringLiteral("flow-3"), Texts::later("Flow into three columns"),
         Texts::later("Fields go into three columns of about equal height."), Group, needsWholeForm, flowInto<3>,
         "Ctrl+Alt+3"},
    };
}

} // namespace nabblet
