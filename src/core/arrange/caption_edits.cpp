// Where captions stand: beside or above their box, detached, attached.
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/row_edits.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

#include <algorithm>

NABBLET_TEXTS(Arrange)

namespace nabblet {

namespace {

// The captions that belong to what is selected.
QList<const Control *> captions(const ArrangeContext &context)
{
    QList<const Control *> result;
    for (const Arranged &item : arrangedOf(context.form, context.selected)) {
        const Control *control = context.form.controls.find(item.control);
        const Control *caption = control->captionFor != 0 ? control : context.form.controls.find(item.other);
        if (caption && caption->captionFor != 0) {
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
    return there.x() >= 0 && there.y() >= 0 &&
           std::none_of(form.controls.begin(), form.controls.end(), [&](const Control &other) {
               return other.id != caption.id && other.band == caption.band && other.place.intersects(there);
           });
}

Form seated(const ArrangeContext &context, bool isAbove)
{
    Form form = context.form;
    QList<ControlId> ids;
    for (const Control *caption : captions(context)) {
        ids.append(caption->id);
    }
    // From the top, so that room made for one is there for those in its row.
    std::stable_sort(ids.begin(), ids.end(), [&](ControlId a, ControlId b) {
        return form.controls.find(form.controls.find(a)->captionFor)->place.y() <
               form.controls.find(form.controls.find(b)->captionFor)->place.y();
    });
    const int pitch = std::max(1, form.grid.pitch);
    for (const ControlId id : std::as_const(ids)) {
        Control caption = *form.controls.find(id);
        const ControlId box = caption.captionFor;
        const bool isThere = sitsAbove(caption) == isAbove && caption.band == form.controls.find(box)->band &&
                             caption.place == captionPlace(form.controls.find(box)->place, caption);
        if (isThere) {
            continue;
        }
        if (isAbove) {
            caption.settings.insert(QStringLiteral("sits"), QStringLiteral("above"));
        } else {
            caption.settings.remove(QStringLiteral("sits"));
        }
        caption.band = form.controls.find(box)->band;
        caption.rides = {};
        // A line of its own only where it does not fit as things stand.
        const QRect wanted = captionPlace(form.controls.find(box)->place, caption);
        caption.place = wanted;
        form.controls.replace(form.controls.indexOf(id), caption);
        if (isAbove && !isFree(form, caption, wanted)) {
            const int by = onGridAtOrAfter(caption.place.height(), pitch);
            form = withRoomDown(form, caption.band, form.controls.find(box)->place.y(), by);
        } else if (!isAbove && wanted.x() < 0) {
            form = withRoomAcross(form, 0, onGridAtOrAfter(-wanted.x() + pitch, pitch));
        } else if (!isAbove && !isFree(form, caption, wanted)) {
            const int x = form.controls.find(box)->place.x();
            form = withRoomAcross(form, x, onGridAtOrAfter(caption.place.width() + CaptionGap, pitch));
        }
        caption.place = captionPlace(form.controls.find(box)->place, caption);
        caption.place.moveTopLeft({std::max(0, caption.place.x()), std::max(0, caption.place.y())});
        form.controls.replace(form.controls.indexOf(id), withRidesByPlace(form, caption));
    }
    return settled(grownToHold(form), context.measure);
}

Form beside(const ArrangeContext &context)
{
    return seated(context, false);
}

Form above(const ArrangeContext &context)
{
    return seated(context, true);
}

Form removed(const ArrangeContext &context)
{
    Form form = context.form;
    for (const Control *caption : captions(context)) {
        form.controls.removeAt(form.controls.indexOf(caption->id));
    }
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
        } else if (control) {
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
    caption.band = pair.field->band;
    if (bottomOf(caption.place) <= pair.field->place.y()) {
        caption.settings.insert(QStringLiteral("sits"), QStringLiteral("above"));
    } else {
        caption.settings.remove(QStringLiteral("sits"));
    }
    caption.place = captionPlace(pair.field->place, caption);
    caption.place.moveTopLeft({std::max(0, caption.place.x()), std::max(0, caption.place.y())});
    form.controls.replace(form.controls.indexOf(caption.id), withRidesByPlace(form, caption));
    return settled(form, context.measure);
}

} // namespace

QList<ArrangeOperation> captionOperations()
{
    constexpr auto Group = ArrangeGroup::Captions;
    return {
        {QStringLiteral("caption-beside"), QT_TRANSLATE_NOOP("Arrange", "Captions beside"),
         QT_TRANSLATE_NOOP("Arrange", "Captions stand left of their boxes; room is made where there is none."), Group,
         needsCaption, beside},
        {QStringLiteral("caption-above"), QT_TRANSLATE_NOOP("Arrange", "Captions above"),
         QT_TRANSLATE_NOOP("Arrange", "Captions stand above their boxes; room is made where there is none."), Group,
         needsCaption, above},
        {QStringLiteral("caption-remove"), QT_TRANSLATE_NOOP("Arrange", "Remove captions"),
         QT_TRANSLATE_NOOP("Arrange", "The boxes stay, without captions."), Group, needsCaption, removed},
        {QStringLiteral("caption-detach"), QT_TRANSLATE_NOOP("Arrange", "Detach captions"),
         QT_TRANSLATE_NOOP("Arrange", "Captions become words of their own, which no longer go with a box."), Group,
         needsCaption, detached},
        {QStringLiteral("caption-attach"), QT_TRANSLATE_NOOP("Arrange", "Attach the caption"),
         QT_TRANSLATE_NOOP("Arrange", "The selected caption belongs to the selected field from now on."), Group,
         needsPair, attached},
    };
}

} // namespace nabblet
