#include "core/arrange/edges.h"
#include "core/arrange/rows.h"
#include "core/check/checks.h"
#include "core/check/tab_steps.h"
#include "core/edit/edits.h"
#include "core/kinds/control_names.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Where Tab goes up, or to the left in a row, although there is more to fill in on the way.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const auto &[from, to] : backwardTabSteps(context.form)) {
        const Control *before = context.form.controls.find(from);
        const Control *behind = context.form.controls.find(to);
        QList<Mend> mends;
        if (context.form.tabOrder != TabOrder::Reading) {
            mends.append({Texts::tr("Let Tab go as the form reads"),
                          [](const CheckContext &now) { return withTabOrder(now.form, TabOrder::Reading); }});
        }
        found.append({to,
                      Texts::tr("Tab jumps back from “%1” to “%2”.")
                          .arg(calledFor(context.form, *before), calledFor(context.form, *behind)),
                      before->name, mends});
    }
    return found;
}

} // namespace

FormCheck backwardTabs()
{
    return {"backward tabs", Texts::later("Tab jumps back"), Degree::ToWeigh, find};
}

} // namespace nabblet
