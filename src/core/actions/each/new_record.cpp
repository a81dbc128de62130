#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction newRecordAction()
{
    return {QStringLiteral("new"),
            QT_TRANSLATE_NOOP("ButtonActions", "Begin a new record"),
            QT_TRANSLATE_NOOP("ButtonActions", "New"),
            "M8 3 L8 13 M3 8 L13 8",
            [](const FormAtWork &form) { return form.canAdd(); },
            [](FormAtWork &form, const QString &) { return form.add(); }};
}

} // namespace nabblet
