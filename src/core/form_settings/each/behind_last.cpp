#include "core/form_settings/behind_last.h"
#include "core/form_settings/form_setting_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

const QStringList &names() // in files
{
    static const QStringList all{QStringLiteral("strip"), QStringLiteral("first-box"), QStringLiteral("next-record"),
                                 QStringLiteral("new-record")};
    return all;
}

} // namespace

namespace setting {

constinit const ControlSetting<BehindLast> GoesOnTo{"behindLast",
                                                    [](const QJsonValue &json) {
                                                        const qsizetype at = names().indexOf(json.toString());
                                                        return at < 0 ? std::nullopt
                                                                      : std::optional(static_cast<BehindLast>(at));
                                                    },
                                                    [](const BehindLast &at) {
                                                        return at == BehindLast::Strip
                                                                   ? QJsonValue(QJsonValue::Undefined)
                                                                   : QJsonValue(names().at(static_cast<int>(at)));
                                                    }};

} // namespace setting

BehindLast behindLast(const Form &form)
{
    return form.settings.value(setting::GoesOnTo, BehindLast::Strip);
}

FormSetting behindLastSetting()
{
    return {&setting::GoesOnTo, [] {
                return QList<FormSettingLine>{
                    {"behindLast", Texts::later("Rows"), Texts::later("Behind the last box"),
                     Texts::later("Where Tab and Enter go on to behind the last box of a record."), LineEditor::Choice,
                     Texts::later("Change where the last box goes on to"),
                     [](const Form &form) { return names().at(static_cast<int>(behindLast(form))); },
                     [](const Form &form, const QString &typed, const Table *) -> Result<Form> {
                         Form changed = form;
                         changed.settings.set(setting::GoesOnTo,
                                              static_cast<BehindLast>(std::max<qsizetype>(0, names().indexOf(typed))));
                         return changed;
                     },
                     [](const Form &) {
                         return QList<SettingChoice>{{names().at(0), Texts::tr("the strip below")},
                                                     {names().at(1), Texts::tr("the first box again")},
                                                     {names().at(2), Texts::tr("the next record")},
                                                     {names().at(3), Texts::tr("a new record")}};
                     },
                     [](const Form &form) { return !form.rowsFrom.isEmpty() && !isTabular(form); }}};
            }};
}

} // namespace nabblet
