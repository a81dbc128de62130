#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction findAction()
{
    return {QStringLiteral("find"),
            QT_TRANSLATE_NOOP("ButtonActions", "Find a record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Find"),
            "O6.5 6.5 4 M9.6 9.6 L13.5 13.5",
            [](const FormAtWork &form) { return form.canFind(); },
            [](FormAtWork &form, const QString &) { return form.find(); }};
}

} // namespace nabblet
