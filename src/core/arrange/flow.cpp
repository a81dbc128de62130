#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/arrange/tidy.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"

#include <QHash>
#include <QSet>

#include <algorithm>
#include <numeric>

namespace nabblet {

namespace {

constexpr int BetweenColumns = 24; // px
constexpr int WideFrom = 400;      // px; a box as wide gets the whole width

// Fields that stay together, as they stand to one another.
struct Block
{
    QList<Arranged> members;
    QRect bounds;        // of all wholes
    int captionRoom = 0; // px, left of the first box
    bool isWide = false;
};

int heightOf(const QList<Block> &blocks, int gap)
{
    int height = 0;
    for (const Block &block : blocks) {
        height += block.bounds.height() + gap;
    }
    return height;
}

// Parts blocks into so many runs, in their order, of which the highest is as low as can be.
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
    int most = heightOf(blocks, gap);
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

} // namespace

Form flowed(const Form &form, const QList<ControlId> &controls, int columns, const TextMeasure &measure)
{
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    const int pitch = std::max(1, form.grid.pitch);
    columns = std::max(1, columns);
    // One band: the one in which most of the fields stand.
    QList<Arranged> items;
    BandRole role = BandRole::Body;
    for (const Band &band : form.bands) {
        QList<Arranged> here;
        for (const Arranged &item : arrangedInBand(form, band.role)) {
            if (chosen.contains(item.control) || (item.other != 0 && chosen.contains(item.other))) {
                here.append(item);
            }
        }
        if (here.size() > items.size()) {
            items = here;
            role = band.role;
        }
    }
    if (items.isEmpty()) {
        return form;
    }
    QRect before;
    for (const Arranged &item : std::as_const(items)) {
        before = before.united(item.whole);
    }
    const int gap = std::clamp(usualRowGap(items, pitch), pitch, 3 * pitch);

    // Blocks in tab order; what takes no value comes where it stands among the rows.
    QHash<ControlId, int> order;
    for (const ControlId id : tabSequence(form)) {
        order.insert(id, static_cast<int>(order.size()));
    }
    QList<Block> blocks;
    int lastOrder = -1;
    QList<int> orders;
    for (const FieldBlock &found : fieldBlocks(items)) {
        Block block;
        for (const int member : found) {
            block.members.append(items.at(member));
            block.bounds = block.bounds.united(items.at(member).whole);
            block.isWide = block.isWide || items.at(member).place.width() >= WideFrom;
        }
        block.captionRoom = block.members.first().place.x() - block.bounds.x();
        lastOrder = order.value(block.members.first().control, lastOrder);
        orders.append(lastOrder);
        blocks.append(block);
    }
    QList<int> sorted(blocks.size());
    std::iota(sorted.begin(), sorted.end(), 0);
    std::stable_sort(sorted.begin(), sorted.end(), [&](int a, int b) { return orders.at(a) < orders.at(b); });

    // Runs of blocks for the columns, parted by wide ones.
    struct Run
    {
        QList<QList<Block>> columns;
        std::optional<Block> wide;
    };
    QList<Run> runs;
    QList<Block> waiting;
    const auto take = [&] {
        if (!waiting.isEmpty()) {
            runs.append({parted(waiting, columns, gap), {}});
            waiting.clear();
        }
    };
    for (const int i : std::as_const(sorted)) {
        if (blocks.at(i).isWide && columns > 1) {
            take();
            runs.append({{}, blocks.at(i)});
        } else {
            waiting.append(blocks.at(i));
        }
    }
    take();

    // Where each column's boxes start, the same in all runs.
    QList<int> captionRoom(columns, 0);
    QList<int> width(columns, 0);
    for (const Run &run : std::as_const(runs)) {
        for (qsizetype k = 0; k < run.columns.size(); ++k) {
            for (const Block &block : run.columns.at(k)) {
                captionRoom[k] = std::max(captionRoom.at(k), block.captionRoom);
                width[k] = std::max(width.at(k), block.bounds.width() - block.captionRoom);
            }
        }
        if (run.wide) {
            captionRoom[0] = std::max(captionRoom.at(0), run.wide->captionRoom);
        }
    }
    QList<int> boxes;
    int x = std::max(0, std::min(before.x(), 2 * pitch));
    for (int k = 0; k < columns; ++k) {
        boxes.append(onGridAtOrAfter(x + captionRoom.at(k), pitch));
        x = boxes.last() + width.at(k) + BetweenColumns;
    }
    const int until = onGridAtOrAfter(x - BetweenColumns, pitch);

    QList<Placing> placings;
    const auto put = [&](const Block &block, int boxAt, int y) {
        const QPoint by(boxAt - block.members.first().place.x(), y - block.bounds.y());
        for (Arranged item : block.members) {
            item.otherKeepsX = false;
            placings.append({item, item.place.translated(by)});
        }
    };
    int y = onGridAtOrAfter(before.y(), pitch);
    for (const Run &run : std::as_const(runs)) {
        int lowest = y;
        for (qsizetype k = 0; k < run.columns.size(); ++k) {
            int at = y;
            for (const Block &block : run.columns.at(k)) {
                put(block, boxes.at(k), at);
                at = onGridAtOrAfter(at + block.bounds.height() + gap, pitch);
            }
            lowest = std::max(lowest, at);
        }
        if (run.wide) {
            put(*run.wide, boxes.at(0), y);
            lowest = onGridAtOrAfter(y + run.wide->bounds.height() + gap, pitch);
        }
        y = lowest;
    }

    // What stood below goes with the end of the fields; nothing else may be covered.
    const int by = onGrid(y - gap - bottomOf(before), pitch);
    Form result = form;
    QSet<ControlId> moving;
    for (const Arranged &item : std::as_const(items)) {
        moving.insert(item.control);
        moving.insert(item.other);
    }
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (control.band == role && !moving.contains(control.id) && control.place.y() >= bottomOf(before)) {
            control.place.translate(0, by);
            result.controls.replace(i, control);
        }
    }
    // Rails for the captions: those that are there, in their order, then new ones; those that nothing rides any more
    // go.
    QStringList names;
    QList<Rail> automatic;
    for (const Rail &rail : result.rails) {
        names.append(rail.name);
        const bool isOnlyOurs = std::all_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
            return moving.contains(control.id) || (control.rides.left != rail.id && control.rides.right != rail.id);
        });
        if (rail.isAutomatic && isOnlyOurs) {
            automatic.append(rail);
        }
    }
    for (const Rail &rail : std::as_const(automatic)) {
        result.rails.removeIf([&](const Rail &each) { return each.id == rail.id; });
    }
    NamePool pool(names);
    for (int k = 0; k < columns; ++k) {
        if (captionRoom.at(k) == 0 || width.at(k) == 0) {
            continue;
        }
        Rail rail;
        if (k < automatic.size()) {
            rail = automatic.at(k);
        } else {
            rail.id = nextRailId(automatic.isEmpty() ? result : form) + k;
            rail.name = pool.take(QStringLiteral("captions"));
            rail.isAutomatic = true;
        }
        rail.position = boxes.at(k);
        rail.captionsFrom = std::max(0, boxes.at(k) - captionRoom.at(k));
        result.rails.append(rail);
    }
    result = withPlacings(result, placings);
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &control = result.controls.at(i);
        if (moving.contains(control.id)) {
            Control riding = control;
            // Rails that went are let go of, those at hand are taken.
            if (!findRail(result, riding.rides.left) && riding.rides.left >= FixedRail::FirstFree) {
                riding.rides.left = FixedRail::None;
            }
            if (!findRail(result, riding.rides.right) && riding.rides.right >= FixedRail::FirstFree) {
                riding.rides.right = FixedRail::None;
            }
            result.controls.replace(i, withRidesByPlace(result, riding));
        }
    }
    // The band and the form end as far behind their content as they did.
    const int right = rightOf(before);
    result.width = std::max(until + std::max(0, std::min(form.width - right, 4 * pitch)), pitch);
    for (Band &band : result.bands) {
        if (band.role == role) {
            band.height = std::max(pitch, band.height + by);
        }
    }
    // A wide box reaches to the end of the columns, where it stretched before.
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (control.rides.right == FixedRail::FormRight && control.rides.left != FixedRail::None) {
            const int end = moving.contains(control.id) ? until : rightOf(control.place) + result.width - form.width;
            control.place.setWidth(std::max(8, end - control.place.x()));
            result.controls.replace(i, control);
        }
    }
    return settled(grownToHold(result), measure);
}

} // namespace nabblet
