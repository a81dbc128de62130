#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction takeBackAction()
{
    return {QStringLiteral("take-back"), QT_TRANSLATE_NOOP("ButtonActions", "Take back a step"),
            QT_TRANSLATE_NOOP("ButtonActions", "Take back"), [](const FormAtWork &form) { return form.canTakeBack(); },
            [](FormAtWork &form) { form.takeBack(); }};
}

} // namespace nabblet
