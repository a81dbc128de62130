// Rows and columns worked out from where controls stand. Structure is seen, not stored.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// The controls of a band in rows from top to bottom, each row from left to right. Two controls are in one row when
// their first lines stand within half a line of each other; a tall control belongs to the row of its first line.
QList<QList<ControlId>> rowsOfBand(const Form &form, BandRole band);

// The controls that Tab stops at, in the order that the form's TabOrder asks for: header, body, footer; what takes no
// value is left out.
QList<ControlId> tabSequence(const Form &form);

} // namespace nabblet
