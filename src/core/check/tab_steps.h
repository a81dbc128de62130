// Steps of the tab order that jump back.
#pragma once

#include "core/model/form.h"

#include <QList>
#include <QPair>

namespace nabblet {

// From where to where Tab jumps up, but to a column further right, or to the left in a row.
QList<QPair<ControlId, ControlId>> backwardTabSteps(const Form &form);

} // namespace nabblet
