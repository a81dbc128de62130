#include "core/actions/action_table.h"
#include "core/text/tr.h"

namespace nabblet {

ButtonAction saveAsAction()
{
    return {QStringLiteral("save-as"),
            Texts::later("Save the record or the rows as a file"),
            Texts::later("Save as"),
            "M2.5 2.5 L13.5 2.5 L13.5 13.5 L2.5 13.5 Z M8 5 L8 10 M5.5 7.8 L8 10.3 L10.5 7.8",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.saveAs(with); },
            ActionNeeds::Nothing,
            Texts::later("Kind of file"),
            Texts::later("pdf, csv, tsv, jsonl, xlsx or html; empty: people choose")};
}

} // namespace nabblet
