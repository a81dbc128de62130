#include "core/form_settings/titled_by_record.h"
#include "core/form_settings/form_setting_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

constinit const ControlSetting<bool> TitledByRecord = flagSetting("titledByRecord");

} // namespace

bool isTitledByRecord(const Form &form)
{
    return form.settings.value(TitledByRecord);
}

FormSetting titledByRecordSetting()
{
    return {&TitledByRecord, [] {
                return QList<FormSettingLine>{
                    {"titledByRecord", Texts::later("Window"), Texts::later("Record name"),
                     Texts::later("The title of the window says which record stands there."), LineEditor::Flag,
                     Texts::later("Change the window's title"),
                     [](const Form &form) { return isTitledByRecord(form) ? FlagOn : QString(); },
                     [](const Form &form, const QString &typed, const Table *) -> Result<Form> {
                         Form changed = form;
                         changed.settings.set(TitledByRecord, typed == FlagOn);
                         return changed;
                     },
                     nullptr, [](const Form &form) { return !form.rowsFrom.isEmpty(); }}};
            }};
}

} // namespace nabblet
