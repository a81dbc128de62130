#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction goFirstAction()
{
    return {QStringLiteral("go-first"),
            Texts::later("Go to the first record"),
            Texts::later("First"),
            "M4 3 L4 13 M12 3 L6.5 8 L12 13",
            [](const FormAtWork &form) { return form.canGoBack(); },
            [](FormAtWork &form, const QString &) { return form.goFirst(); }};
}

} // namespace nabblet
