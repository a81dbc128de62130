// How much larger than usual the small parts of a control are that have no size of their own: signs of options, ticks
// and switches, the room of units. They follow a form that is shown larger, or arranged for larger letters.
#pragma once

#include "core/model/control.h"

namespace nabblet {

// A size of a control that has the usual letters, px, as it is in this one.
int signScaled(const Control &control, int size);
// Makes them larger or smaller in a measure.
void scaleSigns(Control &control, double by);

namespace setting {

extern const ControlSetting<int> SignScale; // percent

} // namespace setting

} // namespace nabblet
