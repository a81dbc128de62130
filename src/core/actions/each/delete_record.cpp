#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction deleteAction()
{
    return {QStringLiteral("delete"),
            Texts::later("Delete the record"),
            Texts::later("Delete"),
            "M3 4.5 L13 4.5 M6 4.5 L6 2.5 L10 2.5 L10 4.5 M4.5 4.5 L5.2 13.5 L10.8 13.5 L11.5 4.5",
            [](const FormAtWork &form) { return form.canDelete(); },
            [](FormAtWork &form, const QString &) { return form.remove(); }};
}

} // namespace nabblet
