#include "designer/panels/outline/outline.h"

#include "core/arrange/grouping.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"

#include <QHash>

#include <algorithm>

namespace nabblet {

namespace {

// What the nodes of one form are made from.
struct Reading
{
    const Form &form;
    QHash<ControlId, QString> captions;
    QHash<ControlId, int> order; // in the tab order; of a container, that of the first in it
};

Reading readingOf(const Form &form)
{
    Reading reading{form, {}, {}};
    for (const Control &control : form.controls) {
        if (control.captionFor != 0) {
            reading.captions.insert(control.captionFor, control.text.simplified());
        }
    }
    for (const ControlId id : tabSequence(form)) {
        const auto at = static_cast<int>(reading.order.size());
        reading.order.insert(id, at);
        for (const ControlId around : containersAround(form, id)) {
            if (!reading.order.contains(around)) {
                reading.order.insert(around, at);
            }
        }
    }
    return reading;
}

QList<OutlineNode> nodesOf(const Reading &reading, const Area &area);

OutlineNode nodeOf(const Reading &reading, const Control &control)
{
    OutlineNode node;
    node.sort = OutlineNode::AControl;
    node.id = control.id;
    node.title = control.name;
    node.words = reading.captions.value(control.id, control.text.simplified());
    node.saidAloud = Texts::tr("%1, %2, %3, left %4, top %5")
                         .arg(control.name, kindTitle(kindNamed(control.kind)), node.words)
                         .arg(control.place.x())
                         .arg(control.place.y());
    const QList<Page> pages = pagesOf(control);
    node.holds = holdsOthers(control) && pages.isEmpty();
    for (const Area &inside : areasIn(control)) {
        const auto page =
            std::find_if(pages.begin(), pages.end(), [&](const Page &each) { return each.id == inside.page; });
        if (page == pages.end()) {
            node.inside += nodesOf(reading, inside);
            continue;
        }
        OutlineNode held;
        held.sort = OutlineNode::APage;
        held.id = control.id;
        held.page = page->id;
        held.title = page->title;
        held.holds = true;
        held.inside = nodesOf(reading, inside);
        node.inside.append(held);
    }
    return node;
}

QList<OutlineNode> nodesOf(const Reading &reading, const Area &area)
{
    QList<const Control *> controls;
    for (const Control &control : reading.form.controls) {
        if (areaOf(control) == area && control.captionFor == 0) {
            controls.append(&control);
        }
    }
    const int last = reading.form.controls.size() * 2;
    std::stable_sort(controls.begin(), controls.end(), [&](const Control *a, const Control *b) {
        return reading.order.value(a->id, last) < reading.order.value(b->id, last);
    });
    QList<OutlineNode> nodes;
    for (const Control *control : std::as_const(controls)) {
        nodes.append(nodeOf(reading, *control));
    }
    return nodes;
}

// The area that a node stands for.
std::optional<Area> areaOf(const Form &form, const OutlineNode &node)
{
    if (node.sort == OutlineNode::ABand) {
        return Area{static_cast<BandRole>(node.id), 0, 0};
    }
    const bool isHolder = node.sort == OutlineNode::APage || (node.sort == OutlineNode::AControl && node.holds);
    const Control *container = isHolder ? form.controls.find(node.id) : nullptr;
    return container ? std::optional(Area{container->band, node.id, node.page}) : std::nullopt;
}

} // namespace

bool OutlineNode::operator==(const OutlineNode &other) const
{
    return sort == other.sort && id == other.id && page == other.page && title == other.title && words == other.words &&
           saidAloud == other.saidAloud && holds == other.holds &&
           std::equal(inside.begin(), inside.end(), other.inside.begin(), other.inside.end());
}

OutlineNode outlineOf(const Form &form)
{
    const Reading reading = readingOf(form);
    OutlineNode top;
    top.title = form.title.isEmpty() ? form.name : form.title;
    for (const Band &band : form.bands) {
        OutlineNode node;
        node.sort = OutlineNode::ABand;
        node.id = static_cast<int>(band.role);
        node.title = bandTitle(band.role);
        node.holds = true;
        node.inside = nodesOf(reading, {band.role, 0, 0});
        top.inside.append(node);
    }
    const QList<Rail> rails = form.rails + form.levelRails;
    if (!rails.isEmpty()) {
        OutlineNode all;
        all.sort = OutlineNode::TheRails;
        all.title = Texts::tr("Rails");
        for (const Rail &rail : rails) {
            OutlineNode node;
            node.sort = OutlineNode::ARail;
            node.id = rail.id;
            node.title = rail.name;
            all.inside.append(node);
        }
        top.inside.append(all);
    }
    return top;
}

std::optional<OutlineEdit> renamed(const Form &form, const OutlineNode &node, const QString &title)
{
    const QString name = title.trimmed();
    switch (node.sort) {
    case OutlineNode::AControl:
        return OutlineEdit{Texts::tr("Rename a control"), name.isEmpty() ? form : renameControl(form, node.id, name)};
    case OutlineNode::APage:
        return OutlineEdit{Texts::tr("Rename a page"), withPageTitle(form, node.id, node.page, name)};
    case OutlineNode::ARail:
        return OutlineEdit{Texts::tr("Rename a rail"), withRailRenamed(form, node.id, name)};
    case OutlineNode::TheForm: {
        Form edited = form;
        edited.title = name.isEmpty() ? edited.title : name;
        return OutlineEdit{Texts::tr("Change the window's title"), edited};
    }
    case OutlineNode::ABand:
    case OutlineNode::TheRails:
        break;
    }
    return {};
}

std::optional<OutlineEdit> dropped(const Form &form, const QList<ControlId> &controls, const OutlineNode &on,
                                   ControlId before)
{
    const std::optional<Area> area = areaOf(form, on);
    if (!area) {
        return {};
    }
    QList<ControlId> moved;
    QList<ControlId> staying;
    for (const ControlId id : controls) {
        const Control *control = form.controls.find(id);
        if (control && !containersAround(form, area->container).contains(id) && id != area->container) {
            (areaOf(*control) == *area ? staying : moved).append(id);
        }
    }
    if (!moved.isEmpty()) {
        return OutlineEdit{counted(moved.size(), Texts::tr("Move a control"), Texts::tr("Move %1 controls")),
                           withControlsBelow(form, moved, *area)};
    }
    // With a container goes all that is in it.
    const QList<ControlId> stops = tabSequence(form);
    const QList<ControlId> all = withBelongings(form, staying);
    QList<ControlId> order;
    QList<ControlId> taken;
    for (const ControlId id : stops) {
        (all.contains(id) ? taken : order).append(id);
    }
    if (taken.isEmpty()) {
        return {};
    }
    const QList<ControlId> next = withBelongings(form, {before});
    qsizetype at = 0;
    if (before != 0) {
        at = std::find_if(order.begin(), order.end(), [&](ControlId id) { return next.contains(id); }) - order.begin();
    } else { // behind the last that stands in the area
        for (qsizetype i = 0; i < order.size(); ++i) {
            const Control &each = *form.controls.find(order.at(i));
            at = areaOf(each) == *area ? i + 1 : at;
        }
    }
    for (qsizetype i = 0; i < taken.size(); ++i) {
        order.insert(at + i, taken.at(i));
    }
    return OutlineEdit{Texts::tr("Change the tab order"), withHandOrder(form, order)};
}

} // namespace nabblet
