// What may be typed into a box, and what stands there before.
#pragma once

#include "core/model/control.h"

#include <optional>

namespace nabblet {

bool isLocked(const Control &control);                  // people see the value and cannot change it
QString promptOf(const Control &control);               // faint words in the empty box
std::optional<int> lengthLimit(const Control &control); // letters

namespace setting {

extern const ControlSetting<bool> Locked;
extern const ControlSetting<QString> Prompt;
extern const ControlSetting<int> Length;

} // namespace setting

} // namespace nabblet
