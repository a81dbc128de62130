#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction goToPageAction()
{
    return {QStringLiteral("go-to-page"),
            QT_TRANSLATE_NOOP("ButtonActions", "Go to a page of the form"),
            QT_TRANSLATE_NOOP("ButtonActions", "Page"),
            "M2.5 5 L6 5 L7 3 L13.5 3 L13.5 13 L2.5 13 Z",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &with) { return form.goToPage(with); },
            ActionNeeds::Nothing,
            QT_TRANSLATE_NOOP("ButtonActions", "Page"),
            QT_TRANSLATE_NOOP("ButtonActions", "the title of the page")};
}

} // namespace nabblet
