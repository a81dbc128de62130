#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

// For forms that are opened for one record; one that cannot be saved stays open, with what is in the way beside its
// boxes.
ButtonAction saveAndCloseAction()
{
    return {QStringLiteral("save-and-close"),
            Texts::later("Save the record and close the form"),
            Texts::later("Done"),
            "M4.5 6 L7 8.5 L12 3 M2.5 10 L2.5 13.5 L13.5 13.5 L13.5 10",
            [](const FormAtWork &) { return true; },
            [](FormAtWork &form, const QString &) { return form.save() && !form.hasUnsaved() && form.close(); }};
}

} // namespace nabblet
