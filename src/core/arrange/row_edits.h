// Edits of the rows and columns that are seen in a form. Everything in the way makes way; nothing is lost.
#pragma once

#include "core/arrange/containers.h"

#include <QMap>

namespace nabblet {

// Moves everything of an area whose top edge stands at or below y down by a distance, px; up with a negative one. The
// band or the container grows and shrinks with it.
Form withRoomDown(const Form &form, const Area &area, int y, int distance);
// The same at several places at once: y to distance.
Form withRoomsDown(const Form &form, const Area &area, const QMap<int, int> &rooms);
// The same to the right of x, in every band, with the rails there; containers across x and the form grow and shrink
// with it.
Form withRoomAcross(const Form &form, int x, int distance);

// How far what begins at x or right of it can move to the left without coming too near to what stays, px on the grid.
int freeLeftOf(const Form &form, int x);

// Takes out the empty strips of an area that are higher than the usual gap between rows.
Form withRowsClosedUp(const Form &form, const Area &area);
// The height of the empty strips that withRowsClosedUp() would take out, px.
int emptyRowsHeight(const Form &form, const Area &area);
// The same of the whole form.
int emptyRowsHeight(const Form &form);

} // namespace nabblet
