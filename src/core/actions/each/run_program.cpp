#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction runProgramAction()
{
    return {QStringLiteral("run-program"),
            Texts::later("Run a program"),
            Texts::later("Run"),
            "M2.5 3 L13.5 3 L13.5 13 L2.5 13 Z M4.5 6 L7 8 L4.5 10 M8.5 10.5 L11.5 10.5",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.runProgram(with); },
            ActionNeeds::Nothing,
            Texts::later("Program"),
            Texts::later("label-printer --copies 2 {asset_no}")};
}

} // namespace nabblet
