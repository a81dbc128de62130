// The coordinates just behind a rectangle: what QRect::right() and bottom() are one short of.
#pragma once

#include <QRect>

namespace nabblet {

constexpr int rightOf(const QRect &rect)
{
    return rect.x() + rect.width();
}

constexpr int bottomOf(const QRect &rect)
{
    return rect.y() + rect.height();
}

} // namespace nabblet
