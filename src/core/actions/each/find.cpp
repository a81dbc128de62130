#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction findAction()
{
    return {QStringLiteral("find"),
            Texts::later("Find a record"),
            Texts::later("Find"),
            "O6.5 6.5 4 M9.6 9.6 L13.5 13.5",
            [](const FormAtWork &form) { return form.canFind(); },
            [](FormAtWork &form, const QString &) { return form.find(); }};
}

} // namespace nabblet
