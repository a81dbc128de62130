#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction findAction()
{
    return {QStringLiteral("find"), QT_TRANSLATE_NOOP("ButtonActions", "Find a record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Find"), [](const FormAtWork &form) { return form.canFind(); },
            [](FormAtWork &form) { form.find(); }};
}

} // namespace nabblet
