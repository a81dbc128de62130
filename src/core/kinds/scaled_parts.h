// The parts of controls that have no size of their own, larger or smaller with a form: headings, tabs, signs.
#pragma once

#include "core/model/control.h"

namespace nabblet {

// Whether it shows a heading or tabs now.
bool hasHead(const Control &control);
// What its kind has of them, in a measure.
void scaleParts(Control &control, double by);

} // namespace nabblet
