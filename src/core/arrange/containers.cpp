#include "core/arrange/containers.h"

#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int NextTo = 8; // px kept between a container that grew and what made way for it

} // namespace

void standIn(Control &control, const Area &area)
{
    control.band = area.band;
    control.container = area.container;
    control.page = area.page;
}

bool holdsOthers(const Control &control)
{
    // Asked of every control at every turn, so it goes by the few names that matter.
    static const QStringList names = [] {
        QStringList holders;
        for (const Kind &kind : kinds()) {
            if (kind.holds != Holds::Nothing) {
                holders.append(kind.name);
            }
        }
        return holders;
    }();
    return names.contains(control.kind);
}

bool hasContainers(const Form &form)
{
    if (const ControlIndex *known = form.controls.knownIndex()) {
        return !known->inside.isEmpty();
    }
    return std::any_of(form.controls.begin(), form.controls.end(),
                       [](const Control &control) { return control.container != 0; });
}

QList<Area> areasIn(const Control &container)
{
    QList<Area> areas;
    if (!holdsOthers(container)) {
        return areas;
    }
    if (kindNamed(container.kind).holds == Holds::Pages) {
        for (const Page &page : pagesOf(container)) {
            areas.append({container.band, container.id, page.id});
        }
    } else if (kindNamed(container.kind).holds == Holds::Panes) {
        areas.append({container.band, container.id, FirstPane});
        areas.append({container.band, container.id, SecondPane});
    } else {
        areas.append({container.band, container.id, 0});
    }
    return areas;
}

QList<Area> areasOf(const Form &form)
{
    QList<Area> areas;
    for (const Band &band : form.bands) {
        areas.append({band.role, 0, 0});
    }
    for (const Control &control : form.controls) {
        if (holdsOthers(control)) {
            areas += areasIn(control);
        }
    }
    return areas;
}

Insets insetsOf(const Control &container, int page)
{
    const Kind &kind = kindNamed(container.kind);
    return kind.insets ? kind.insets(container, page) : Insets();
}

QRect roomOf(const Form &form, const Area &area)
{
    if (const Control *container = form.controls.find(area.container)) {
        const Insets insets = insetsOf(*container, area.page);
        return container->place.adjusted(insets.left, insets.top, -insets.right, -insets.bottom);
    }
    const Band *band = findBand(form, area.band);
    return {0, 0, form.width, band ? band->height : 0};
}

QSet<ControlId> membersOf(const Form &form, const QSet<ControlId> &containers)
{
    const ControlIndex &index = form.controls.index();
    QSet<ControlId> inside;
    QList<ControlId> open(containers.begin(), containers.end());
    while (!open.isEmpty()) {
        for (const int i : index.inside.value(open.takeLast())) {
            const ControlId member = form.controls.at(i).id;
            if (!inside.contains(member)) {
                inside.insert(member);
                open.append(member);
            }
        }
    }
    return inside;
}

void moveWithMembers(Form &form, const QSet<ControlId> &controls, QPoint by)
{
    const QSet<ControlId> inside = membersOf(form, controls);
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        if (controls.contains(control.id) || inside.contains(control.id)) {
            control.place.translate(by);
            form.controls.replace(i, control);
        }
    }
}

QList<ControlId> containersAround(const Form &form, ControlId id)
{
    QList<ControlId> around;
    const Control *control = form.controls.find(id);
    while (control && control->container != 0 && !around.contains(control->container)) {
        around.append(control->container);
        control = form.controls.find(control->container);
    }
    return around;
}

Form inNestingOrder(const Form &form)
{
    if (!hasContainers(form)) {
        return form;
    }
    Form result = form;
    QHash<ControlId, int> containers; // those that others name: indexes into the form's list
    QHash<ControlId, QList<Area>> areas;
    for (const Control &control : form.controls) {
        containers.insert(control.container, -1);
    }
    for (int i = 0; i < form.controls.size(); ++i) {
        if (const auto named = containers.find(form.controls.at(i).id); named != containers.end()) {
            *named = i;
            areas.insert(named.key(), areasIn(form.controls.at(i)));
        }
    }
    // Whether a control ends up in itself, going outwards.
    const auto isInItself = [&](const Control &control) {
        int steps = 0;
        int at = containers.value(control.container, -1);
        while (at >= 0 && form.controls.at(at).id != control.id && ++steps <= containers.size()) {
            at = containers.value(form.controls.at(at).container, -1);
        }
        return at >= 0;
    };
    QHash<ControlId, QList<int>> inside; // by container: indexes into the form's list
    for (int i = 0; i < form.controls.size(); ++i) {
        const Control &named = form.controls.at(i);
        const int at = containers.value(named.container, -1);
        const bool isThere =
            named.container == 0 ||
            (at >= 0 && form.controls.at(at).band == named.band &&
             (areas.value(named.container).contains(areaOf(named)) || !isKnownKind(form.controls.at(at).kind)) &&
             (!containers.contains(named.id) || !isInItself(named)));
        if (!isThere) {
            Control freed = named;
            freed.container = freed.page = 0;
            result.controls.replace(i, freed);
        }
        inside[isThere ? named.container : 0].append(i);
    }
    ControlList ordered;
    ordered.reserve(form.controls.size());
    const auto append = [&](const auto &self, ControlId container) -> void {
        const QList<int> members = inside.value(container);
        for (const int i : members) {
            ordered.appendShared(result.controls, i);
            if (inside.contains(result.controls.at(i).id)) {
                self(self, result.controls.at(i).id);
            }
        }
    };
    append(append, 0);
    result.controls = ordered;
    return result;
}

namespace {

// How far a control stands left of the room of its container, px; 0 where it stands inside.
int leftOfItsRoom(const Form &form, const Control &control)
{
    return control.container == 0 ? 0 : std::max(0, roomOf(form, areaOf(control)).x() - control.place.x());
}

// What rides a rail stays there when its container goes to the right. The container then keeps its left edge; where
// that rides a rail too, what stands in it leaves its own and comes along. moved: containers, px to the right.
Form withRidersInside(const Form &before, const Form &after, const QHash<ControlId, int> &moved)
{
    if (std::none_of(moved.begin(), moved.end(), [](int by) { return by > 0; })) {
        return after;
    }
    Form result = after;
    for (int i = static_cast<int>(result.controls.size()) - 1; i >= 0; --i) { // what is held before what holds it
        if (moved.value(result.controls.at(i).container, 0) <= 0) {
            continue;
        }
        const Control member = result.controls.at(i);
        const int beyond = leftOfItsRoom(result, member);
        const int more = beyond > 0 ? beyond - leftOfItsRoom(before, before.controls.at(i)) : 0;
        if (more <= 0) {
            continue;
        }
        Control container = *result.controls.find(member.container);
        if (container.rides.left == FixedRail::None) {
            const int divider = dividerOf(container);
            container.place.setLeft(container.place.x() - more);
            if (kindNamed(container.kind).holds == Holds::Panes && !areStacked(container)) {
                setDivider(container, divider + more); // which stays where it was
            }
            result.controls.replace(result.controls.indexOf(container.id), container);
            continue;
        }
        QSet<ControlId> moving{member.id};
        moving += membersOf(result, moving);
        for (int k = i; k < result.controls.size(); ++k) {
            if (moving.contains(result.controls.at(k).id)) {
                Control control = result.controls.at(k);
                control.place.translate(more, 0);
                result.controls.replace(k, withRidesByPlace(result, control));
            }
        }
    }
    return result;
}

} // namespace

Form withMembersFollowing(const Form &before, const Form &after)
{
    if (!hasContainers(after)) {
        return after;
    }
    Form result = after;
    QHash<ControlId, int> moved; // containers, px to the right
    QHash<ControlId, int> sunk;  // px down
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        const Rides &rides = control.rides;
        const bool isFreeAcross = rides.left == FixedRail::None && rides.right == FixedRail::None;
        const bool isFreeDown = rides.top == FixedRail::None && rides.bottom == FixedRail::None;
        const QPoint by(isFreeAcross ? moved.value(control.container, 0) : 0,
                        isFreeDown ? sunk.value(control.container, 0) : 0);
        if (!by.isNull()) {
            control.place.translate(by);
            result.controls.replace(i, control);
        }
        // What a rail holds in its place goes along with a container that moves all the same.
        const int down = sunk.value(control.container, 0);
        const QRect &there = before.controls.at(i).place;
        if (down != 0 && !isFreeDown && control.place.y() == there.y()) {
            if (bottomOf(control.place) == bottomOf(there)) {
                control.place.translate(0, down);
            } else {
                const int bottom = bottomOf(control.place);
                control.place.moveTop(control.place.y() + down);
                control.place.setHeight(std::max(LeastSize, bottom - control.place.y()));
            }
            result.controls.replace(i, control);
        }
        if (holdsOthers(control)) {
            const QPoint gone = control.place.topLeft() - before.controls.at(i).place.topLeft();
            moved.insert(control.id, gone.x());
            sunk.insert(control.id, gone.y());
        }
    }
    return withRidersInside(before, result, moved);
}

QSet<ControlId> inFirstPanes(const Form &form, Qt::Orientation direction)
{
    QSet<ControlId> inside;
    QSet<ControlId> divided;
    for (const Control &control : form.controls) { // containers come before what they hold
        if (inside.contains(control.container) || (control.page == FirstPane && divided.contains(control.container))) {
            inside.insert(control.id);
        }
        if (control.kind == QLatin1String("panes") && areStacked(control) == (direction == Qt::Vertical)) {
            divided.insert(control.id);
        }
    }
    return inside;
}

namespace {

// What rides one of the form's own edges, as every container around it does.
QSet<ControlId> heldTo(const Form &form, RailId formEdge, RailId Rides::*edge, Qt::Orientation along)
{
    QSet<ControlId> held;
    const QSet<ControlId> stays = inFirstPanes(form, along);
    for (const Control &control : form.controls) { // containers come before what they hold
        if (control.rides.*edge == formEdge && !stays.contains(control.id) &&
            (control.container == 0 || held.contains(control.container))) {
            held.insert(control.id);
        }
    }
    return held;
}

} // namespace

QSet<ControlId> heldToFormRight(const Form &form)
{
    return heldTo(form, FixedRail::FormRight, &Rides::right, Qt::Horizontal);
}

QSet<ControlId> heldToBodyBottom(const Form &form)
{
    QSet<ControlId> held = heldTo(form, FixedRail::BodyBottom, &Rides::bottom, Qt::Vertical);
    for (const Control &control : form.controls) {
        if (control.band != BandRole::Body) {
            held.remove(control.id);
        }
    }
    return held;
}

QSet<ControlId> containersAcross(const Form &form, int x)
{
    QSet<ControlId> across;
    if (!hasContainers(form)) {
        return across;
    }
    for (const Control &control : form.controls) {
        if (control.container == 0 || control.place.x() < x) {
            continue;
        }
        for (const ControlId around : containersAround(form, control.id)) {
            if (form.controls.find(around)->place.x() < x) {
                across.insert(around);
            }
        }
    }
    return across;
}

namespace {

// Shifts what stands in an area at or behind an edge, and what that holds, by a distance.
void shift(Form &form, const QList<Arranged> &items, QPoint by)
{
    QSet<ControlId> moving;
    for (const Arranged &item : items) {
        moving.insert(item.control);
    }
    moving += membersOf(form, moving);
    QHash<ControlId, QPoint> along;
    for (const Arranged &item : items) {
        if (item.other != 0 && !moving.contains(item.other)) {
            along.insert(item.other, distanceAlong(item, by));
        }
    }
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        const QPoint distance = moving.contains(control.id) ? by : along.value(control.id);
        if (!distance.isNull()) {
            const QRect there = control.place;
            control.place.translate(distance);
            form.controls.replace(i, withRidesSince(form, there, control));
        }
    }
}

// What stands below (or to the right of) a container that was grown makes way, as one, as far as it takes.
void makeWayFor(Form &form, const Control &before, const QRect &grown)
{
    QList<Arranged> below;
    QList<Arranged> beside;
    int nearestBelow = bottomOf(grown) + NextTo;
    int nearestBeside = rightOf(grown) + NextTo;
    for (const Arranged &item : arrangedIn(form, areaOf(before))) {
        if (item.control == before.id) {
            continue;
        }
        if (item.whole.y() >= bottomOf(before.place)) {
            below.append(item);
            nearestBelow = std::min(nearestBelow, item.whole.y());
        } else if (item.whole.x() >= rightOf(before.place) && item.whole.y() < bottomOf(before.place) &&
                   bottomOf(item.whole) > before.place.y()) {
            beside.append(item);
            nearestBeside = std::min(nearestBeside, item.whole.x());
        }
    }
    const int pitch = std::max(1, form.grid.pitch);
    const int down =
        std::min(bottomOf(grown) + NextTo, bottomOf(grown) + nearestBelow - bottomOf(before.place)) - nearestBelow;
    const int right =
        std::min(rightOf(grown) + NextTo, rightOf(grown) + nearestBeside - rightOf(before.place)) - nearestBeside;
    if (down > 0 && bottomOf(grown) > bottomOf(before.place)) {
        shift(form, below, {0, onGridAtOrAfter(down, pitch)});
    }
    if (right > 0 && rightOf(grown) > rightOf(before.place)) {
        shift(form, beside, {onGridAtOrAfter(right, pitch), 0});
    }
}

} // namespace

namespace {

// Moves the divider of panes on where the first holds more than it has room for, and what stands in the second along.
void makeRoomInFirstPane(Form &form, int index)
{
    Control panes = form.controls.at(index);
    const bool isStacked = areStacked(panes);
    const Insets free = insetsOf(panes, FirstPane);
    const QRect room = panes.place.adjusted(free.left, free.top, -free.right, -free.bottom);
    int over = 0;
    for (const Control &control : form.controls) {
        if (control.container == panes.id && control.page == FirstPane) {
            over = std::max(over, isStacked ? bottomOf(control.place) - bottomOf(room)
                                            : rightOf(control.place) - rightOf(room));
        }
    }
    if (over <= 0) {
        return;
    }
    const int by = onGridAtOrAfter(over, std::max(1, form.grid.pitch));
    const int divider = dividerOf(panes) + by;
    const QRect before = panes.place;
    const int length = isStacked ? before.height() : before.width();
    const int more = std::max(by, divider + LeastPane - length);
    panes.place.setSize(before.size() + (isStacked ? QSize(0, more) : QSize(more, 0)));
    makeWayFor(form, form.controls.at(index), panes.place);
    setDivider(panes, divider);
    form.controls.replace(index, panes);
    QList<Arranged> second = arrangedIn(form, {panes.band, panes.id, SecondPane});
    shift(form, second, isStacked ? QPoint(0, by) : QPoint(by, 0));
}

} // namespace

Form withContainersGrown(const Form &form)
{
    if (!hasContainers(form)) {
        return form;
    }
    Form result = form;
    for (int i = form.controls.size() - 1; i >= 0; --i) {
        if (!holdsOthers(form.controls.at(i))) {
            continue;
        }
        if (kindNamed(result.controls.at(i).kind).holds == Holds::Panes) {
            makeRoomInFirstPane(result, i);
        }
        const Control container = result.controls.at(i);
        const Insets insets = insetsOf(container, SecondPane); // of panes, the one at the end
        int right = rightOf(container.place);
        int bottom = bottomOf(container.place);
        for (const int member : result.controls.index().inside.value(container.id)) {
            const QRect &place = result.controls.at(member).place;
            right = std::max(right, rightOf(place) + insets.right);
            bottom = std::max(bottom, bottomOf(place) + insets.bottom);
        }
        const QRect grown(container.place.topLeft(), QSize(right - container.place.x(), bottom - container.place.y()));
        if (grown != container.place) {
            makeWayFor(result, container, grown);
            Control held = container;
            pinDivider(held);
            held.place = grown;
            result.controls.replace(i, withRidesSince(result, container.place, held));
        }
    }
    return result;
}

Rides holdsFor(const Form &form, const QList<ControlId> &controls)
{
    Rides rides;
    for (const ControlId id : controls) {
        const Control *control = form.controls.find(id);
        if (!control) {
            continue;
        }
        if (control->rides.right == FixedRail::FormRight) {
            rides.right = FixedRail::FormRight;
            rides.left = control->rides.left != FixedRail::None ? FixedRail::FormLeft : rides.left;
        }
        if (control->rides.bottom == FixedRail::BodyBottom && control->band == BandRole::Body) {
            rides.bottom = FixedRail::BodyBottom;
            rides.top = control->rides.top != FixedRail::None ? FixedRail::BodyTop : rides.top;
        }
    }
    return rides;
}

int frontPage(const Control &container, const FrontPages &fronts)
{
    const QList<Page> pages = pagesOf(container);
    const int wanted = fronts.value(container.id, 0);
    const bool isThere = std::any_of(pages.begin(), pages.end(), [&](const Page &page) { return page.id == wanted; });
    return isThere ? wanted : pages.isEmpty() ? 0 : pages.first().id;
}

int pageAt(const Control &container, QPoint point, const FrontPages &fronts)
{
    if (kindNamed(container.kind).holds != Holds::Panes) {
        return frontPage(container, fronts);
    }
    const QPoint inside = point - container.place.topLeft();
    return (areStacked(container) ? inside.y() : inside.x()) < dividerOf(container) ? FirstPane : SecondPane;
}

int pageToFill(const Control &container, const FrontPages &fronts)
{
    if (kindNamed(container.kind).holds != Holds::Panes) {
        return frontPage(container, fronts);
    }
    return fronts.value(container.id, FirstPane) == SecondPane ? SecondPane : FirstPane;
}

int pageFurtherOn(const Control &container, const FrontPages &fronts, int steps)
{
    const QList<Page> pages = pagesOf(container);
    const int front = frontPage(container, fronts);
    const auto at = std::find_if(pages.begin(), pages.end(), [&](const Page &page) { return page.id == front; });
    if (at == pages.end()) {
        return 0;
    }
    const qsizetype wanted = (at - pages.begin() + steps) % pages.size();
    return pages.at((wanted + pages.size()) % pages.size()).id;
}

QSet<ControlId> behindOtherPages(const Form &form, const FrontPages &fronts)
{
    QSet<ControlId> behind;
    if (!hasContainers(form)) {
        return behind;
    }
    QHash<ControlId, int> shown; // the page in front of each container so far
    for (const Control &control : form.controls) {
        const auto page = shown.constFind(control.container);
        if (behind.contains(control.container) || (page != shown.constEnd() && *page != control.page)) {
            behind.insert(control.id);
        }
        if (holdsOthers(control) && kindNamed(control.kind).holds == Holds::Pages) {
            shown.insert(control.id, frontPage(control, fronts));
        }
    }
    return behind;
}

Form withoutPagesBehind(const Form &form, const FrontPages &fronts)
{
    const QSet<ControlId> behind = behindOtherPages(form, fronts);
    if (behind.isEmpty()) {
        return form;
    }
    Form result = form;
    result.controls = ControlList();
    result.controls.reserve(form.controls.size());
    for (int i = 0; i < form.controls.size(); ++i) {
        if (!behind.contains(form.controls.at(i).id)) {
            result.controls.appendShared(form.controls, i);
        }
    }
    return result;
}

Form withoutPages(const Form &form, const QSet<Area> &pages)
{
    Form result = form;
    for (int i = 0; i < form.controls.size() && !pages.isEmpty(); ++i) {
        const Control &container = form.controls.at(i);
        if (kindNamed(container.kind).holds != Holds::Pages) {
            continue;
        }
        const QList<Page> all = pagesOf(container);
        QList<Page> left = all;
        left.removeIf([&](const Page &page) { return pages.contains(Area{BandRole::Body, container.id, page.id}); });
        if (left.size() != all.size()) {
            Control changed = container;
            setPages(changed, left.isEmpty() ? all.mid(0, 1) : left);
            result.controls.replace(i, changed);
        }
    }
    return result;
}

FrontPages showing(const Form &form, ControlId id, const FrontPages &fronts)
{
    FrontPages result = fronts;
    for (const Control *control = form.controls.find(id); control && control->container != 0;
         control = form.controls.find(control->container)) {
        if (control->page != 0) {
            result.insert(control->container, control->page);
        }
    }
    return result;
}

} // namespace nabblet
