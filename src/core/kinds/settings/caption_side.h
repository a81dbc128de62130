// On which side of its box a caption stands.
#pragma once

#include "core/model/control.h"

namespace nabblet {

bool sitsAbove(const Control &caption); // else before it
void setSitsAbove(Control &caption, bool isAbove);

namespace setting {

extern const ControlSetting<bool> Above;

} // namespace setting

} // namespace nabblet
