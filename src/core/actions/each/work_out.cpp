#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction workOutAction()
{
    return {QStringLiteral("work-out"),
            Texts::later("Work values out again"),
            Texts::later("Work out"),
            "M3 4 L13 4 M3 8 L9 8 M3 12 L9 12 M11 10 L13.5 12.5 M13.5 10 L11 12.5",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.workOut(with); },
            ActionNeeds::Nothing,
            Texts::later("Boxes"),
            Texts::later("Labour cost; Total – empty: all that rules work out"),
            true};
}

} // namespace nabblet
