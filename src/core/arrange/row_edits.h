// Edits of the rows and columns that are seen in a form. Everything in the way makes way; nothing is lost.
#pragma once

#include "core/model/form.h"

#include <QMap>

namespace nabblet {

// Moves everything of a band whose top edge stands at or below y down by a distance, px; up with a negative one. The
// band grows and shrinks with it.
Form withRoomDown(const Form &form, BandRole band, int y, int distance);
// The same at several places at once: y to distance.
Form withRoomsDown(const Form &form, BandRole band, const QMap<int, int> &rooms);
// The same to the right of x, in every band, with the rails there; the form grows and shrinks with it.
Form withRoomAcross(const Form &form, int x, int distance);

// Takes out the empty strips of a band that are higher than the usual gap between rows.
Form withRowsClosedUp(const Form &form, BandRole band);
// The height of the empty strips that withRowsClosedUp() would take out, px.
int emptyRowsHeight(const Form &form, BandRole band);

} // namespace nabblet
