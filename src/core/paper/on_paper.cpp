#include "core/paper/on_paper.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/moving.h"
#include "core/arrange/rails.h"
#include "core/arrange/row_edits.h"
#include "core/arrange/windows/giving_way.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int BetweenPages = 8; // px

bool isOnlyPressed(const Control &control)
{
    const Editor editor = kindNamed(control.kind).editor;
    return editor == Editor::Button || control.kind == QLatin1String("jump-list");
}

// One container of tab pages as group boxes under one another.
Form withPagesUnderOneAnother(Form form, ControlId container)
{
    const Control tabs = *form.controls.find(container);
    const QList<Page> pages = pagesOf(tabs);
    const int before = bottomOf(tabs.place);
    int y = tabs.place.y();
    ControlId next = nextControlId(form);
    ControlList boxes;
    for (const Page &page : pages) {
        Control box;
        box.id = next++;
        box.kind = QStringLiteral("group-box");
        box.name = tabs.name + u'_' + QString::number(page.id);
        box.text = page.title;
        standIn(box, areaOf(tabs));
        const Insets outside = insetsOf(tabs, page.id);
        QSet<ControlId> members;
        int bottom = tabs.place.y() + outside.top;
        for (const Control &control : form.controls) {
            if (control.container == container && control.page == page.id) {
                members.insert(control.id);
                bottom = std::max(bottom, bottomOf(control.place));
            }
        }
        if (members.isEmpty()) {
            continue;
        }
        const Insets inside = insetsOf(box);
        moveWithMembers(form, members, QPoint(0, y + inside.top - (tabs.place.y() + outside.top)));
        for (const ControlId id : std::as_const(members)) {
            Control control = *form.controls.find(id);
            control.container = box.id;
            control.page = 0;
            control.rides = {};
            form.controls.replace(form.controls.indexOf(id), control);
        }
        const int height = inside.top + (bottom - tabs.place.y() - outside.top) + inside.bottom;
        box.place = QRect(tabs.place.x(), y, tabs.place.width(), height);
        boxes.append(box);
        y += height + BetweenPages;
    }
    form.controls.removeAt(form.controls.indexOf(container));
    for (const Control &box : std::as_const(boxes)) {
        form.controls.append(box);
    }
    form = inNestingOrder(form);
    const int after = y - BetweenPages;
    if (after > before) {
        // The boxes are in their places already; what was below them makes way.
        QSet<ControlId> own;
        for (const Control &box : std::as_const(boxes)) {
            own.insert(box.id);
        }
        own += membersOf(form, own);
        const Form roomy = withRoomDown(form, areaOf(tabs), before, after - before);
        Form placed = roomy;
        for (const Control &control : form.controls) {
            if (own.contains(control.id)) {
                placed.controls.replace(placed.controls.indexOf(control.id), control);
            }
        }
        return placed;
    }
    return form;
}

} // namespace

Form asOnPaper(const Form &form)
{
    QList<ControlId> gone;
    for (const Control &control : form.controls) {
        if (isOnlyPressed(control)) {
            gone.append(control.id);
        }
    }
    Form paper = gone.isEmpty() ? form : deleteControls(form, gone);
    QList<ControlId> tabs;
    for (const Control &control : paper.controls) {
        if (kindNamed(control.kind).holds == Holds::Pages) {
            tabs.prepend(control.id); // from the innermost on
        }
    }
    for (const ControlId id : std::as_const(tabs)) {
        paper = withPagesUnderOneAnother(paper, id);
    }
    return grownToHold(paper);
}

Form withoutHidden(const Form &form, const QSet<ControlId> &hidden)
{
    if (hidden.isEmpty()) {
        return form;
    }
    QSet<ControlId> gone = hidden + membersOf(form, hidden);
    for (const Control &control : form.controls) {
        if (control.captionFor != 0 && gone.contains(control.captionFor)) {
            gone.insert(control.id);
        }
    }
    return deleteControls(withRoomGivenUp(form, gone), QList<ControlId>(gone.begin(), gone.end()));
}

Form withHeights(const Form &form, const QHash<ControlId, int> &heights)
{
    // From the lowest on, so that the places of those above still say where they stand.
    QList<ControlId> grown;
    for (const Control &control : form.controls) {
        if (heights.value(control.id) > control.place.height()) {
            grown.append(control.id);
        }
    }
    Form result = form;
    // What stands in one row grows together: only the most that any of them needs is made room for.
    QSet<ControlId> done;
    std::sort(grown.begin(), grown.end(), [&](ControlId a, ControlId b) {
        return bottomOf(form.controls.find(a)->place) > bottomOf(form.controls.find(b)->place);
    });
    for (const ControlId id : std::as_const(grown)) {
        if (done.contains(id)) {
            continue;
        }
        const Control &lead = *result.controls.find(id);
        const int bottom = bottomOf(lead.place);
        int most = 0;
        QList<ControlId> row;
        for (const ControlId other : std::as_const(grown)) {
            const Control &control = *result.controls.find(other);
            if (!done.contains(other) && areaOf(control) == areaOf(lead) && bottomOf(control.place) == bottom) {
                most = std::max(most, heights.value(other) - control.place.height());
                row.append(other);
                done.insert(other);
            }
        }
        result = withRoomDown(result, areaOf(lead), bottom, most);
        for (const ControlId other : std::as_const(row)) {
            Control control = *result.controls.find(other);
            control.place.setHeight(heights.value(other));
            result.controls.replace(result.controls.indexOf(other), control);
        }
    }
    return grownToHold(result);
}

} // namespace nabblet
