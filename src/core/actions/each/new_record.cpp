#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction newRecordAction()
{
    return {QStringLiteral("new"),
            Texts::later("Begin a new record"),
            Texts::later("New"),
            "M8 3 L8 13 M3 8 L13 8",
            [](const FormAtWork &form) { return form.canAdd(); },
            [](FormAtWork &form, const QString &) { return form.add(); }};
}

} // namespace nabblet
