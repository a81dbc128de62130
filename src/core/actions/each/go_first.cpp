#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction goFirstAction()
{
    return {QStringLiteral("go-first"), QT_TRANSLATE_NOOP("ButtonActions", "Go to the first record"),
            QT_TRANSLATE_NOOP("ButtonActions", "First"), [](const FormAtWork &form) { return form.canGoBack(); },
            [](FormAtWork &form) { form.goFirst(); }};
}

} // namespace nabblet
