// Paints the pictures that core/kinds makes of controls. The only place where a control's appearance meets a painter.
#pragma once

#include "core/looks/dressing/ground_picture.h"
#include "core/model/form.h"
#include "entry/theme/appearance.h"

class QPainter;

namespace nabblet {

// Paints a picture with its top left corner at `at`.
void paintPicture(QPainter &painter, const Picture &picture, QPoint at, const Appearance &appearance);

// Paints a control as it shows these contents, at its place relative to `origin`, on a ground.
void paintControl(QPainter &painter, const Control &control, const Shown &shown, QPoint origin,
                  const Appearance &appearance, const Ground &ground);

// Paints the ground of a band, and the line that parts header and footer from the body.
void paintBand(QPainter &painter, BandRole role, const Ground &ground, const QRect &rect, const Appearance &appearance);
// Paints what a picture on the ground of a band shows there. form: the whole form's place, of which band is a part; the
// same measure as band's.
void paintGroundPicture(QPainter &painter, const BandPicture &picture, const QRect &band, const QRect &form,
                        const Appearance &appearance);
QColor colourOf(const Ground &ground, const Appearance &appearance);

} // namespace nabblet
