#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction addRowAction()
{
    return {QStringLiteral("add-row"),
            Texts::later("Add a row that belongs to the record"),
            Texts::later("Add row"),
            "M2.5 4 L13.5 4 M2.5 8 L13.5 8 M8 10 L8 14 M6 12 L10 12",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.addRow(with); },
            ActionNeeds::Nothing,
            Texts::later("Rows"),
            Texts::later("the caption of the rows; empty: the first ones"),
            true};
}

} // namespace nabblet
