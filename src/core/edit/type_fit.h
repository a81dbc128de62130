// Room for type: what other letters, larger ones or other paddings need.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// What the letters were before, control for control: a measure and the form that it measured.
struct TypeBefore
{
    const Form &form;
    const TextMeasure &measure;
};

// The form with boxes, captions and buttons among some controls as high and wide as their letters need; nothing gets
// smaller. Where letters got wider, boxes do in the same measure, so that what stood in them whole does so still.
// Captions and the rails that they end on are measured anew, and what would be covered makes way.
Form withRoomForType(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure,
                     const TypeBefore &before);
// The same for a whole form, with the forms inside, whose look is another: in the measure in which the usual letters
// got larger or smaller, all that stands on it does.
Form withRoomForType(const Form &form, const TextMeasure &measure, const TypeBefore &before);

} // namespace nabblet
