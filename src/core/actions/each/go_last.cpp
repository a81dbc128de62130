#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction goLastAction()
{
    return {QStringLiteral("go-last"),
            QT_TRANSLATE_NOOP("ButtonActions", "Go to the last record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Last"),
            "M12 3 L12 13 M4 3 L9.5 8 L4 13",
            [](const FormAtWork &form) { return form.canGoLast(); },
            [](FormAtWork &form, const QString &) { return form.goLast(); }};
}

} // namespace nabblet
