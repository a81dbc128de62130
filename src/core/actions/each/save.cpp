#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction saveAction()
{
    return {QStringLiteral("save"), QT_TRANSLATE_NOOP("ButtonActions", "Save the record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Save"), [](const FormAtWork &form) { return form.hasUnsaved(); },
            [](FormAtWork &form) { form.save(); }};
}

} // namespace nabblet
