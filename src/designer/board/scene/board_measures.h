// The measures of the board around the form, px in the viewport, shared by what listens and what draws.
#pragma once

#include "core/arrange/edges.h"

namespace nabblet {

constexpr int RulerHeight = 26;
constexpr int SpineWidth = 24;
constexpr int SideRulerWidth = 18; // the upright ruler between the spine and the form
constexpr int LeftSide = SpineWidth + SideRulerWidth;
constexpr int Around = 24;     // empty board below the form
constexpr int BehindForm = 12; // and right of it
constexpr int HandleSize = 7;
constexpr int KnobRadius = 7;
constexpr int HitSlack = 4;
constexpr int EdgeSlack = 4;
constexpr int SnapReach = 5;   // how near something must come to be snapped to
constexpr int ScrollZone = 24; // how near the edge a drag scrolls

} // namespace nabblet
