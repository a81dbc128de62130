// The measures of the board around the form, px, shared by what listens and what draws.
#pragma once

#include <QRect>

namespace nabblet {

constexpr int RulerHeight = 26;
constexpr int SpineWidth = 24;
constexpr int Around = 24;  // empty board below the form
constexpr int RightOf = 12; // and right of it
constexpr int HandleSize = 7;
constexpr int KnobRadius = 7;
constexpr int HitSlack = 4;
constexpr int EdgeSlack = 4;

// The coordinates just behind a rectangle.
inline int rightOf(const QRect &rect)
{
    return rect.x() + rect.width();
}
inline int bottomOf(const QRect &rect)
{
    return rect.y() + rect.height();
}

} // namespace nabblet
