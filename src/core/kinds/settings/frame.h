// Whether a group box or a box is seen; without its frame the form shows through.
#pragma once

#include "core/model/control.h"

namespace nabblet {

bool isFramed(const Control &control);

namespace setting {

extern const ControlSetting<bool> Framed; // on unless it says otherwise

} // namespace setting

} // namespace nabblet
