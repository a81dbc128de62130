// How controls follow the rails that their edges ride, and captions their boxes.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// How far the rails that the four edges of a control ride move, px to the right or down; 0 where an edge rides none.
struct RailMoves
{
    int left = 0;
    int right = 0;
    int top = 0;
    int bottom = 0;
};
// Whether a rail holds a control's upper or lower edge; only in the body.
bool ridesDown(const Control &control);
// A control after that: moved where one edge of a direction rides, stretched where both do, never below LeastSize.
Control followed(const Control &control, const RailMoves &by);

// The caption of a box goes where the box went, along each direction in which no rail holds the caption itself. `after`
// has the same controls.
Form withCaptionsFollowing(const Form &before, const Form &after);

} // namespace nabblet
