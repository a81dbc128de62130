#include "core/form_settings/form_setting_table.h"
#include "core/form_settings/titled_by_record.h"

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
                    {"titledByRecord", QT_TRANSLATE_NOOP("Settings", "Window"),
                     QT_TRANSLATE_NOOP("Settings", "Record name"),
                     QT_TRANSLATE_NOOP("Settings", "The title of the window says which record stands there."),
                     LineEditor::Flag, QT_TRANSLATE_NOOP("Settings", "Change the window's title"),
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
