#include "core/arrange/windows/at_work.h"

#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/height_at_work.h"

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

// The controls that stand right in an area, and the height that it has.
struct Around
{
    QList<int> places; // in the form's list
    int lowestStaying = 0;
    int firstBelow = std::numeric_limits<int>::max();
};

Around aroundOf(const Form &form, const Control &rolled, int before)
{
    Around around;
    const Area area = areaOf(rolled);
    for (int i = 0; i < form.controls.size(); ++i) {
        const Control &control = form.controls.at(i);
        if (areaOf(control) != area) {
            continue;
        }
        around.places.append(i);
        if (control.place.y() >= before) {
            around.firstBelow = std::min(around.firstBelow, control.place.y());
        } else {
            around.lowestStaying = std::max(around.lowestStaying, bottomOf(control.place));
        }
    }
    return around;
}

} // namespace

Form asHighAsAtWork(const Form &form)
{
    Form result = form;
    for (int i = form.controls.size() - 1; i >= 0; --i) { // from the innermost on
        Control control = result.controls.at(i);
        const std::optional<int> height =
            kindNamed(control.kind).scrolls && !isTabular(form) ? heightAtWork(control) : std::nullopt;
        if (!height) {
            continue;
        }
        const int before = bottomOf(control.place);
        control.place.setHeight(*height);
        result.controls.replace(i, control);
        const Around around = aroundOf(result, control, before);
        // The distance to what is below stays, unless something beside is in the way.
        const bool isLast = around.firstBelow == std::numeric_limits<int>::max();
        const int gap = isLast ? 0 : around.firstBelow - before;
        const int lowest = std::max(around.lowestStaying, bottomOf(control.place)) + gap;
        const int by = std::max(0, (isLast ? before : around.firstBelow) - lowest);
        for (const int index : around.places) {
            if (result.controls.at(index).place.y() >= before) {
                moveWithMembers(result, {result.controls.at(index).id}, QPoint(0, -by));
            }
        }
        if (control.container != 0) {
            continue; // what is around keeps its height
        }
        for (Band &band : result.bands) {
            band.height -= band.role == control.band ? by : 0;
        }
        if (control.band == BandRole::Body) {
            for (Rail &rail : result.levelRails) {
                rail.position -= rail.position >= before ? by : 0;
            }
        }
    }
    return result;
}

} // namespace nabblet
