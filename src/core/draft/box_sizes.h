// How large a box is drafted: from the stored values where they are known, else from what the column declares.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/model/control.h"
#include "core/text/text_measure.h"

#include <QSize>

namespace nabblet {

// Drafted boxes keep between these widths, px.
constexpr int LeastBoxWidth = 64;
constexpr int MostBoxWidth = 264;
// Boxes whose stored values are known may be wider, px.
constexpr int MostFittedWidth = 568;
// The share of the stored values that a drafted box shows whole.
constexpr double FittingShare = 0.98;

// The width in px of the widest line among that share of the values, measured by the examples of their lengths; as the
// control shows numbers, where one is given.
int widthOfValues(const ColumnProfile &profile, double share, const TextMeasure &measure,
                  const Control *shownBy = nullptr);

// The width of a usual character in a box, px.
int usualCharacter(const TextMeasure &measure);

// A box's size on the usual grid of 8. profile may be nullptr. character: usualCharacter(measure), measured once for
// all.
QSize draftSize(const Catalogue &catalogue, const Column &column, const Control &field, const ColumnProfile *profile,
                const TextMeasure &measure, int character);

// Widths of boxes that stand under one another, with few different right edges: from the widest down, all that are no
// more than a fifth narrower get its width. Gives as many widths as it takes, none narrower than it was.
QList<int> evenedWidths(const QList<int> &widths);

} // namespace nabblet
