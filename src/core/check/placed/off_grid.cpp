#include "core/arrange/edges.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Boxes that stand on no grid line, where most of the form does: a form that goes by no grid is left alone.
QList<Finding> find(const CheckContext &context)
{
    const int pitch = std::max(1, context.form.grid.pitch);
    QList<const Control *> off;
    int boxes = 0;
    for (const Control &control : context.form.controls) {
        if (!takesValue(kindNamed(control.kind))) {
            continue;
        }
        ++boxes;
        const QRect &place = control.place;
        if (place.x() % pitch != 0 || place.y() % pitch != 0 || rightOf(place) % pitch != 0) {
            off.append(&control);
        }
    }
    QList<Finding> found;
    for (const Control *control : 3 * off.size() <= boxes ? off : QList<const Control *>()) {
        found.append({control->id,
                      Texts::tr("“%1” stands off the grid of %2 px.").arg(calledFor(context.form, *control)).arg(pitch),
                      {},
                      {operates(Texts::tr("Put it on the grid"), QStringLiteral("grid-both"), {control->id})}});
    }
    return found;
}

} // namespace

FormCheck offGrid()
{
    return {"off grid", Texts::later("Edges off the grid"), Degree::ToWeigh, find};
}

} // namespace nabblet
