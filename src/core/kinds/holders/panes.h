// Two panes with a divider between them.
#pragma once

#include "core/model/control.h"

namespace nabblet {

// Their ids.
constexpr int FirstPane = 1;
constexpr int SecondPane = 2;
constexpr int LeastPane = 40; // px; none gets smaller

bool areStacked(const Control &panes); // one above the other, else side by side
void setStacked(Control &panes, bool areStacked);
// px from the first pane's edge; in the middle where nobody set it.
int dividerOf(const Control &panes);
void setDivider(Control &panes, int divider);
void centreDivider(Control &panes);
// Keeps the divider of panes where it is when their size changes next; nothing for other kinds.
void pinDivider(Control &control);

} // namespace nabblet
