#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction goPreviousAction()
{
    return {QStringLiteral("go-previous"),
            Texts::later("Go one record back"),
            Texts::later("Previous"),
            "M10 3 L5 8 L10 13",
            [](const FormAtWork &form) { return form.canGoBack(); },
            [](FormAtWork &form, const QString &) { return form.goPrevious(); }};
}

} // namespace nabblet
