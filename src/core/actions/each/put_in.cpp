#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction putInAction()
{
    return {QStringLiteral("put-in"),
            Texts::later("Put values into boxes"),
            Texts::later("Put in"),
            "M3 8 L10 8 M7 5 L10 8 L7 11 M13 3 L13 13",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.putIn(with); },
            ActionNeeds::Nothing,
            Texts::later("Values"),
            Texts::later("Status = withdrawn; Laid on = today"),
            true};
}

} // namespace nabblet
