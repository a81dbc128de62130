// The light and the dark side of a colour: what stands for it where the desktop is dark, and back.
#pragma once

#include "core/model/look.h"

#include <optional>

namespace nabblet {

// White becomes the dark paper, black becomes white, hues stay.
Colour darkSideOf(Colour light);
Colour lightSideOf(Colour dark);

// A colour that was chosen by hand: for light desktops, and for dark ones its dark side or one that was chosen, too.
struct TwoSided
{
    Colour light = 0;
    std::optional<Colour> dark;

    Colour in(Theme theme) const { return theme == Theme::Light ? light : dark.value_or(darkSideOf(light)); }
    bool operator==(const TwoSided &) const = default;
};

} // namespace nabblet
