// Which page of each tab pages is in front on the board.
#pragma once

#include "core/model/form.h"

#include <QPoint>

namespace nabblet {

class BoardHost;

void setFrontPage(BoardHost &board, ControlId container, int page);
// Turns the page of the tab pages that the lead is or stands on.
void turnPage(BoardHost &board, int steps);
// Brings the page to the front whose tab is at a point of the form.
void turnToTabAt(BoardHost &board, ControlId container, QPoint onForm);
// A page that was added comes to the front.
void followPages(BoardHost &board, const Form &before, const Form &after);

} // namespace nabblet
