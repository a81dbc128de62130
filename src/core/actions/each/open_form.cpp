#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction openFormAction()
{
    return {QStringLiteral("open-form"),
            QT_TRANSLATE_NOOP("ButtonActions", "Open another form"),
            QT_TRANSLATE_NOOP("ButtonActions", "Open"),
            "M2.5 3 L13.5 3 L13.5 13 L2.5 13 Z M2.5 6 L13.5 6",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &) { return form.openForm(); },
            ActionNeeds::ProjectForm};
}

} // namespace nabblet
