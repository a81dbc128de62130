#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction takeBackAction()
{
    return {QStringLiteral("take-back"),
            Texts::later("Take back a step"),
            Texts::later("Take back"),
            "M3 6 L10 6 L12.5 8.7 L10 11.5 L6 11.5 M5.5 3.5 L3 6 L5.5 8.5",
            [](const FormAtWork &form) { return form.canTakeBack(); },
            [](FormAtWork &form, const QString &) { return form.takeBack(); }};
}

} // namespace nabblet
