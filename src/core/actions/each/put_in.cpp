#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction putInAction()
{
    return {QStringLiteral("put-in"),
            QT_TRANSLATE_NOOP("ButtonActions", "Put values into boxes"),
            QT_TRANSLATE_NOOP("ButtonActions", "Put in"),
            "M3 8 L10 8 M7 5 L10 8 L7 11 M13 3 L13 13",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.putIn(with); },
            ActionNeeds::Nothing,
            QT_TRANSLATE_NOOP("ButtonActions", "Values"),
            QT_TRANSLATE_NOOP("ButtonActions", "Status = withdrawn; Laid on = today")};
}

} // namespace nabblet
