// How high the heading of a group or the line of tabs is. It grows with the letters in it.
#pragma once

#include "core/model/control.h"

namespace nabblet {

constexpr int UsualHead = 32; // px
constexpr int LeastHead = 16; // px
constexpr int MostHead = 200; // px

// px; the usual where nobody set it. The same for kinds without a heading.
int headHeight(const Control &control);
void setHeadHeight(Control &control, int height);

namespace setting {

extern const ControlSetting<int> HeadHeight;

} // namespace setting

} // namespace nabblet
