#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction goLastAction()
{
    return {QStringLiteral("go-last"),
            Texts::later("Go to the last record"),
            Texts::later("Last"),
            "M12 3 L12 13 M4 3 L9.5 8 L4 13",
            [](const FormAtWork &form) { return form.canGoLast(); },
            [](FormAtWork &form, const QString &) { return form.goLast(); }};
}

} // namespace nabblet
