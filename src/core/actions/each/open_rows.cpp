#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction openRowsAction()
{
    return {QStringLiteral("open-rows"),
            Texts::later("Open the rows that belong to the record"),
            Texts::later("Rows"),
            "M2.5 3 L13.5 3 L13.5 13 L2.5 13 Z M2.5 6.3 L13.5 6.3 M2.5 9.6 L13.5 9.6",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &) { return form.openRows(); },
            ActionNeeds::InnerForm};
}

} // namespace nabblet
