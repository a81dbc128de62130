#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction closeAction()
{
    return {QStringLiteral("close"), QT_TRANSLATE_NOOP("ButtonActions", "Close the form"),
            QT_TRANSLATE_NOOP("ButtonActions", "Close"), [](const FormAtWork &) { return true; },
            [](FormAtWork &form) { form.close(); }};
}

} // namespace nabblet
