#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction closeAction()
{
    return {QStringLiteral("close"),
            Texts::later("Close the form"),
            Texts::later("Close"),
            "M4 4 L12 12 M12 4 L4 12",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &) { return form.close(); }};
}

} // namespace nabblet
