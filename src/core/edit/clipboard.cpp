#include "core/edit/clipboard.h"

#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/moving.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/file/form_file.h"
#include "core/file/picture_file.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <QHash>
#include <QSet>

#include <algorithm>

namespace nabblet {

Form clipOf(const Form &form, const QList<ControlId> &controls)
{
    Form clip = form;
    clip.controls = ControlList();
    clip.handOrder.clear();
    clip.rules.clear();
    clip.tabOrder = TabOrder::Reading;
    clip.tracing = {};
    QSet<RailId> rails;
    QSet<QString> columns;
    const QList<ControlId> taken = withBelongings(form, controls);
    const QSet<ControlId> chosen(taken.begin(), taken.end());
    for (const Control &control : form.controls) {
        if (!chosen.contains(control.id)) {
            continue;
        }
        Control copy = control;
        // A caption taken without its field belongs to none.
        copy.captionFor = chosen.contains(copy.captionFor) ? copy.captionFor : 0;
        if (!chosen.contains(copy.container)) {
            copy.container = copy.page = 0;
        }
        for (const auto edge : RideEdges) {
            rails.insert(control.rides.*edge);
        }
        for (const QString &column : columnsNeeded(control)) {
            columns.insert(column);
        }
        clip.controls.append(copy);
    }
    for (Rule rule : form.rules) {
        rule.on.removeIf([&](ControlId id) { return !chosen.contains(id); });
        rule.areas.removeIf([&](const Area &area) { return !chosen.contains(area.container); });
        if (!rule.on.isEmpty() || !rule.areas.isEmpty()) {
            clip.rules.append(rule);
        }
    }
    for (QList<Rail> *own : {&clip.rails, &clip.levelRails}) {
        own->removeIf([&](const Rail &rail) { return !rails.contains(rail.id); });
    }
    clip.boundColumns.removeIf([&](const BoundColumn &bound) { return !columns.contains(bound.column); });
    return clip;
}

QByteArray clipText(const Form &form, const QList<ControlId> &controls)
{
    return writeForm(withPicturesInside(clipOf(form, controls)));
}

Result<Form> readClip(const QByteArray &text)
{
    const Result<Form> clip = readForm(text);
    if (!clip) {
        return Error{Texts::tr("What is on the clipboard is not a set of controls: %1.").arg(clip.error().sentence),
                     {}};
    }
    return clip;
}

namespace {

// How much further a clip goes so that it stands inside a container.
QPoint wayInto(const Form &form, const Form &clip, QPoint distance, const Area &into)
{
    QRect bounds;
    for (const Control &control : clip.controls) {
        bounds = bounds.united(control.place.translated(distance));
    }
    const QRect room = roomOf(form, into);
    return into.container == 0 || room.contains(bounds.topLeft()) ? QPoint() : room.topLeft() - bounds.topLeft();
}

} // namespace

QRect firstBoxOf(const Form &clip)
{
    const Control *first = nullptr;
    for (const Control &control : clip.controls) {
        const bool isBox = control.captionFor == 0 && control.container == 0;
        first = isBox && (!first || isCaption(*first)) && (!first || !isCaption(control)) ? &control : first;
    }
    return first ? first->place : clip.controls.isEmpty() ? QRect() : clip.controls.at(0).place;
}

namespace {

QRect boundsOfClip(const Form &clip)
{
    QRect bounds;
    for (const Control &control : clip.controls) {
        bounds = bounds.united(control.place);
    }
    return bounds;
}

} // namespace

QPoint wayToFreePlace(const Form &form, const Form &clip, const Area &into, QPoint by)
{
    const int pitch = std::max(1, form.grid.pitch);
    const QList<Arranged> there = arrangedIn(form, into);
    const QPoint corner = roomOf(form, into).topLeft();
    QRect bounds = boundsOfClip(clip).translated(by);
    bounds.moveTopLeft({std::max(corner.x(), bounds.x()), std::max(corner.y(), bounds.y())});
    const int gap = std::min(usualRowGap(there, pitch), 2 * pitch);
    QList<QRect> taken;
    for (const Arranged &item : there) {
        taken.append(item.whole);
    }
    return clearOf(taken, bounds, gap, pitch).topLeft() - boundsOfClip(clip).topLeft();
}

QPoint wayToPoint(const Form &form, const Form &clip, const Area &into, QPoint point)
{
    return wayToFreePlace(form, clip, into, point - boundsOfClip(clip).topLeft());
}

QPoint wayBelow(const Form &form, const Form &clip, const Area &into, const QList<ControlId> &controls, int x)
{
    const QList<Arranged> items = arrangedOf(form, controls);
    const int pitch = std::max(1, form.grid.pitch);
    const int gap = std::clamp(usualRowGap(arrangedIn(form, into), pitch), pitch, 2 * pitch);
    const int y = items.isEmpty() ? boundsOfClip(clip).y() : onGridAtOrAfter(bottomOf(boundsOf(items)) + gap, pitch);
    return wayToFreePlace(form, clip, into, {x - firstBoxOf(clip).x(), y - boundsOfClip(clip).y()});
}

QList<ControlId> outermostOf(const Form &form, const QList<ControlId> &controls)
{
    QList<ControlId> result;
    for (const ControlId id : controls) {
        const Control *control = form.controls.find(id);
        if (control && !controls.contains(control->container)) {
            result.append(id);
        }
    }
    return result;
}

Pasted pasted(const Form &form, const Form &clip, QPoint distance, const QString &namingPattern, const Area &into)
{
    Pasted result{form, {}};
    NamePool names(controlNames(form));
    QHash<ControlId, ControlId> ids;
    ControlId next = nextControlId(form);
    for (const Control &control : clip.controls) {
        ids.insert(control.id, next++);
    }
    const auto railFor = [&](RailId id) -> RailId {
        if (id < FixedRail::FirstFree) {
            return id;
        }
        const Rail *rail = findRail(clip, id);
        for (const Rail &own : isLevelRail(clip, id) ? form.levelRails : form.rails) {
            if (rail && own.name == rail->name) {
                return own.id;
            }
        }
        return FixedRail::None;
    };
    distance += wayInto(form, clip, distance, into);
    for (const Control &control : clip.controls) {
        Control copy = control;
        copy.id = ids.value(control.id);
        copy.captionFor = ids.value(control.captionFor);
        copy.container = ids.value(control.container);
        if (into.container != 0) {
            copy.band = into.band;
            copy.page = copy.container == 0 ? into.page : copy.page;
            copy.container = copy.container == 0 ? into.container : copy.container;
        } else if (!findBand(form, copy.band)) {
            copy.band = BandRole::Body;
        }
        const Control *field = copy.captionFor != 0 ? clip.controls.find(control.captionFor) : &control;
        const QString base = field && !field->column.isEmpty() ? field->column : QString();
        copy.name = names.take(
            base.isEmpty() ? control.name : nameFromPattern(namingPattern, kindNamed(control.kind).shortName, base));
        for (const auto edge : RideEdges) {
            copy.rides.*edge = railFor(control.rides.*edge);
        }
        copy.place.translate(distance);
        copy.place.moveTopLeft({std::max(0, copy.place.x()), std::max(0, copy.place.y())});
        const bool isSameRails = form.rails == clip.rails && form.levelRails == clip.levelRails;
        result.form.controls.append(isSameRails ? withRidesSince(result.form, control.place, copy)
                                                : withRidesByPlace(result.form, copy));
        result.controls.append(copy.id);
    }
    for (const BoundColumn &bound : clip.boundColumns) {
        const bool isKnown = std::any_of(form.boundColumns.begin(), form.boundColumns.end(),
                                         [&](const BoundColumn &own) { return own.column == bound.column; });
        if (!isKnown && clip.rowsFrom == form.rowsFrom) {
            result.form.boundColumns.append(bound);
        }
    }
    for (const Rule &rule : clip.rules) { // what is pasted follows the same rules
        const auto own = std::find_if(result.form.rules.begin(), result.form.rules.end(), [&](const Rule &each) {
            Rule alike = rule;
            alike.on = each.on;
            alike.areas = each.areas;
            return alike == each;
        });
        Rule copy = rule;
        for (ControlId &id : copy.on) {
            id = ids.value(id);
        }
        for (Area &area : copy.areas) {
            area.container = ids.value(area.container);
        }
        if (own != result.form.rules.end()) {
            own->on += copy.on;
            for (const Area &area : std::as_const(copy.areas)) {
                own->areas += own->areas.contains(area) ? QList<Area>() : QList<Area>{area};
            }
        } else {
            result.form.rules.append(copy);
        }
    }
    result.form = grownToHold(inNestingOrder(result.form));
    return result;
}

} // namespace nabblet
