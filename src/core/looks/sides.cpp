#include "core/looks/sides.h"

#include "core/looks/oklch.h"

namespace nabblet {

namespace {

constexpr double DarkestGround = 0.24; // the lightness that white becomes

} // namespace

Colour darkSideOf(Colour light)
{
    Oklch colour = toOklch(light);
    colour.lightness = 1 - (1 - DarkestGround) * colour.lightness;
    return fromOklch(colour);
}

Colour lightSideOf(Colour dark)
{
    Oklch colour = toOklch(dark);
    colour.lightness = (1 - colour.lightness) / (1 - DarkestGround);
    return fromOklch(colour);
}

} // namespace nabblet
