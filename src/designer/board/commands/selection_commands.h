// What menus and keys do with the selection on the board.
#pragma once

#include "core/arrange/gaps.h"

#include <QPoint>

namespace nabblet {

class BoardHost;

void selectAll(BoardHost &board);
// Outwards: from controls to their band, from there to the form.
void selectOutwards(BoardHost &board);
// The next or previous control in the tab order; adding it to the selection or alone.
enum class Walk { Alone, Adding };
void selectNext(BoardHost &board, int step, Walk walk);
void deleteSelection(BoardHost &board);
// key: of an arrow, towards which the selection is lined up.
void lineUpTowards(BoardHost &board, int key);
// Moves the selection by a step of the grid, with Ctrl by 1 px; with Shift it is sized.
void nudge(BoardHost &board, QPoint direction, Qt::KeyboardModifiers modifiers);
// All that is selected does in windows of other sizes what the lead does next.
void holdNext(BoardHost &board, Direction direction);
// Adds a band that the form lacks, and selects it; a header comes with the title.
void addBand(BoardHost &board, BandRole role);

} // namespace nabblet
