#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction openLinkAction()
{
    return {QStringLiteral("open-link"),
            QT_TRANSLATE_NOOP("ButtonActions", "Open an address or a file"),
            QT_TRANSLATE_NOOP("ButtonActions", "Open"),
            "M8.5 3 L3 3 L3 13 L13 13 L13 7.5 M7.5 8.5 L13 3 M10 3 L13 3 L13 6",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.openLink(with); },
            ActionNeeds::Nothing,
            QT_TRANSLATE_NOOP("ButtonActions", "Address"),
            QT_TRANSLATE_NOOP("ButtonActions", "https://charts.nabharbour.example/{chart_page}")};
}

} // namespace nabblet
