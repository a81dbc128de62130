// Rails at work: where they stand, what moves with them, and how automatic ones follow their captions.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// Where a rail stands, px from the form's left edge (a level one from the body's top).
// 0 for a rail that the form does not have.
int railPosition(const Form &form, RailId rail);

// Moves a rail and every edge that rides it. A control of which only one edge rides moves whole; one whose left and
// right edge ride different rails stretches. An automatic rail stays automatic and never so far left that its longest
// caption would be cut. The form grows where a control would stick out.
Form moveRail(const Form &form, RailId rail, int position);

// Puts a form in order after its words changed: every caption gets the width of its words; every automatic rail goes
// to the first grid line clear of the longest caption that ends on it, and what stands right of it moves along, so that
// nothing is covered and no gap changes.
Form settled(const Form &form, const TextMeasure &measure);

// The width a caption needs for its words, px.
int captionWidth(const Control &caption, const TextMeasure &measure);

// Lets each edge of a control that left its rail go, and each free edge that stands where its like stand on a rail ride
// it: the left edge of a box on the rail, the right edge of a caption that belongs to a box CaptionGap before it. Level
// rails are ridden by top and bottom edges, by those of a caption only where it belongs to no box.
Control withRidesByPlace(const Form &form, const Control &control);
// The same for a control that stood somewhere else before, along the directions in which it moved or changed its size:
// along the other, edges go on riding at whatever distance they ride.
Control withRidesSince(const Form &form, const QRect &before, const Control &control);

// Makes containers, bands and form large enough for every control; beside a container that grows, others make way.
Form grownToHold(const Form &form);

} // namespace nabblet
