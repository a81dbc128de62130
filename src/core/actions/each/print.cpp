#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction printAction()
{
    return {QStringLiteral("print"),
            Texts::later("Print"),
            Texts::later("Print"),
            "M4.5 6 L4.5 2.5 L11.5 2.5 L11.5 6 M4.5 11.5 L2.5 11.5 L2.5 6 L13.5 6 L13.5 11.5 L11.5 11.5 M4.5 9 L11.5 9 "
            "L11.5 13.5 L4.5 13.5 Z",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &) { return form.print(); }};
}

} // namespace nabblet
