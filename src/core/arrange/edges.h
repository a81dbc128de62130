// Rectangles by their edges: the coordinates just behind one, which QRect::right() and bottom() are one short of.
#pragma once

#include <QRect>

namespace nabblet {

constexpr int LeastSize = 8; // px; nothing is made narrower or lower than that

constexpr int rightOf(const QRect &rect)
{
    return rect.x() + rect.width();
}

constexpr int bottomOf(const QRect &rect)
{
    return rect.y() + rect.height();
}

// Whether two rectangles share any place; touching edges do not.
constexpr bool overlap(const QRect &a, const QRect &b)
{
    return a.x() < rightOf(b) && b.x() < rightOf(a) && a.y() < bottomOf(b) && b.y() < bottomOf(a);
}

} // namespace nabblet
