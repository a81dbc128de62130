#include "core/actions/action_table.h"

namespace nabblet {

ButtonAction saveAsAction()
{
    return {QStringLiteral("save-as"),
            QT_TRANSLATE_NOOP("ButtonActions", "Save the record or the rows as a file"),
            QT_TRANSLATE_NOOP("ButtonActions", "Save as"),
            "M2.5 2.5 L13.5 2.5 L13.5 13.5 L2.5 13.5 Z M8 5 L8 10 M5.5 7.8 L8 10.3 L10.5 7.8",
            [](const FormAtWork &form) { return form.hasRecord(); },
            [](FormAtWork &form, const QString &with) { return form.saveAs(with); },
            ActionNeeds::Nothing,
            QT_TRANSLATE_NOOP("ButtonActions", "Kind of file"),
            QT_TRANSLATE_NOOP("ButtonActions", "pdf, csv, tsv, jsonl, xlsx or html; empty: people choose")};
}

} // namespace nabblet
