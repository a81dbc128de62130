#include "core/arrange/moving.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/kind.h"
#include "core/model/changed_controls.h"

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

// What is asked for, and what stands in it.
ControlSet withMembers(const Form &form, const QList<ControlId> &controls)
{
    ControlSet named = setOf(controls);
    return hasContainers(form) ? named + membersOf(form, named) : named;
}

// Whether a caption comes along with its field but stands in another area, as heads do: it then moves sideways only.
// named: what is asked for, with what stands in it, which goes all the way.
bool isHeadOf(const Form &form, const Control &control, const ControlSet &named)
{
    if (control.captionFor == 0 || named.contains(control.id)) {
        return false;
    }
    const Control *field = form.controls.find(control.captionFor);
    return field && areaOf(*field) != areaOf(control);
}

} // namespace

QList<ControlId> withBelongings(const Form &form, const QList<ControlId> &controls)
{
    const ControlSet named = withMembers(form, controls);
    QList<ControlId> result;
    for (const Control &control : form.controls) {
        if (named.contains(control.id) || named.contains(control.captionFor)) {
            result.append(control.id);
        }
    }
    return result;
}

QPoint possibleMove(const Form &form, const QList<ControlId> &controls, QPoint distance)
{
    const ControlSet moving = setOf(withBelongings(form, controls));
    const ControlSet named = withMembers(form, controls);
    QHash<Area, QPoint> corners; // the top left corner of each area's room
    for (const Control &control : form.controls) {
        if (!moving.contains(control.id) || moving.contains(control.container)) {
            continue;
        }
        const Area area = areaOf(control);
        auto corner = corners.constFind(area);
        if (corner == corners.constEnd()) {
            corner = corners.insert(area, roomOf(form, area).topLeft());
        }
        distance.setX(std::max(distance.x(), std::min(0, corner->x() - control.place.x())));
        if (!isHeadOf(form, control, named)) {
            distance.setY(std::max(distance.y(), std::min(0, corner->y() - control.place.y())));
        }
    }
    return distance;
}

Form moveControls(const Form &form, const QList<ControlId> &controls, QPoint distance, RideRule rule)
{
    const QPoint possible = possibleMove(form, controls, distance);
    if (possible.isNull()) {
        return form;
    }
    const ControlSet named = withMembers(form, controls);
    return grownToHold(changed(form, setOf(withBelongings(form, controls)), [&](Control control) {
        const QRect before = control.place;
        control.place.translate(isHeadOf(form, control, named) ? QPoint(possible.x(), 0) : possible);
        return rule == RideRule::Kept ? control : withRidesSince(form, before, control);
    }));
}

QList<ControlId> fieldsOfCaptions(const Form &form, const QList<ControlId> &controls)
{
    QList<ControlId> result = controls;
    for (ControlId &id : result) {
        const Control *control = form.controls.find(id);
        const Control *field = control && control->captionFor != 0 ? form.controls.find(control->captionFor) : nullptr;
        if (field && areaOf(*field) == areaOf(*control) && !controls.contains(field->id)) {
            id = field->id;
        }
    }
    return result;
}

Form moveControlsInto(const Form &form, const QList<ControlId> &asked, const Area &area, QPoint distance)
{
    const bool isOfContainers = area.container != 0 || std::any_of(asked.begin(), asked.end(), [&](ControlId id) {
                                    const Control *control = form.controls.find(id);
                                    return control && control->container != 0;
                                });
    const QList<ControlId> controls = isOfContainers ? fieldsOfCaptions(form, asked) : asked;
    const int top = bandTop(form, area.band);
    const ControlSet named = withMembers(form, controls);
    const ControlSet moving = setOf(withBelongings(form, controls));
    if (moving.contains(area.container)) {
        return form;
    }
    const QPoint corner = roomOf(form, area).topLeft();
    // As far as none of them leaves the area at the left or the top.
    QPoint by = distance;
    for (const Control &control : form.controls) {
        if (moving.contains(control.id) && !isHeadOf(form, control, named)) {
            const QPoint there = placeOnForm(form, control).topLeft() - QPoint(0, top);
            by.setX(std::max(by.x(), corner.x() - there.x()));
            by.setY(std::max(by.y(), corner.y() - there.y()));
        }
    }
    const Form moved = changed(form, moving, [&](Control control) {
        if (isHeadOf(form, control, named)) {
            return control;
        }
        control.place = placeOnForm(form, control).translated(by).translated(0, -top);
        control.band = area.band;
        if (!moving.contains(control.container)) {
            control.container = area.container;
            control.page = area.page;
        }
        return withRidesByPlace(form, control);
    });
    Form result = moved;
    if (const int holder = result.controls.indexOf(area.container); area.container != 0 && holder >= 0) {
        Control container = result.controls.at(holder);
        const Rides needed = holdsFor(form, controls);
        container.rides.left = needed.left != FixedRail::None ? needed.left : container.rides.left;
        container.rides.right = needed.right != FixedRail::None ? needed.right : container.rides.right;
        container.rides.top = needed.top != FixedRail::None ? needed.top : container.rides.top;
        container.rides.bottom = needed.bottom != FixedRail::None ? needed.bottom : container.rides.bottom;
        result.controls.replace(holder, container);
    }
    return grownToHold(inNestingOrder(result));
}

Form resizeControls(const Form &form, const QList<ControlId> &controls, Edges edges, QPoint distance, RideRule rule)
{
    return grownToHold(changed(form, setOf(controls), [&](Control control) {
        const QPoint corner = control.container == 0 ? QPoint() : roomOf(form, areaOf(control)).topLeft();
        QPoint held(std::numeric_limits<int>::max(), std::numeric_limits<int>::max()); // of what is in a container
        if (holdsOthers(control)) {
            const Insets insets = insetsOf(control);
            for (const int i : form.controls.index().inside.value(control.id)) {
                const QRect &place = form.controls.at(i).place;
                held.setX(std::min(held.x(), place.x() - insets.left));
                held.setY(std::min(held.y(), place.y() - insets.top));
            }
        }
        int left = control.place.x();
        int top = control.place.y();
        int right = left + control.place.width();
        int bottom = top + control.place.height();
        if (edges & Edge::Left) {
            const int least = std::min(left, corner.x());
            left = std::clamp(left + distance.x(), least, std::max(least, std::min(held.x(), right - LeastSize)));
        }
        if (edges & Edge::Right) {
            right = std::max(right + distance.x(), left + LeastSize);
        }
        if (edges & Edge::Top) {
            const int least = std::min(top, corner.y());
            top = std::clamp(top + distance.y(), least, std::max(least, std::min(held.y(), bottom - LeastSize)));
        }
        if (edges & Edge::Bottom) {
            bottom = std::max(bottom + distance.y(), top + LeastSize);
        }
        const QRect before = control.place;
        if (before.size() != QSize(right - left, bottom - top)) {
            pinDivider(control);
        }
        control.place = QRect(left, top, right - left, bottom - top);
        if (control.place == before || rule == RideRule::Kept) {
            return control;
        }
        // Only an edge that moved lets go of its rail.
        const Control riding = withRidesByPlace(form, control);
        control.rides.left = left != before.x() ? riding.rides.left : control.rides.left;
        control.rides.right = right != rightOf(before) ? riding.rides.right : control.rides.right;
        control.rides.top = top != before.y() ? riding.rides.top : control.rides.top;
        control.rides.bottom = bottom != bottomOf(before) ? riding.rides.bottom : control.rides.bottom;
        return control;
    }));
}

Form placeControl(const Form &form, ControlId id, const QRect &place)
{
    const Control *control = form.controls.find(id);
    if (!control) {
        return form;
    }
    const QRect inside(std::max(0, place.x()), std::max(0, place.y()), std::max(LeastSize, place.width()),
                       std::max(LeastSize, place.height()));
    const QPoint distance = inside.topLeft() - control->place.topLeft();
    const Form moved = moveControls(form, {id}, distance);
    const Control *there = moved.controls.find(id);
    const QSize grow = inside.size() - there->place.size();
    return resizeControls(moved, {id}, Edge::Right | Edge::Bottom, QPoint(grow.width(), grow.height()));
}

Form deleteControls(const Form &form, const QList<ControlId> &controls)
{
    const ControlSet leaving = setOf(withBelongings(form, controls));
    Form result = form;
    result.controls = ControlList();
    result.controls.reserve(form.controls.size());
    QSet<QString> stillBound;
    for (int i = 0; i < form.controls.size(); ++i) {
        if (!leaving.contains(form.controls.at(i).id)) {
            result.controls.appendShared(form.controls, i);
            for (const QString &column : columnsWritten(form.controls.at(i))) {
                stillBound.insert(column);
            }
        }
    }
    result.boundColumns.removeIf(
        [&](const BoundColumn &bound) { return bound.table.isEmpty() && !stillBound.contains(bound.column); });
    forget(result, leaving);
    return result;
}

void forget(Form &form, const QSet<ControlId> &gone)
{
    const auto isGone = [&](ControlId id) { return gone.contains(id); };
    form.handOrder.removeIf(isGone);
    form.leftBe.removeIf([&](const LeftBe &left) { return isGone(left.control); });
    // A rule goes with the last of its controls; one that never had any is of the record.
    for (auto rule = form.rules.begin(); rule != form.rules.end();) {
        const auto lost =
            rule->on.removeIf(isGone) + rule->areas.removeIf([&](const Area &area) { return isGone(area.container); });
        rule = lost > 0 && rule->on.isEmpty() && rule->areas.isEmpty() ? form.rules.erase(rule) : rule + 1;
    }
}

Form pushedOn(Form form, ControlId from, Qt::Orientation way)
{
    constexpr int MostPushes = 2000;
    const int pitch = std::max(1, form.grid.pitch);
    QList<ControlId> toLookAt{from};
    for (int pushes = 0; !toLookAt.isEmpty() && pushes < MostPushes; ++pushes) {
        const Control pushing = *form.controls.find(toLookAt.takeFirst());
        for (const Control &other : ControlList(form.controls)) {
            const bool isBehind =
                way == Qt::Horizontal ? other.place.x() > pushing.place.x() : other.place.y() > pushing.place.y();
            if (other.id == pushing.id || areaOf(other) != areaOf(pushing) || !isBehind ||
                other.captionFor == pushing.id || pushing.captionFor == other.id ||
                !overlap(other.place, pushing.place)) {
                continue;
            }
            const int by = onGridAtOrAfter(way == Qt::Horizontal ? rightOf(pushing.place) + pitch - other.place.x()
                                                                 : bottomOf(pushing.place) + pitch - other.place.y(),
                                           pitch);
            // A caption in the way takes its field along.
            const ControlId moved =
                other.captionFor != 0 && form.controls.find(other.captionFor) ? other.captionFor : other.id;
            form = moveControls(form, {moved}, way == Qt::Horizontal ? QPoint(by, 0) : QPoint(0, by));
            toLookAt.append(moved);
        }
    }
    return form;
}

} // namespace nabblet
