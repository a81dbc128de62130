#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction goLastAction()
{
    return {QStringLiteral("go-last"), QT_TRANSLATE_NOOP("ButtonActions", "Go to the last record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Last"), [](const FormAtWork &form) { return form.canGoLast(); },
            [](FormAtWork &form) { form.goLast(); }};
}

} // namespace nabblet
