// How a box writes dates.
#pragma once

#include "core/model/control.h"
#include "core/text/date_words.h"

namespace nabblet {

DateShape dateShapeOf(const Control &control);

namespace setting {

extern const ControlSetting<DateShape> Dates;

} // namespace setting

} // namespace nabblet
