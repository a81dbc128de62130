#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction openLinkAction()
{
    return {QStringLiteral("open-link"),
            Texts::later("Open an address or a file"),
            Texts::later("Open"),
            "M8.5 3 L3 3 L3 13 L13 13 L13 7.5 M7.5 8.5 L13 3 M10 3 L13 3 L13 6",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.openLink(with); },
            ActionNeeds::Nothing,
            Texts::later("Address"),
            Texts::later("https://charts.nabharbour.example/{chart_page}")};
}

} // namespace nabblet
