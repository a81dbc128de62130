// Snapping to the grid.
#pragma once

namespace nabblet {

// The grid line nearest to a coordinate; halfway goes to the greater one. pitch ≥ 1, px.
constexpr int onGrid(int value, int pitch)
{
    const int half = value + pitch / 2;
    const int floor = half >= 0 ? half / pitch : -((-half + pitch - 1) / pitch);
    return floor * pitch;
}

// The first grid line at or after a coordinate.
constexpr int onGridAtOrAfter(int value, int pitch)
{
    const int floor = value >= 0 ? value / pitch : -((-value + pitch - 1) / pitch);
    return floor * pitch == value ? value : (floor + 1) * pitch;
}

// The grid line that one step from a coordinate reaches: the next one in that direction (+1 or -1).
constexpr int nextGridLine(int value, int pitch, int direction)
{
    const int after = onGridAtOrAfter(value, pitch);
    if (direction > 0) {
        return after == value ? value + pitch : after;
    }
    return after - pitch;
}

} // namespace nabblet
