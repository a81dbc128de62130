// A small square of a colour.
#pragma once

#include "core/looks/sides.h"

#include <QPixmap>

#include <optional>

class QWidget;

namespace nabblet {

// side: px. Without a colour an empty one, struck through; with a chosen dark side both halves. isWrong: with a sign
// that it cannot be read where it stands.
QPixmap swatchPicture(const QWidget *on, const std::optional<TwoSided> &colour, int side, bool isWrong = false);

} // namespace nabblet
