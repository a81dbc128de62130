// Where the options of an option set stand.
#pragma once

#include "core/kinds/kind.h"

namespace nabblet {

constexpr int OptionSign = 14;   // px across, the round box of an option
constexpr int OptionSignGap = 6; // px between it and its words
constexpr int OptionLine = 24;   // px, the height of one of several options under one another
constexpr int OptionLetters = 5; // the sign and the space around an option, counted in letters

// The place of each of a control's fixed choices, px from its top left corner: in as many lines as the control is high,
// line by line from left to right.
QList<QRect> optionPlaces(const Control &control);

} // namespace nabblet
