#include "core/kinds/settings/start_value.h"

namespace nabblet {

namespace setting {

constinit const ControlSetting<QVariant> Starts{
    "starts",
    [](const QJsonValue &json) {
        return json.isNull() || json.isUndefined() ? std::nullopt : std::optional(json.toVariant());
    },
    [](const QVariant &value) {
        return value.isNull() ? QJsonValue(QJsonValue::Undefined) : QJsonValue::fromVariant(value);
    }};
constinit const ControlSetting<QString> StartsWorkedOut = wordsSetting("startsWorkedOut");

} // namespace setting

std::optional<StartValue> startValueOf(const Control &control)
{
    const QString formula = control.settings.value(setting::StartsWorkedOut);
    const QVariant value = control.settings.value(setting::Starts);
    const bool isThere = !formula.isEmpty() || !value.isNull();
    return isThere ? std::optional(StartValue{value, formula}) : std::nullopt;
}

void setStartValue(Control &control, const std::optional<StartValue> &start)
{
    control.settings.remove(setting::Starts);
    control.settings.remove(setting::StartsWorkedOut);
    if (start && !start->formula.isEmpty()) {
        control.settings.set(setting::StartsWorkedOut, start->formula);
    } else if (start) {
        control.settings.set(setting::Starts, start->value);
    }
}

} // namespace nabblet
