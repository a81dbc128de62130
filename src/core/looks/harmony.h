// A whole set of colours from one.
#pragma once

#include "core/model/look.h"

namespace nabblet {

// The look with all its colours in harmony with a main colour, light and dark: what was accented takes the colour
// itself, as near to it as can be read; grounds, edges and words take a trace of its hue, as light as they were; what
// warns keeps its own hue. Every pair that has to be read can be.
Look withMainColour(Look look, Colour main);
// The colour that it would be remade from as it is.
Colour mainColour(const Look &look);

} // namespace nabblet
