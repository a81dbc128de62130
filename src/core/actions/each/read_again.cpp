#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction readAgainAction()
{
    return {QStringLiteral("read-again"),
            Texts::later("Read everything again"),
            Texts::later("Read again"),
            "M13 8 L12.2 5 L9.5 3.2 L6.2 3.3 L3.7 5.2 L3 8 L3.8 11 L6.5 12.8 L9.8 12.7 M10.5 8 L13 8 L13.5 5.5",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &) { return form.readAgain(); }};
}

} // namespace nabblet
