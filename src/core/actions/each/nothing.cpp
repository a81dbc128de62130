#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction noAction()
{
    return {QStringLiteral("nothing"),
            QT_TRANSLATE_NOOP("ButtonActions", "Nothing yet"),
            QT_TRANSLATE_NOOP("ButtonActions", "Button"),
            "",
            [](const FormAtWork &) { return false; },
            [](FormAtWork &, const QString &) { return false; }};
}

} // namespace nabblet
