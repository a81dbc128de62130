// Where something that comes down from a box goes on the screen.
#pragma once

#include <QPoint>
#include <QSize>

class QWidget;

namespace nabblet {

// The top left corner, in the screen's pixels: below the box, above it where there is no room below, and never past the
// screen's sides.
QPoint popupPlace(const QWidget *box, const QSize &size);

} // namespace nabblet
