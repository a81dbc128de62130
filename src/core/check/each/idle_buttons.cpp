#include "core/actions/action_table.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Buttons without anything to do, and those and subforms that name a form which the project does not have.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const QString opens = projectFormOf(control);
        const QString called = calledFor(context.form, control);
        if (!opens.isEmpty() && context.forms && !context.forms->contains(opens)) {
            found.append(
                {control.id,
                 Texts::tr("“%1” is to open the form “%2”, which this project does not have.").arg(called, opens),
                 opens});
            continue;
        }
        if (control.kind != QLatin1String("button")) {
            continue;
        }
        const ButtonAction &action = buttonActionOf(control);
        const bool lacksForm = action.needs == ActionNeeds::ProjectForm && opens.isEmpty();
        const bool lacksRows = action.needs == ActionNeeds::InnerForm && !control.inner;
        if (action.name == QLatin1String("nothing") || lacksForm || lacksRows) {
            found.append({control.id,
                          lacksForm   ? Texts::tr("“%1” opens no form: which one is not said.").arg(called)
                          : lacksRows ? Texts::tr("“%1” opens no rows: which ones is not said.").arg(called)
                                      : Texts::tr("“%1” does nothing when it is pressed.").arg(called),
                          {},
                          {deletes(Texts::tr("Take the button away"), {control.id})}});
        }
    }
    return found;
}

} // namespace

FormCheck idleButtons()
{
    return {"idle buttons", Texts::later("Buttons that lead nowhere"), Degree::ToFix, find};
}

} // namespace nabblet
