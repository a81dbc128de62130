#include "core/arrange/row_edits.h"

#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/kinds/kind.h"

#include <algorithm>

namespace nabblet {

namespace {

struct Strip
{
    int top;
    int height;
};

// The empty strips of an area between its first and last control, higher than a gap; what is too much of each.
QList<Strip> emptyStrips(const Form &form, const Area &area)
{
    const QList<Arranged> items = arrangedIn(form, area);
    const int gap = std::max(usualRowGap(items, form.grid.pitch), form.grid.pitch);
    QList<QRect> places;
    for (const Control &control : form.controls) {
        if (areaOf(control) == area) {
            places.append(control.place);
        }
    }
    std::sort(places.begin(), places.end(), [](const QRect &a, const QRect &b) { return a.y() < b.y(); });
    QList<Strip> strips;
    int bottom = places.isEmpty() ? 0 : bottomOf(places.first());
    for (const QRect &place : std::as_const(places)) {
        // Up to a grid step more than the usual gap is no row that was left.
        if (place.y() - bottom > gap + form.grid.pitch) {
            strips.append({bottom + gap, place.y() - bottom - gap});
        }
        bottom = std::max(bottom, bottomOf(place));
    }
    return strips;
}

} // namespace

Form withRoomDown(const Form &form, const Area &area, int y, int distance)
{
    return withRoomsDown(form, area, {{y, distance}});
}

Form withRoomsDown(const Form &form, const Area &area, const QMap<int, int> &rooms)
{
    int total = 0;
    for (const int distance : rooms) {
        total += distance;
    }
    Form result = form;
    QHash<ControlId, int> carried; // containers of the area, and those in them: px downwards
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        const bool isInside = areaOf(control) == area;
        if (!isInside && !carried.contains(control.container)) {
            continue;
        }
        int by = isInside ? 0 : carried.value(control.container);
        if (isInside) {
            for (auto [y, distance] : rooms.asKeyValueRange()) {
                by += control.place.y() >= y ? distance : 0;
            }
        }
        control.place.moveTop(std::max(0, control.place.y() + by));
        if (control.rides.bottom == FixedRail::BodyBottom && control.rides.top != FixedRail::None) {
            // What reaches down to the band's bottom keeps doing so.
            control.place.setHeight(std::max(LeastSize, control.place.height() + total - by));
        }
        if (holdsOthers(control)) {
            carried.insert(control.id, by);
        }
        result.controls.replace(i, control);
    }
    if (const int holder = result.controls.indexOf(area.container); area.container != 0 && holder >= 0) {
        // A group that closes up gets lower; for one that opens, what is in it pushes its lower edge.
        Control container = result.controls.at(holder);
        container.place.setHeight(std::max(8, container.place.height() + std::min(0, total)));
        result.controls.replace(holder, container);
        return grownToHold(result);
    }
    for (Band &each : result.bands) {
        if (each.role == area.band) {
            each.height = std::max(0, each.height + total);
        }
    }
    if (area.band == BandRole::Body) {
        for (Rail &rail : result.levelRails) {
            int by = 0;
            for (auto [y, distance] : rooms.asKeyValueRange()) {
                by += rail.position >= y ? distance : 0;
            }
            rail.position = std::max(0, rail.position + by);
        }
    }
    return grownToHold(result);
}

Form withRoomAcross(const Form &form, int x, int distance)
{
    Form result = form;
    const QSet<ControlId> spanning = containersAcross(form, x);
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        const bool isStretching = control.rides.right == FixedRail::FormRight && control.rides.left != FixedRail::None;
        if (control.place.x() >= x) {
            control.place.translate(distance, 0);
            result.controls.replace(i, control);
        } else if (isStretching || spanning.contains(control.id)) {
            control.place.setWidth(std::max(8, control.place.width() + distance));
            result.controls.replace(i, control);
        }
    }
    for (Rail &rail : result.rails) {
        // A rail goes with the captions that end on it.
        const bool moves = rail.isAutomatic ? rail.captionsFrom >= x : rail.position >= x;
        if (moves) {
            rail.position += distance;
            rail.captionsFrom += rail.isAutomatic ? distance : 0;
        }
    }
    result.width = std::max(8, result.width + distance);
    return grownToHold(result);
}

int freeLeftOf(const Form &form, int x)
{
    constexpr int BetweenColumns = 24; // px
    const int pitch = std::max(1, form.grid.pitch);
    int free = form.width;
    for (const Area &area : areasOf(form)) {
        const Control *around = form.controls.find(area.container);
        if (around && around->place.x() >= x) {
            continue; // moves as a whole
        }
        QList<const Control *> staying;
        QList<const Control *> moving;
        for (const int i : form.controls.index().areas.value(area)) {
            const Control &control = form.controls.at(i);
            (control.place.x() >= x ? moving : staying).append(&control);
        }
        const int start = roomOf(form, area).x() + (area.container == 0 ? 2 * pitch : 0);
        for (const Control *mover : std::as_const(moving)) {
            int until = start;
            for (const Control *other : std::as_const(staying)) {
                const bool isBeside = other->place.y() < bottomOf(mover->place) + pitch &&
                                      mover->place.y() < bottomOf(other->place) + pitch;
                until = isBeside ? std::max(until, rightOf(other->place) + BetweenColumns) : until;
            }
            free = std::min(free, mover->place.x() - until);
        }
        // What stays has room in what gets narrower: the form, and containers in which something moves.
        const bool getsNarrower = area.container == 0 || !moving.isEmpty();
        for (const Control *other : getsNarrower ? staying : QList<const Control *>()) {
            const bool isStretching = other->rides.right == FixedRail::FormRight;
            free = isStretching ? free : std::min(free, rightOf(roomOf(form, area)) - rightOf(other->place));
        }
    }
    return std::max(0, free / pitch * pitch);
}

int emptyRowsHeight(const Form &form, const Area &area)
{
    int height = 0;
    for (const Strip &strip : emptyStrips(form, area)) {
        height += strip.height;
    }
    return height;
}

int emptyRowsHeight(const Form &form)
{
    int height = 0;
    for (const Area &area : areasOf(form)) {
        height += emptyRowsHeight(form, area);
    }
    return height;
}

Form withRowsClosedUp(const Form &form, const Area &area)
{
    Form result = form;
    // What the usual gap is may become clearer with fewer empty strips, so it is asked until there are none.
    for (QList<Strip> strips = emptyStrips(result, area); !strips.isEmpty(); strips = emptyStrips(result, area)) {
        std::reverse(strips.begin(), strips.end()); // from the lowest, so that the others stay where they are
        for (const Strip &strip : std::as_const(strips)) {
            result = withRoomDown(result, area, strip.top + strip.height, -strip.height);
        }
    }
    return result;
}

} // namespace nabblet
