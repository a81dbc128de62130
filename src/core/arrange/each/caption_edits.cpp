// Where captions stand: beside or above their box, detached, attached.
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/row_edits.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"
#include "core/text/tr.h"

#include <QMap>

#include <algorithm>
#include <functional>

namespace nabblet {

namespace {

// The captions that belong to what is selected.
QList<const Control *> captions(const ArrangeContext &context)
{
    QList<const Control *> result;
    for (const Arranged &item : context.arranged()) {
        const Control *control = context.form.controls.find(item.control);
        const Control *caption = control->captionFor != 0 ? control : context.form.controls.find(item.other);
        // Once, also where a caption and its field were chosen as two things.
        if (caption && caption->captionFor != 0 && !result.contains(caption)) {
            result.append(caption);
        }
    }
    return result;
}

QString needsCaption(const ArrangeContext &context)
{
    return captions(context).isEmpty() ? Texts::tr("Select a field with a caption.") : QString();
}

bool isFree(const Form &form, const Control &caption, const QRect &there)
{
    const QRect room = roomOf(form, areaOf(caption)); // a group's title is none of it
    return there.x() >= room.x() && there.y() >= room.y() &&
           std::none_of(form.controls.begin(), form.controls.end(), [&](const Control &other) {
               return overlap(other.place, there) && other.id != caption.id && areaOf(other) == areaOf(caption);
           });
}

// A caption with its new seat, still where it stood.
Control reseated(const Form &form, Control caption, bool isAbove)
{
    setSitsAbove(caption, isAbove);
    standIn(caption, areaOf(*form.controls.find(caption.captionFor)));
    caption.rides = {};
    return caption;
}

// Those among the captions that do not stand there already.
QList<ControlId> toSeat(const ArrangeContext &context, bool isAbove)
{
    QList<ControlId> ids;
    for (const Control *caption : captions(context)) {
        const Control *box = context.form.controls.find(caption->captionFor);
        const bool isThere = sitsAbove(*caption) == isAbove && caption->band == box->band &&
                             caption->place == captionPlace(box->place, *caption);
        if (!isThere) {
            ids.append(caption->id);
        }
    }
    return ids;
}

Form inPlace(Form form, const QList<ControlId> &ids, const TextMeasure &measure)
{
    form = withCaptionsInPlace(form, ids);
    return settled(grownToHold(inNestingOrder(form)), measure);
}

Form beside(const ArrangeContext &context)
{
    Form form = context.form;
    const QList<ControlId> ids = toSeat(context, false);
    const int pitch = std::max(1, form.grid.pitch);
    for (const ControlId id : ids) {
        Control caption = reseated(form, *form.controls.find(id), false);
        const QRect box = form.controls.find(caption.captionFor)->place;
        caption.place = captionPlace(box, caption);
        form.controls.replace(form.controls.indexOf(id), caption);
        // Room is made once for all that start there.
        if (caption.place.x() < 0) {
            form = withRoomAcross(form, 0, onGridAtOrAfter(-caption.place.x() + pitch, pitch));
        } else if (!isFree(form, caption, caption.place)) {
            form = withRoomAcross(form, box.x(), onGridAtOrAfter(caption.place.width() + CaptionGap, pitch));
        }
    }
    return inPlace(form, ids, context.measure);
}

// The room that captions took left of their boxes is given back. starts: where those boxes begin, px.
Form withCaptionRoomGivenBack(Form form, const QSet<int> &starts)
{
    for (Rail &rail : form.rails) { // no captions end there any more: it is one like others
        const bool hasCaptions = std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
            return isCaption(control) && control.rides.right == rail.id;
        });
        rail.isAutomatic = rail.isAutomatic && (hasCaptions || !starts.contains(rail.position));
    }
    QList<int> fromTheRight(starts.begin(), starts.end());
    std::sort(fromTheRight.begin(), fromTheRight.end(), std::greater<>());
    for (const int x : std::as_const(fromTheRight)) {
        if (const int free = freeLeftOf(form, x); free > 0) {
            form = withRoomAcross(form, x, -free);
        }
    }
    return form;
}

// How far something that begins above a caption comes down into it, px.
int reachedInto(const Form &form, const Control &caption)
{
    int depth = 0;
    for (const Control &other : form.controls) {
        if (other.id != caption.id && areaOf(other) == areaOf(caption) && overlap(other.place, caption.place) &&
            other.place.y() < caption.place.y()) {
            depth = std::max(depth, bottomOf(other.place) - caption.place.y());
        }
    }
    return depth;
}

// Captions are seated, and those that a container reaches into, which has grown by its own captions, come clear of it.
Form seatedClearOfWhatGrew(const Form &before, const QList<ControlId> &ids, const TextMeasure &measure)
{
    Form form = inPlace(before, ids, measure);
    for (const ControlId id : ids) {
        const Control &caption = *form.controls.find(id);
        if (const int depth = reachedInto(form, caption); depth > 0) {
            const int top = form.controls.find(caption.captionFor)->place.y();
            const int room = onGridAtOrAfter(depth, std::max(1, form.grid.pitch));
            form = inPlace(withRoomDown(form, areaOf(caption), top, room), ids, measure);
        }
    }
    return form;
}

Form above(const ArrangeContext &context)
{
    Form form = context.form;
    const QList<ControlId> ids = toSeat(context, true);
    const int pitch = std::max(1, form.grid.pitch);
    QSet<int> starts;
    for (const ControlId id : ids) {
        const Control &caption = *form.controls.find(id);
        const Control *box = form.controls.find(caption.captionFor);
        if (!sitsAbove(caption) && rightOf(caption.place) <= box->place.x()) {
            starts.insert(box->place.x());
        }
    }
    for (const ControlId id : ids) {
        Control caption = reseated(form, *form.controls.find(id), true);
        caption.place = captionPlace(form.controls.find(caption.captionFor)->place, caption);
        form.controls.replace(form.controls.indexOf(id), caption);
    }
    // A line of its own for each row in which one does not fit as things stand.
    constexpr int HalfLine = 12; // px; boxes that start as near to one another are of one row
    QMap<QPair<Area, int>, ControlId> fromTheTop;
    for (const ControlId id : ids) {
        const Control &caption = *form.controls.find(id);
        if (!isFree(form, caption, caption.place)) {
            fromTheTop.insert({areaOf(caption), form.controls.find(caption.captionFor)->place.y()}, id);
        }
    }
    QHash<Area, QList<ControlId>> rows;
    QHash<Area, int> lastRow;
    for (auto [where, id] : fromTheTop.asKeyValueRange()) {
        const auto [area, top] = where;
        if (!lastRow.contains(area) || top - lastRow.value(area) > HalfLine) {
            rows[area].append(id);
            lastRow.insert(area, top);
        }
    }
    // From the innermost areas outwards, by where the boxes stand by then: what got higher pushed others down.
    const QList<Area> areas = areasOf(form);
    for (auto area = areas.rbegin(); area != areas.rend(); ++area) {
        QMap<int, int> places;
        const QList<ControlId> captionsHere = rows.value(*area);
        for (const ControlId id : captionsHere) {
            const Control &caption = *form.controls.find(id);
            places.insert(form.controls.find(caption.captionFor)->place.y(),
                          onGridAtOrAfter(caption.place.height(), pitch));
        }
        form = places.isEmpty() ? form : withRoomsDown(form, *area, places);
    }
    return withCaptionRoomGivenBack(seatedClearOfWhatGrew(form, ids, context.measure), starts);
}

Form removed(const ArrangeContext &context)
{
    Form form = context.form;
    QSet<ControlId> gone;
    for (const Control *caption : captions(context)) {
        form.controls.removeAt(form.controls.indexOf(caption->id));
        gone.insert(caption->id);
    }
    forget(form, gone);
    return form;
}

Form detached(const ArrangeContext &context)
{
    Form form = context.form;
    for (const Control *caption : captions(context)) {
        Control freed = *caption;
        freed.captionFor = 0;
        freed.rides.right = FixedRail::None;
        form.controls.replace(form.controls.indexOf(freed.id), freed);
    }
    return form;
}

// One caption that belongs to nothing, or to another field, and one field without a caption.
struct Pair
{
    const Control *caption = nullptr;
    const Control *field = nullptr;
};
Pair pairOf(const ArrangeContext &context)
{
    Pair pair;
    if (context.selected.size() != 2) {
        return pair;
    }
    for (const ControlId id : context.selected) {
        const Control *control = context.form.controls.find(id);
        if (control && control->kind == QLatin1String("caption")) {
            pair.caption = control;
        } else if (control && !holdsOthers(*control)) { // a container has a heading of its own
            pair.field = control;
        }
    }
    const bool isSound = pair.caption && pair.field && !captionOf(context.form, pair.field->id);
    return isSound ? pair : Pair();
}

QString needsPair(const ArrangeContext &context)
{
    return pairOf(context).caption ? QString() : Texts::tr("Select one caption and one field that has none.");
}

Form attached(const ArrangeContext &context)
{
    const Pair pair = pairOf(context);
    Form form = context.form;
    Control caption = *pair.caption;
    caption.captionFor = pair.field->id;
    standIn(caption, areaOf(*pair.field));
    setSitsAbove(caption, bottomOf(caption.place) <= pair.field->place.y());
    form.controls.replace(form.controls.indexOf(caption.id), caption);
    return settled(withCaptionsInPlace(inNestingOrder(form), {caption.id}), context.measure);
}

} // namespace

QList<ArrangeOperation> captionOperations()
{
    constexpr auto Group = ArrangeGroup::Captions;
    return {
        {QStringLiteral("caption-beside"), Texts::later("Captions beside"),
         Texts::later("Captions stand left of their boxes; room is made where there is none."), Group, needsCaption,
         beside, "Ctrl+Alt+L", "<path class='m' d='M1.5 8h4'/><rect class='b' x='7.5' y='5.5' width='7' height='5'/>"},
        {QStringLiteral("caption-above"), Texts::later("Captions above"),
         Texts::later("Captions stand above their boxes; room is made where there is none."), Group, needsCaption,
         above, "Ctrl+Alt+O", "<path class='m' d='M3.5 4h6'/><rect class='b' x='3.5' y='6.5' width='10' height='6'/>"},
        {QStringLiteral("caption-remove"), Texts::later("Remove captions"),
         Texts::later("The boxes stay, without captions."), Group, needsCaption, removed, "Ctrl+Alt+Shift+X"},
        {QStringLiteral("caption-detach"), Texts::later("Detach captions"),
         Texts::later("Captions become words of their own, which no longer go with a box."), Group, needsCaption,
         detached},
        {QStringLiteral("caption-attach"), Texts::later("Attach the caption"),
         Texts::later("The selected caption belongs to the selected field from now on."), Group, needsPair, attached},
    };
}

} // namespace nabblet
