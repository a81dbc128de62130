#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction goFirstAction()
{
    return {QStringLiteral("go-first"),
            QT_TRANSLATE_NOOP("ButtonActions", "Go to the first record"),
            QT_TRANSLATE_NOOP("ButtonActions", "First"),
            "M4 3 L4 13 M12 3 L6.5 8 L12 13",
            [](const FormAtWork &form) { return form.canGoBack(); },
            [](FormAtWork &form, const QString &) { return form.goFirst(); }};
}

} // namespace nabblet
