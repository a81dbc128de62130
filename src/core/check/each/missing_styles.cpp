#include "core/check/checks.h"
#include "core/edit/look_edits.h"
#include "core/looks/dressing/dress.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Styles that the project does not have, as after one was removed or a form came from elsewhere; and such a look.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    if (!isLook(context.looks, context.form.look)) {
        found.append(
            {0, Texts::tr("There is no look “%1” in this project.").arg(context.form.look), context.form.look});
    }
    const Styles styles = allStyles(context.looks);
    for (const Control &control : context.form.controls) {
        const QString style = control.settings.value(setting::Style);
        if (!style.isEmpty() && !styleNamed(styles, style)) {
            found.append(
                {control.id,
                 Texts::tr("“%1” has the style “%2”, which this project does not have.").arg(control.name, style),
                 style,
                 {{Texts::tr("Let it look as its look says"), [id = control.id](const CheckContext &now) {
                       return withStyleBeneath(now.form, {id}, QString(), now.measure);
                   }}}});
        }
    }
    return found;
}

} // namespace

FormCheck missingStyles()
{
    return {"missing styles", Texts::later("Styles and looks that are missing"), Degree::ToWeigh, find};
}

} // namespace nabblet
