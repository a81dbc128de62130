#include "core/arrange/grouping.h"

#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/moving.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/kinds/usual_words.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <QMap>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int SecondPaneWidth = 240; // px

// A new container, not yet anywhere.
Control newContainer(const Form &form, const QString &kind)
{
    Control container;
    container.id = nextControlId(form);
    container.kind = kind;
    container.name = NamePool(controlNames(form)).take(kindNamed(kind).shortName);
    container.role = QStringLiteral("heading");
    if (kindNamed(kind).holds == Holds::Pages) {
        setPages(container, {{1, Texts::tr("Page 1")}, {2, Texts::tr("Page 2")}});
    } else if (kindNamed(kind).holds == Holds::Controls) {
        container.text = kind == QLatin1String("group-box") ? usualWords(kindNamed(kind)) : QString();
    }
    return container;
}

// Changes the pages of tab pages by a function on their list.
template <typename Change> Form withPagesChanged(const Form &form, ControlId id, Change change)
{
    const int index = form.controls.indexOf(id);
    if (index < 0) {
        return form;
    }
    Control container = form.controls.at(index);
    QList<Page> pages = pagesOf(container);
    change(pages);
    setPages(container, pages);
    Form result = form;
    result.controls.replace(index, container);
    return result;
}

qsizetype indexOfPage(const QList<Page> &pages, int page)
{
    const auto found = std::find_if(pages.begin(), pages.end(), [&](const Page &each) { return each.id == page; });
    return found == pages.end() ? -1 : found - pages.begin();
}

} // namespace

QString whyNotGrouped(const Form &form, const QList<ControlId> &controls)
{
    const QList<Arranged> items = arrangedOf(form, controls);
    if (items.isEmpty()) {
        return Texts::tr("Select what is to stand in it first.");
    }
    const bool isOneArea =
        std::all_of(items.begin(), items.end(), [&](const Arranged &item) { return item.area == items.first().area; });
    return isOneArea ? QString() : Texts::tr("Select controls of one band, one group or one page only.");
}

Grouped withContainer(const Form &form, const QList<ControlId> &asked, const QString &kind)
{
    if (!whyNotGrouped(form, asked).isEmpty()) {
        return {form, 0};
    }
    const QList<ControlId> controls = fieldsOfCaptions(form, asked);
    const QList<Arranged> items = arrangedOf(form, controls);
    const Area area = items.first().area;
    const QRect bounds = boundsOf(items);
    Control container = newContainer(form, kind);
    const Insets insets = insetsOf(container, FirstPane);
    const int pitch = std::max(1, form.grid.pitch);
    // On a band, a frame keeps a grid step to the edge, too.
    const int edge = area.container == 0 ? pitch : 0;
    const QPoint room = roomOf(form, area).topLeft() + QPoint(edge, edge);
    // Where there is no room for the heading and the edges, what is grouped goes down or to the right.
    const QPoint by(onGridAtOrAfter(std::max(0, room.x() - (bounds.x() - insets.left)), pitch),
                    onGridAtOrAfter(std::max(0, room.y() - (bounds.y() - insets.top)), pitch));
    Form result = moveControls(form, controls, by);
    // Its edges stand on the grid, as near around what is in it as the grid allows.
    const QRect around = bounds.translated(by).adjusted(-insets.left, -insets.top, insets.right, insets.bottom);
    const QPoint corner(std::max(room.x(), onGridAtOrAfter(around.x() - pitch + 1, pitch)),
                        std::max(room.y(), onGridAtOrAfter(around.y() - pitch + 1, pitch)));
    const QPoint opposite(onGridAtOrAfter(rightOf(around), pitch), onGridAtOrAfter(bottomOf(around), pitch));
    container.place = QRect(corner, QSize(opposite.x() - corner.x(), opposite.y() - corner.y()));
    if (kindNamed(kind).holds == Holds::Panes) { // what is selected is the first; the second gets room beside it
        setDivider(container, container.place.width());
        container.place.setWidth(container.place.width() + SecondPaneWidth);
    }
    standIn(container, area);
    container.rides = holdsFor(form, controls);
    const QList<Area> inside = areasIn(container);
    const QList<ControlId> taken = withBelongings(form, controls);
    const QSet<ControlId> members(taken.begin(), taken.end());
    const ControlList before = result.controls;
    result.controls = ControlList();
    bool isPlaced = false;
    for (int i = 0; i < before.size(); ++i) {
        if (!members.contains(before.at(i).id)) {
            result.controls.appendShared(before, i);
            continue;
        }
        if (!isPlaced) {
            result.controls.append(withRidesByPlace(form, container));
            isPlaced = true;
        }
        Control member = before.at(i);
        if (areaOf(member) == area) {
            member.container = container.id;
            member.page = inside.first().page;
        }
        result.controls.append(member);
    }
    return {withWayMade(grownToHold(inNestingOrder(result)), {container.id}), container.id};
}

Grouped withEmptyContainer(const Form &form, const QString &kind, const Area &area, const QRect &place)
{
    Control container = newContainer(form, kind);
    standIn(container, area);
    container.place = place;
    const QPoint corner = roomOf(form, area).topLeft();
    container.place.moveTopLeft({std::max(corner.x(), place.x()), std::max(corner.y(), place.y())});
    Form result = form;
    result.controls.append(withRidesByPlace(form, container));
    return {withWayMade(grownToHold(inNestingOrder(result)), {container.id}), container.id};
}

Form withoutContainer(const Form &form, ControlId id)
{
    const Control *container = form.controls.find(id);
    if (!container || !holdsOthers(*container)) {
        return form;
    }
    QHash<int, int> downBy; // pages stand under one another
    int down = 0;
    int previousBottom = 0;
    bool isFirst = true;
    for (const Area &area : areasIn(*container)) {
        const QRect bounds = boundsOf(arrangedIn(form, area));
        if (bounds.isEmpty()) {
            continue;
        }
        down = isFirst ? 0 : onGridAtOrAfter(previousBottom - bounds.y(), std::max(1, form.grid.pitch));
        downBy.insert(area.page, down);
        previousBottom = bottomOf(bounds) + down + insetsOf(*container).bottom;
        isFirst = false;
    }
    Form result = form;
    QHash<ControlId, int> carried;
    QList<ControlId> freed;
    QHash<ControlId, int> stoodOn; // which page
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        const bool isMember = control.container == id;
        if (!isMember && !carried.contains(control.container)) {
            continue;
        }
        const int by = isMember ? downBy.value(control.page) : carried.value(control.container);
        control.place.translate(0, by);
        carried.insert(control.id, by);
        if (isMember) {
            stoodOn.insert(control.id, control.page);
            standIn(control, areaOf(*container));
            freed.append(control.id);
        }
        result.controls.replace(i, control);
    }
    result.controls.removeAt(result.controls.indexOf(id));
    for (Rule &rule : result.rules) { // what stood in it goes on following its rules
        for (const ControlId each : std::as_const(freed)) {
            const bool wasOn =
                rule.on.contains(id) || std::any_of(rule.areas.begin(), rule.areas.end(), [&](const Area &area) {
                    return area.container == id && area.page == stoodOn.value(each);
                });
            if (wasOn && !rule.on.contains(each)) {
                rule.on.append(each);
            }
        }
    }
    forget(result, {id});
    return withWayMade(grownToHold(result), freed);
}

Form withControlsBelow(const Form &form, const QList<ControlId> &controls, const Area &area)
{
    const int pitch = std::max(1, form.grid.pitch);
    // What comes from one area keeps together; what comes from another, such as another page, goes below that.
    QMap<Area, QList<ControlId>> parts;
    const QList<Arranged> chosen = arrangedOf(form, controls);
    for (const Arranged &item : chosen) {
        if (item.area != area) {
            parts[item.area].append(item.control);
        }
    }
    Form result = form;
    for (const QList<ControlId> &part : std::as_const(parts)) {
        const QPoint corner = roomOf(result, area).topLeft();
        const QList<Arranged> there = arrangedIn(result, area);
        const QRect bounds = boundsOf(there);
        QRect moving;
        const QList<Arranged> items = arrangedOf(result, part);
        for (const Arranged &item : items) {
            const int down = bandTop(result, item.area.band) - bandTop(result, area.band);
            moving = moving.united(item.whole.translated(0, down));
        }
        const int left = there.isEmpty() ? corner.x() : bounds.x();
        const int top = there.isEmpty()
                            ? onGridAtOrAfter(corner.y(), pitch)
                            : onGridAtOrAfter(bottomOf(bounds) + std::max(pitch, usualRowGap(there, pitch)), pitch);
        result = withWayMade(moveControlsInto(result, part, area, QPoint(left, top) - moving.topLeft()), part);
    }
    return result;
}

Form withPage(const Form &form, ControlId container, int behind, const QString &title)
{
    return withPagesChanged(form, container, [&](QList<Page> &pages) {
        int next = 1;
        for (const Page &page : std::as_const(pages)) {
            next = std::max(next, page.id + 1);
        }
        const qsizetype at = indexOfPage(pages, behind);
        pages.insert(at < 0 ? pages.size() : at + 1, {next, title});
    });
}

Form withoutPage(const Form &form, ControlId container, int page)
{
    const Control *control = form.controls.find(container);
    if (!control || pagesOf(*control).size() < 2) {
        return form;
    }
    QList<ControlId> leaving;
    for (const Control &each : form.controls) {
        if (each.container == container && each.page == page) {
            leaving.append(each.id);
        }
    }
    const Form without = leaving.isEmpty() ? form : deleteControls(form, leaving);
    return withPagesChanged(without, container,
                            [&](QList<Page> &pages) { pages.removeIf([&](const Page &p) { return p.id == page; }); });
}

Form withPageTitle(const Form &form, ControlId container, int page, const QString &title)
{
    const QString words = title.simplified();
    return words.isEmpty() ? form : withPagesChanged(form, container, [&](QList<Page> &pages) {
        for (Page &each : pages) {
            each.title = each.id == page ? words : each.title;
        }
    });
}

Form withPageMoved(const Form &form, ControlId container, int page, int steps)
{
    return withPagesChanged(form, container, [&](QList<Page> &pages) {
        const qsizetype from = indexOfPage(pages, page);
        if (from >= 0) {
            pages.move(from, std::clamp<qsizetype>(from + steps, 0, pages.size() - 1));
        }
    });
}

namespace {

// What stands in one area, and what that holds, moved by a distance.
void moveArea(Form &form, const Area &area, QPoint by)
{
    QSet<ControlId> moving;
    for (const Control &control : form.controls) {
        if (areaOf(control) == area) {
            moving.insert(control.id);
        }
    }
    moving += membersOf(form, moving);
    for (int i = 0; i < form.controls.size(); ++i) {
        if (moving.contains(form.controls.at(i).id)) {
            Control control = form.controls.at(i);
            const QRect before = control.place;
            control.place.translate(by);
            form.controls.replace(i, withRidesSince(form, before, control));
        }
    }
}

} // namespace

Form withDivider(const Form &form, ControlId id, int divider)
{
    const int index = form.controls.indexOf(id);
    if (index < 0 || kindNamed(form.controls.at(index).kind).holds != Holds::Panes) {
        return form;
    }
    Form result = form;
    Control panes = form.controls.at(index);
    const int before = dividerOf(panes);
    if (before == divider) {
        return form;
    }
    setDivider(panes, divider);
    setDivider(panes, dividerOf(panes)); // as far as it goes
    const int by = dividerOf(panes) - before;
    result.controls.replace(index, panes);
    moveArea(result, {panes.band, id, SecondPane}, areStacked(panes) ? QPoint(0, by) : QPoint(by, 0));
    return withWayMade(grownToHold(result), {id});
}

Form withPanesTurned(const Form &form, ControlId id)
{
    const int index = form.controls.indexOf(id);
    if (index < 0 || kindNamed(form.controls.at(index).kind).holds != Holds::Panes) {
        return form;
    }
    Form result = form;
    Control panes = form.controls.at(index);
    const QPoint before = roomOf(form, {panes.band, id, SecondPane}).topLeft();
    centreDivider(panes);
    setStacked(panes, !areStacked(panes));
    result.controls.replace(index, panes);
    moveArea(result, {panes.band, id, SecondPane}, roomOf(result, {panes.band, id, SecondPane}).topLeft() - before);
    return withWayMade(grownToHold(result), {id});
}

} // namespace nabblet
