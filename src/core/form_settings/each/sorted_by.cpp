#include "core/sorts/sorted_by.h"
#include "core/form_settings/form_setting_table.h"
#include "core/text/tr.h"

#include <QCoreApplication>

namespace nabblet {

FormSetting sortedBySetting()
{
    return {&setting::Sorted, [] {
                return QList<FormSettingLine>{
                    {"sortedBy", Texts::later("Rows"), Texts::later("Sorted by"),
                     Texts::later("Columns: name, laid_on descending. Empty: by the key."), LineEditor::Words,
                     Texts::later("Change the order of the rows"),
                     [](const Form &form) { return sortedInWords(sortedBy(form)); },
                     [](const Form &form, const QString &typed, const Table *rows) -> Result<Form> {
                         const Result<QList<SortedBy>> sorted = readSorted(typed, rows);
                         if (!sorted) {
                             return sorted.error();
                         }
                         Form changed = form;
                         changed.settings.set(setting::Sorted, *sorted);
                         return changed;
                     },
                     nullptr, [](const Form &form) { return !form.rowsFrom.isEmpty(); }}};
            }};
}

} // namespace nabblet
