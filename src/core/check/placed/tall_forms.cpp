#include "core/arrange/containers.h"
#include "core/check/checks.h"
#include "core/check/form_sense.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Forms higher than two screens without a part of them that has a heading or pages.
QList<Finding> find(const CheckContext &context)
{
    const bool hasParts = std::any_of(context.form.controls.begin(), context.form.controls.end(),
                                      [](const Control &control) { return holdsOthers(control); });
    const int height = shownHeight(context.form);
    if (hasParts || isTabular(context.form) || height <= 2 * ScreenHeight) {
        return {};
    }
    return {{0, Texts::tr("The form is %1 px high, more than two screens, and has no groups or pages. Put what belongs "
                          "together into groups or on pages.")
                    .arg(height)}};
}

} // namespace

FormCheck tallForms()
{
    return {"tall forms", Texts::later("Forms that are hard to oversee"), Degree::ToWeigh, find};
}

} // namespace nabblet
