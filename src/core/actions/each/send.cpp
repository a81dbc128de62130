#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction sendAction()
{
    return {QStringLiteral("send"),
            Texts::later("Send a message"),
            Texts::later("Send"),
            "M2.5 4 L13.5 4 L13.5 12 L2.5 12 Z M2.5 4.5 L8 9 L13.5 4.5",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &) { return form.send(); }};
}

} // namespace nabblet
