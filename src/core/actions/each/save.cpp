#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction saveAction()
{
    return {QStringLiteral("save"),
            Texts::later("Save the record"),
            Texts::later("Save"),
            "M8 2.5 L8 9.5 M5 6.5 L8 9.5 L11 6.5 M2.5 10 L2.5 13.5 L13.5 13.5 L13.5 10",
            [](const FormAtWork &form) { return form.hasUnsaved(); },
            [](FormAtWork &form, const QString &) { return form.save(); }};
}

} // namespace nabblet
