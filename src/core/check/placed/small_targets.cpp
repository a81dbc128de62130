#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

constexpr int Least = 24; // px, as WCAG 2.2 has it: success criterion 2.5.8

// Boxes and buttons lower or narrower than a finger or an unsteady hand meets.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const Kind &kind = kindNamed(control.kind);
        const bool isPressed = takesValue(kind) || kind.editor == Editor::Button;
        const QSize size = control.place.size();
        // Ticks have the room of their line around them.
        if (!isPressed || kind.casing == Casing::Sign || (size.width() >= Least && size.height() >= Least)) {
            continue;
        }
        const QSize more(std::max(0, Least - size.width()), std::max(0, Least - size.height()));
        found.append({control.id,
                      Texts::tr("“%1” is %2 × %3 px; less than %4 px are hard to hit.")
                          .arg(calledFor(context.form, control))
                          .arg(size.width())
                          .arg(size.height())
                          .arg(Least),
                      {},
                      {grows(Texts::tr("Make it larger"), control.id, more)}});
    }
    return found;
}

} // namespace

FormCheck smallTargets()
{
    return {"small targets", Texts::later("Targets too small to hit"), Degree::ToWeigh, find};
}

} // namespace nabblet
