// A form in a window of another size than it was designed for: rails move by their hold, edges follow.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// Whether a form may be shown smaller than it was designed; where not, a smaller window scrolls.
enum class Narrowing { Allowed, Refused };

// The form as a window of that width shows it, px, with the body band that high. What stands below something that gets
// higher, or lower, goes along; captions go with their boxes, what a container holds with the container.
Form stretchedTo(const Form &form, int width, int bodyHeight, Narrowing narrowing = Narrowing::Refused);

// How much of what the window gains goes by at a rail: 0 where it stays, 1 where it goes all the way, else by its share
// or by where it stands.
double shareOf(const Form &form, RailId rail);

} // namespace nabblet
