#include "core/arrange/arranged.h"

#include "core/arrange/edges.h"
#include "core/arrange/lines.h"
#include "core/arrange/rails.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"

#include <QHash>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

Arranged arrangedFrom(const Control &control, const Control *other)
{
    Arranged item;
    item.control = control.id;
    item.area = areaOf(control);
    item.place = item.whole = control.place;
    item.isCaption = control.captionFor != 0;
    if (other) {
        item.other = other->id;
        item.otherIsNear = areaOf(*other) == item.area;
        item.otherStays = !item.otherIsNear && other->container != 0;
        item.otherKeepsX = item.isCaption && !sitsAbove(control) && other->rides.left != FixedRail::None;
        if (item.otherIsNear) {
            item.whole = item.place.united(other->place);
        }
    }
    return item;
}

} // namespace

QPoint distanceAlong(const Arranged &item, QPoint by)
{
    return item.otherStays ? QPoint() : QPoint(item.otherKeepsX ? 0 : by.x(), item.otherIsNear ? by.y() : 0);
}

QList<Arranged> arrangedOf(const Form &form, const QList<ControlId> &selected)
{
    const QSet<ControlId> chosen(selected.begin(), selected.end());
    const ControlIndex &index = form.controls.index();
    const bool isAnyHolding =
        std::any_of(selected.begin(), selected.end(), [&](ControlId id) { return index.inside.contains(id); });
    // Whether it goes along with a container that is selected, too.
    const auto isCarried = [&](const Control &control) {
        const QList<ControlId> around = isAnyHolding ? containersAround(form, control.id) : QList<ControlId>();
        return std::any_of(around.begin(), around.end(), [&](ControlId each) { return chosen.contains(each); });
    };
    QList<Arranged> items;
    items.reserve(selected.size());
    for (const ControlId id : selected) {
        const Control *control = form.controls.find(id);
        if (!control || (control->captionFor != 0 && chosen.contains(control->captionFor)) || isCarried(*control)) {
            continue;
        }
        const Control *other =
            control->captionFor != 0 ? form.controls.find(control->captionFor) : captionOf(form, control->id);
        items.append(arrangedFrom(*control, other));
    }
    // Where the lead is a caption selected with its box, the box leads.
    if (!selected.isEmpty() && !items.isEmpty()) {
        const Control *lead = form.controls.find(selected.last());
        const ControlId leading =
            lead && lead->captionFor != 0 && chosen.contains(lead->captionFor) ? lead->captionFor : selected.last();
        const auto found =
            std::find_if(items.begin(), items.end(), [&](const Arranged &item) { return item.control == leading; });
        if (found != items.end()) {
            std::rotate(found, found + 1, items.end());
        }
    }
    return items;
}

QList<Arranged> arrangedIn(const Form &form, const Area &area)
{
    QList<ControlId> all;
    for (const int i : form.controls.index().areas.value(area)) {
        all.append(form.controls.at(i).id);
    }
    return arrangedOf(form, all);
}

QRect boundsOf(const QList<Arranged> &items)
{
    QRect bounds;
    for (const Arranged &item : items) {
        bounds = bounds.united(item.whole);
    }
    return bounds;
}

Form withPlacings(const Form &form, const QList<Placing> &placings)
{
    struct Change
    {
        QPoint by;
        QSize size; // empty: as it is
    };
    if (placings.isEmpty()) {
        return form;
    }
    QHash<ControlId, Change> changes;
    changes.reserve(placings.size() * 2);
    QHash<Area, QPoint> corners; // the top left corner of each area's room
    for (const Placing &placing : placings) {
        const Arranged &item = placing.item;
        QPoint by = placing.place.topLeft() - item.place.topLeft();
        auto corner = corners.constFind(item.area);
        if (corner == corners.constEnd()) {
            corner = corners.insert(item.area, roomOf(form, item.area).topLeft());
        }
        by.setX(std::max(by.x(), std::min(0, corner->x() - (item.otherKeepsX ? item.place.x() : item.whole.x()))));
        by.setY(std::max(by.y(), std::min(0, corner->y() - item.whole.y())));
        changes.insert(item.control,
                       {by, {std::max(LeastSize, placing.place.width()), std::max(LeastSize, placing.place.height())}});
        if (item.other != 0) {
            changes.insert(item.other, {distanceAlong(item, by), {}});
        }
    }
    if (hasContainers(form)) {
        for (const Control &control : form.controls) { // containers come before what they hold
            const auto carrier = changes.constFind(control.container);
            if (control.container != 0 && carrier != changes.constEnd() && !carrier->by.isNull()) {
                const QPoint by = carrier->by; // taking up another change may move this one
                changes[control.id].by += by;
            }
        }
    }
    Form result = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        const auto change = changes.constFind(form.controls.at(i).id);
        if (change == changes.constEnd() ||
            (change->by.isNull() && (change->size.isEmpty() || change->size == form.controls.at(i).place.size()))) {
            continue;
        }
        Control control = form.controls.at(i);
        const QRect before = control.place;
        control.place.translate(change->by);
        if (!change->size.isEmpty()) {
            control.place.setSize(change->size);
        }
        // A head in another band may be pushed against the edge.
        control.place.moveLeft(std::max(0, control.place.x()));
        result.controls.replace(i, withRidesSince(form, before, control));
    }
    return grownToHold(result);
}

std::optional<int> textBaseline(const Control &control, const TextMeasure &measure)
{
    Shown shown = shownBlank(control);
    if (shown.words.isEmpty()) {
        shown.words = QStringLiteral("x");
        shown.isMissing = false;
    }
    const Picture picture = kindNamed(control.kind).draw(control, shown, Look());
    for (const Stroke &stroke : picture) {
        const auto *text = std::get_if<TextStroke>(&stroke);
        if (!text) {
            continue;
        }
        const auto own = measure.of(control);
        const int height = own->lineHeight(text->role);
        if (text->wraps) {
            return text->rect.y() + own->ascent(text->role);
        }
        const auto lines = static_cast<int>(text->text.count(u'\n')) + 1;
        return text->rect.y() + (text->rect.height() - lines * height + 1) / 2 + own->ascent(text->role);
    }
    return std::nullopt;
}

QRect captionPlace(const QRect &box, const Control &caption)
{
    const QSize size = caption.place.size();
    if (sitsAbove(caption)) {
        return {QPoint(box.x(), box.y() - size.height()), size};
    }
    const int firstLine = std::min(box.height(), LineHeight);
    const int top = box.y() + (size.height() <= firstLine ? (firstLine - size.height()) / 2 : 0);
    return {QPoint(box.x() - CaptionGap - size.width(), top), size};
}

bool isAmong(const Arranged &item, const QSet<ControlId> &controls)
{
    return controls.contains(item.control) || (item.other != 0 && controls.contains(item.other));
}

Form withCaptionsInPlace(const Form &form, const QList<ControlId> &captions)
{
    Form result = form;
    for (const ControlId id : captions) {
        const int index = result.controls.indexOf(id);
        const Control *box = index < 0 ? nullptr : form.controls.find(result.controls.at(index).captionFor);
        if (!box) {
            continue;
        }
        Control caption = result.controls.at(index);
        caption.place = captionPlace(box->place, caption);
        caption.place.moveTopLeft({std::max(0, caption.place.x()), std::max(0, caption.place.y())});
        result.controls.replace(index, withRidesByPlace(form, caption));
    }
    return result;
}

} // namespace nabblet
