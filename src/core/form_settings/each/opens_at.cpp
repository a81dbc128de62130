#include "core/form_settings/opens_at.h"
#include "core/form_settings/form_setting_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

const QStringList &names() // in files
{
    static const QStringList all{QStringLiteral("first"), QStringLiteral("last"), QStringLiteral("new")};
    return all;
}

} // namespace

namespace setting {

constinit const ControlSetting<OpeningRecord> OpensAt{"opensAt",
                                                      [](const QJsonValue &json) {
                                                          const qsizetype at = names().indexOf(json.toString());
                                                          return at < 0 ? std::nullopt
                                                                        : std::optional(static_cast<OpeningRecord>(at));
                                                      },
                                                      [](const OpeningRecord &at) {
                                                          return at == OpeningRecord::First
                                                                     ? QJsonValue(QJsonValue::Undefined)
                                                                     : QJsonValue(names().at(static_cast<int>(at)));
                                                      }};

} // namespace setting

OpeningRecord openingRecord(const Form &form)
{
    return form.settings.value(setting::OpensAt, OpeningRecord::First);
}

FormSetting opensAtSetting()
{
    return {&setting::OpensAt, [] {
                return QList<FormSettingLine>{
                    {"opensAt", Texts::later("Rows"), Texts::later("Opens at"),
                     Texts::later("The record that stands there when people open the form."), LineEditor::Choice,
                     Texts::later("Change where the form opens"),
                     [](const Form &form) { return names().at(static_cast<int>(openingRecord(form))); },
                     [](const Form &form, const QString &typed, const Table *) -> Result<Form> {
                         Form changed = form;
                         changed.settings.set(setting::OpensAt, static_cast<OpeningRecord>(
                                                                    std::max<qsizetype>(0, names().indexOf(typed))));
                         return changed;
                     },
                     [](const Form &) {
                         return QList<SettingChoice>{{names().at(0), Texts::tr("first record")},
                                                     {names().at(1), Texts::tr("last record")},
                                                     {names().at(2), Texts::tr("new record")}};
                     },
                     [](const Form &form) { return !form.rowsFrom.isEmpty(); }}};
            }};
}

} // namespace nabblet
