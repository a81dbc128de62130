#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction openFormAction()
{
    return {QStringLiteral("open-form"),
            Texts::later("Open another form"),
            Texts::later("Open"),
            "M2.5 3 L13.5 3 L13.5 13 L2.5 13 Z M2.5 6 L13.5 6",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &) { return form.openForm(); },
            ActionNeeds::ProjectForm};
}

} // namespace nabblet
