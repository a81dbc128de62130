#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction goPreviousAction()
{
    return {QStringLiteral("go-previous"),
            QT_TRANSLATE_NOOP("ButtonActions", "Go one record back"),
            QT_TRANSLATE_NOOP("ButtonActions", "Previous"),
            "M10 3 L5 8 L10 13",
            [](const FormAtWork &form) { return form.canGoBack(); },
            [](FormAtWork &form, const QString &) { return form.goPrevious(); }};
}

} // namespace nabblet
