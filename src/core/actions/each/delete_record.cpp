#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction deleteAction()
{
    return {QStringLiteral("delete"), QT_TRANSLATE_NOOP("ButtonActions", "Delete the record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Delete"), [](const FormAtWork &form) { return form.canDelete(); },
            [](FormAtWork &form) { form.remove(); }};
}

} // namespace nabblet
