// The lines of an open list, by which it is drawn and by which the mouse finds them.
#pragma once

#include "core/kinds/kind.h"

namespace nabblet {

constexpr int ListLine = 22; // px, the height of a line of usual letters
// Of the letters of a look, px.
int listLineHeight(const Look &look);

// The words of all lines: of the fixed choices, or those that a lookup gave.
QStringList listLines(const Control &control, const Shown &shown);
// How many whole lines are in sight.
int listLinesInSight(const Control &control, const Look &look);
// The numbers of the lines that are chosen.
QList<int> chosenLines(const Control &control, const Shown &shown);
// The first line in sight: as it was scrolled, or so that the first that is chosen can be seen.
int firstLineInSight(const Control &control, const Shown &shown, const Look &look);
// The place of a line, px from the control's top left corner; empty for one out of sight.
QRect listLinePlace(const Control &control, const Shown &shown, const Look &look, int line);
// The line at a point of the control, or -1.
int listLineAt(const Control &control, const Shown &shown, const Look &look, QPoint at);

} // namespace nabblet
