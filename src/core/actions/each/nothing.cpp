#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction noAction()
{
    return {QStringLiteral("nothing"),
            Texts::later("Nothing yet"),
            Texts::later("Button"),
            "",
            [](const FormAtWork &) { return false; },
            [](FormAtWork &, const QString &) { return false; }};
}

} // namespace nabblet
