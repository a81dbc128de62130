// A form as high as it is at work: scrolling areas that show less than what is in them.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// Scrolling areas as high as at work; what they hold keeps its place and sticks out, to be scrolled to. What stands
// below them moves up as far as what stands beside lets it, and the bands end where they then may.
Form asHighAsAtWork(const Form &form);

} // namespace nabblet
