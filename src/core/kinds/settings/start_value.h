// What stands in a control of a new record before anyone types.
#pragma once

#include "core/model/control.h"

#include <QVariant>

#include <optional>

namespace nabblet {

// A value, or what an SQL expression gives. Neither: nothing but what the database itself fills in.
struct StartValue
{
    QVariant value;
    QString formula;
};
std::optional<StartValue> startValueOf(const Control &control);
void setStartValue(Control &control, const std::optional<StartValue> &start);

namespace setting {

extern const ControlSetting<QVariant> Starts;
extern const ControlSetting<QString> StartsWorkedOut;

} // namespace setting

} // namespace nabblet
