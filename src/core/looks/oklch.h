// Colours by how people see them: lightness, strength and hue, after Björn Ottosson's OKLab (2020), in its polar form.
// Steps of the same size look alike in it, so that a set of colours can be worked out.
#pragma once

#include "core/model/look.h"

namespace nabblet {

struct Oklch
{
    double lightness = 0; // 0 black to 1 white
    double chroma = 0;    // 0 grey; sRGB reaches some 0.1 to 0.3, by lightness and hue
    double hue = 0;       // degrees, 0 to 360: 29 red, 110 yellow, 142 green, 264 blue
};

Oklch toOklch(Colour colour);
// The nearest colour that a screen has: with the lightness and hue asked for, and of the chroma as much as there is.
Colour fromOklch(const Oklch &colour);

// How far apart two colours look; 0 for the same, about 0.02 for what is just seen to differ, 1 from black to white.
double difference(Colour a, Colour b);
// What is seen of a colour over another; share: 0 to 1 of the upper one.
Colour mixed(Colour upper, Colour lower, double share);

} // namespace nabblet
