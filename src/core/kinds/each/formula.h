// Values that are worked out of the row's other columns.
#pragma once

#include "core/model/control.h"

namespace nabblet {

QString formulaOf(const Control &control); // an SQL expression over the row; empty for none

namespace setting {

extern const ControlSetting<QString> Formula;

} // namespace setting

} // namespace nabblet
