// Lists that go to the record chosen in them.
#pragma once

#include "core/model/control.h"

namespace nabblet {

// Whether it goes to the record chosen in it instead of writing a value.
bool isJumpList(const Control &control);

} // namespace nabblet
