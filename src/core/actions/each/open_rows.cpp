#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction openRowsAction()
{
    return {QStringLiteral("open-rows"),
            QT_TRANSLATE_NOOP("ButtonActions", "Open the rows that belong to the record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Rows"),
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form) { form.openRows(); },
            ActionNeeds::InnerForm};
}

} // namespace nabblet
