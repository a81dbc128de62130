// Where the tabs of tab pages stand.
#pragma once

#include "core/kinds/kind.h"

namespace nabblet {

constexpr int TabHeight = 32; // px

// The place of each page's tab, px from the control's top left corner: as wide as its title needs, narrower where they
// would not all fit.
QList<QRect> tabPlaces(const Control &control);
// The page whose tab is at a point, px from the control's top left corner; 0 for none.
int tabAt(const Control &control, QPoint point);

} // namespace nabblet
