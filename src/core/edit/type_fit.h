// Room for type: what other letters, larger ones or other paddings need.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// The form with boxes, captions and buttons among some controls as high and wide as their letters need; nothing gets
// smaller. Captions and the rails that they end on are measured anew, and what would be covered makes way.
Form withRoomForType(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure);
// The same for all of them, in the forms inside too.
Form withRoomForType(const Form &form, const TextMeasure &measure);

} // namespace nabblet
