// Colours as people see them whose eyes tell fewer of them apart.
#pragma once

#include "core/model/look.h"

namespace nabblet {

// Without long (red), middle (green) or short waves (blue); the first two are what is called red-green blindness.
enum class Sight { Usual, WithoutRed, WithoutGreen, WithoutBlue };

// After Machado, Oliveira and Fernandes, "A Physiologically-based Model for Simulation of Color Vision Deficiency" (2009),
// at full strength.
Colour seenWith(Sight sight, Colour colour);
// The same for many pixels, 0xAARRGGBB.
void seeWith(Sight sight, quint32 *pixels, qsizetype count);

} // namespace nabblet
