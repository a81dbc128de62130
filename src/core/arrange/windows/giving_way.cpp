#include "core/arrange/windows/giving_way.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"

#include <algorithm>

namespace nabblet {

namespace {

// Room that nobody needs any more: of hidden controls, or at the end of a group box that became lower.
struct Strip
{
    int top = 0;
    int bottom = 0;
    bool hasGapBelow = false; // the gap to what follows goes along
};

QList<Strip> merged(QList<Strip> strips)
{
    std::sort(strips.begin(), strips.end(), [](const Strip &a, const Strip &b) { return a.top < b.top; });
    QList<Strip> result;
    for (const Strip &strip : std::as_const(strips)) {
        if (!result.isEmpty() && strip.top <= result.last().bottom) {
            result.last().bottom = std::max(result.last().bottom, strip.bottom);
            result.last().hasGapBelow = result.last().hasGapBelow || strip.hasGapBelow;
        } else {
            result.append(strip);
        }
    }
    return result;
}

// Closes the room up in one area; gives how much lower what is in it has become.
int closeUp(Form &form, const Area &area, const QSet<ControlId> &hidden, QList<Strip> strips)
{
    for (const Control &control : form.controls) {
        if (areaOf(control) == area && hidden.contains(control.id)) {
            strips.append({control.place.y(), bottomOf(control.place), true});
        }
    }
    int closed = 0;
    const QList<Strip> all = merged(strips);
    for (auto strip = all.rbegin(); strip != all.rend(); ++strip) { // from the lowest on, as what is below moves
        bool isBlocked = false;
        int above = roomOf(form, area).y();
        int next = -1;
        QList<ControlId> below;
        for (const Control &control : form.controls) {
            if (areaOf(control) != area || hidden.contains(control.id)) {
                continue;
            }
            const int top = control.place.y();
            const int bottom = bottomOf(control.place);
            if (top >= strip->bottom) {
                below.append(control.id);
                next = next < 0 ? top : std::min(next, top);
            } else if (bottom <= strip->top) {
                above = std::max(above, bottom);
            } else {
                isBlocked = true;
            }
        }
        if (isBlocked) {
            continue;
        }
        const int by = next < 0             ? strip->bottom - (strip->hasGapBelow ? above : strip->top)
                       : strip->hasGapBelow ? next - strip->top
                                            : strip->bottom - strip->top;
        moveWithMembers(form, QSet<ControlId>(below.begin(), below.end()), QPoint(0, -by));
        closed += by;
    }
    return closed;
}

} // namespace

Form withRoomGivenUp(const Form &form, const QSet<ControlId> &hidden)
{
    if (hidden.isEmpty() || isTabular(form)) {
        return form;
    }
    Form result = form;
    QHash<Area, QList<Strip>> strips; // at the ends of group boxes that became lower
    QList<Area> areas = areasOf(form);
    std::reverse(areas.begin(), areas.end()); // what is inside comes first
    for (const Area &area : std::as_const(areas)) {
        const int closed = closeUp(result, area, hidden, strips.value(area));
        if (closed <= 0) {
            continue;
        }
        const int index = result.controls.indexOf(area.container);
        if (index >= 0) {
            Control container = result.controls.at(index);
            if (kindNamed(container.kind).holds != Holds::Controls || hidden.contains(container.id)) {
                continue; // pages and panes keep their size for the other ones
            }
            const int before = bottomOf(container.place);
            container.place.setHeight(std::max(LeastSize, container.place.height() - closed));
            result.controls.replace(index, container);
            strips[areaOf(container)].append({bottomOf(container.place), before, false});
        } else {
            for (Band &band : result.bands) {
                band.height = band.role == area.band ? std::max(0, band.height - closed) : band.height;
            }
        }
    }
    return result;
}

} // namespace nabblet
