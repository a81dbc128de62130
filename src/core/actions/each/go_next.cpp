#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction goNextAction()
{
    return {QStringLiteral("go-next"),
            Texts::later("Go to the next record"),
            Texts::later("Next"),
            "M6 3 L11 8 L6 13",
            [](const FormAtWork &form) { return form.canGoOn(); },
            [](FormAtWork &form, const QString &) { return form.goNext(); }};
}

} // namespace nabblet
