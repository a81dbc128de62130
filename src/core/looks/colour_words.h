// Colours as people write them: any notation of CSS (Color Module Level 4) that names a colour of its own.
#pragma once

#include "core/model/look.h"
#include "core/result.h"

#include <array>

namespace nabblet {

// "#0b7a70", "#0a7", "0b7a70", "teal", "rgb(11 122 112)", "rgb(11, 122, 112)", "hsl(174 83% 26%)", "hwb(…)", "lab(…)",
// "lch(…)", "oklab(…)", "oklch(…)", "color(srgb 0.04 0.48 0.44)". Colours that a screen cannot show become the nearest
// that it can. The error says what was expected; colours that can be seen through are one.
Result<Colour> readColour(const QString &typed);
// By how much of red, green and blue it has, 0 to 1 each; what is beyond is taken as the nearest of them.
Colour colourOfShares(const std::array<double, 3> &shares);
// "#0b7a70"
QString colourInWords(Colour colour);

} // namespace nabblet
