#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction goNextAction()
{
    return {QStringLiteral("go-next"),
            QT_TRANSLATE_NOOP("ButtonActions", "Go to the next record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Next"),
            "M6 3 L11 8 L6 13",
            [](const FormAtWork &form) { return form.canGoOn(); },
            [](FormAtWork &form, const QString &) { return form.goNext(); }};
}

} // namespace nabblet
