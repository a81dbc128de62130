// Tidy and flow: whole layouts made even. Nothing is lost, nothing overlaps.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// Turns rough placing into an even layout: left edges and rows that nearly line up do, sizes that are nearly equal are,
// near-equal gaps become equal, overlaps are parted, everything stands on the grid, captions stand where captions do.
// Only the controls named change; the others keep their places and are kept clear of. Tidying a tidy form changes
// nothing.
Form tidied(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure);

// Whether columns are filled one after the other, or row by row across them.
enum class FlowWay { Down, Across };

// Puts the fields named, as they read, into so many columns of about equal height, each with room for its captions;
// what stands right behind a field goes with it, and what is wide gets the whole width. What stood below follows. All
// of one band. Filled across, they go by rows from then on, and so does Tab; filled down again, as the form reads.
Form flowed(const Form &form, const QList<ControlId> &controls, int columns, const TextMeasure &measure,
            FlowWay way = FlowWay::Down);

} // namespace nabblet
