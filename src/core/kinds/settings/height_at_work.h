// How high a scrolling area is at work, where that is less than what is in it; it is designed at its whole height.
#pragma once

#include "core/model/control.h"

#include <optional>

namespace nabblet {

constexpr int LeastShownHeight = 48;   // px, two lines
constexpr int MostShownHeight = 10000; // px

// px; nothing where it is as high as designed.
std::optional<int> heightAtWork(const Control &control);

namespace setting {

extern const ControlSetting<int> HeightAtWork;

} // namespace setting

} // namespace nabblet
