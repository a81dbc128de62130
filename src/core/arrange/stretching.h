// A form in a window of another size than it was designed for: rails move by their hold, edges follow.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// Whether a form may be shown smaller than it was designed; where not, a smaller window scrolls.
enum class Narrowing { Allowed, Refused };

// The form as a window of that width shows it, px, with the body band that high. What stands below something that gets
// higher, or lower, goes along; captions go with their boxes, what a container holds with the container.
Form stretchedTo(const Form &form, int width, int bodyHeight, Narrowing narrowing = Narrowing::Refused);

// How far the rails that the four edges of a control ride move, px to the right or down; 0 where an edge rides none.
struct RailMoves
{
    int left = 0;
    int right = 0;
    int top = 0;
    int bottom = 0;
};
// A control after that: moved where one edge of a direction rides, stretched where both do, never below LeastSize.
Control followed(const Control &control, const RailMoves &by);

// The caption of a box goes where the box went, along each direction in which no rail holds the caption itself. `after`
// has the same controls.
Form withCaptionsFollowing(const Form &before, const Form &after);

} // namespace nabblet
