#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction closeAction()
{
    return {QStringLiteral("close"),
            QT_TRANSLATE_NOOP("ButtonActions", "Close the form"),
            QT_TRANSLATE_NOOP("ButtonActions", "Close"),
            "M4 4 L12 12 M12 4 L4 12",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &) { return form.close(); }};
}

} // namespace nabblet
