// A control made anew for a column that is not what it was: the kind and its settings as a draft would have them;
// place, name, look and whatever else somebody set stay.
#pragma once

#include "core/model/control.h"

namespace nabblet {

// made: as draftField() gives it.
Control redrafted(const Control &control, const Control &made);

} // namespace nabblet
