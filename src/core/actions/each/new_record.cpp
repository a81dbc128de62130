#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction newRecordAction()
{
    return {QStringLiteral("new"), QT_TRANSLATE_NOOP("ButtonActions", "Begin a new record"),
            QT_TRANSLATE_NOOP("ButtonActions", "New"), [](const FormAtWork &form) { return form.canAdd(); },
            [](FormAtWork &form) { form.add(); }};
}

} // namespace nabblet
