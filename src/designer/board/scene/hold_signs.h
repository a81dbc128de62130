// What a control does when the window gets wider or higher, in words, and what it does next when its sign is clicked.
#pragma once

#include "core/arrange/windows/holding.h"

namespace nabblet {

// What the control does, and what a click would have it do; empty where there is no such control.
QString holdingWords(const Form &form, ControlId control, Direction direction);
// The form in which these do what the lead does next.
Form withNextHolding(const Form &form, const QList<ControlId> &controls, ControlId lead, Direction direction);

} // namespace nabblet
