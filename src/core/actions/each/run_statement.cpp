#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction runStatementAction()
{
    return {QStringLiteral("run-sql"),
            Texts::later("Run an SQL statement"),
            Texts::later("Run"),
            "M3 3 L13 3 L13 6 L3 6 Z M3 6 L3 13 L13 13 L13 6 M5.5 8 L7.5 9.5 L5.5 11",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.runStatement(with); },
            ActionNeeds::Nothing,
            Texts::later("Statement"),
            Texts::later("UPDATE buoy SET status = 'in depot' WHERE buoy_id = :buoy_id")};
}

} // namespace nabblet
