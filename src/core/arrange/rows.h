// Rows and columns worked out from where controls stand. Structure is seen, not stored.
#pragma once

#include "core/arrange/containers.h"

namespace nabblet {

// The controls of an area in rows from top to bottom, each row from left to right. Two controls are in one row when
// their first lines stand within half a line of each other; a tall control belongs to the row of its first line.
QList<QList<ControlId>> rowsOfArea(const Form &form, const Area &area);

// The controls that Tab stops at, in the order that the form's TabOrder asks for: header, body, footer; what takes no
// value is left out. What a container holds comes where the container stands, page by page, and is kept together.
QList<ControlId> tabSequence(const Form &form);

} // namespace nabblet
