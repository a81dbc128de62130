#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction goToPageAction()
{
    return {QStringLiteral("go-to-page"),
            Texts::later("Go to a page of the form"),
            Texts::later("Page"),
            "M2.5 5 L6 5 L7 3 L13.5 3 L13.5 13 L2.5 13 Z",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &with) { return form.goToPage(with); },
            ActionNeeds::Nothing,
            Texts::later("Page"),
            Texts::later("the title of the page"),
            true};
}

} // namespace nabblet
