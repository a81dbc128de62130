#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction openFormAction()
{
    return {QStringLiteral("open-form"),
            QT_TRANSLATE_NOOP("ButtonActions", "Open another form"),
            QT_TRANSLATE_NOOP("ButtonActions", "Open"),
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form) { form.openForm(); },
            ActionNeeds::ProjectForm};
}

} // namespace nabblet
