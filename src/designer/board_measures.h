// The measures of the board around the form, px, shared by what listens and what draws.
#pragma once

#include "core/arrange/edges.h"

namespace nabblet {

constexpr int RulerHeight = 26;
constexpr int SpineWidth = 24;
constexpr int Around = 24;  // empty board below the form
constexpr int RightOf = 12; // and right of it
constexpr int HandleSize = 7;
constexpr int KnobRadius = 7;
constexpr int HitSlack = 4;
constexpr int EdgeSlack = 4;

} // namespace nabblet
