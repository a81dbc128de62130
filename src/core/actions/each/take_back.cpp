#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction takeBackAction()
{
    return {QStringLiteral("take-back"),
            QT_TRANSLATE_NOOP("ButtonActions", "Take back a step"),
            QT_TRANSLATE_NOOP("ButtonActions", "Take back"),
            "M3 6 L10 6 L12.5 8.7 L10 11.5 L6 11.5 M5.5 3.5 L3 6 L5.5 8.5",
            [](const FormAtWork &form) { return form.canTakeBack(); },
            [](FormAtWork &form, const QString &) { return form.takeBack(); }};
}

} // namespace nabblet
