#include "core/edit/type_fit.h"

#include "core/arrange/arranged.h"
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/settings/caption_side.h"
#include "core/looks/pins/look_pin.h"

#include <algorithm>

namespace nabblet {

namespace {

// Whether it shows one line of letters, or the few lines of a caption, for which it has to be high enough.
bool isOfLines(const Control &control)
{
    const Editor editor = kindNamed(control.kind).editor;
    return isCaption(control) || control.kind == QLatin1String("total") || editor == Editor::Line ||
           editor == Editor::Choice || editor == Editor::Button || editor == Editor::Tick;
}

Control withRoom(const Control &control, int pitch, const TextMeasure &measure)
{
    if (!isOfLines(control)) {
        return control;
    }
    const auto own = measure.of(control);
    const int lines = isCaption(control) ? static_cast<int>(control.text.count(u'\n')) + 1 : 1;
    constexpr int AroundLine = 4; // px, the edges of a box
    const int needed = lines * own->lineHeight(roleOf(control)) + (isCaption(control) ? 0 : AroundLine);
    Control roomy = control;
    if (control.place.height() < needed) {
        const int height = onGridAtOrAfter(needed, pitch);
        if (isCaption(control) && sitsAbove(control)) {
            roomy.place.moveTop(std::max(0, control.place.y() - (height - control.place.height())));
        }
        roomy.place.setHeight(height);
    }
    if (kindNamed(control.kind).editor == Editor::Button) {
        const int words = own->width(control.text, TextRole::Button) + 2 * own->padding();
        roomy.place.setWidth(std::max(control.place.width(), onGridAtOrAfter(words, pitch)));
    }
    return roomy;
}

} // namespace

Form withRoomForType(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure)
{
    const int pitch = std::max(1, form.grid.pitch);
    Form result = form;
    QList<ControlId> grown;
    for (const ControlId id : controls) {
        const int index = result.controls.indexOf(id);
        if (index < 0) {
            continue;
        }
        const Control before = result.controls.at(index);
        const Control roomy = withRoom(before, pitch, measure);
        if (roomy.place != before.place) {
            result.controls.replace(index, withRidesSince(result, before.place, roomy));
            grown.append(id);
        }
    }
    if (!grown.isEmpty()) {
        result = withWayMade(grownToHold(result), grown, lyingUnder(form, grown));
    }
    return settled(result, measure);
}

Form withRoomForType(const Form &form, const TextMeasure &measure)
{
    QList<ControlId> all;
    Form result = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        all.append(control.id);
        if (const Form *inner = control.inner.get()) {
            const Form roomy = withRoomForType(*inner, measure);
            if (!(roomy == *inner)) {
                control.inner = InnerForm(roomy);
                result.controls.replace(i, control);
            }
        }
    }
    return withRoomForType(result, all, measure);
}

} // namespace nabblet
