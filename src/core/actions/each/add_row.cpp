#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction addRowAction()
{
    return {QStringLiteral("add-row"),
            QT_TRANSLATE_NOOP("ButtonActions", "Add a row that belongs to the record"),
            QT_TRANSLATE_NOOP("ButtonActions", "Add row"),
            "M2.5 4 L13.5 4 M2.5 8 L13.5 8 M8 10 L8 14 M6 12 L10 12",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.addRow(with); },
            ActionNeeds::Nothing,
            QT_TRANSLATE_NOOP("ButtonActions", "Rows"),
            QT_TRANSLATE_NOOP("ButtonActions", "the caption of the rows; empty: the first ones")};
}

} // namespace nabblet
