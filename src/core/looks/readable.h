// Whether colours can be read on one another, and the nearest ones that can. The limits are those of WCAG 2.1: 4.5 for
// text (success criterion 1.4.3), 3 for large text and for the edges by which a control is known (1.4.11).
#pragma once

#include "core/model/look.h"

#include <QList>

#include <optional>

namespace nabblet {

inline constexpr double TextContrast = 4.5;
inline constexpr double EdgeContrast = 3;

// The colour nearest to one that stands out against all of some grounds that much: with its hue, lighter or darker.
// Where none does, the one that comes nearest to it, black or white.
Colour readableOn(const QList<Colour> &grounds, Colour wanted, double ratio);

// What has to be read on what in every look.
struct ReadablePair
{
    Ink ink;
    Ink ground;
    double ratio;
};
const QList<ReadablePair> &readablePairs();

// Those that a look does not hold in a theme.
QList<ReadablePair> unreadablePairs(const Look &look, Theme theme);

// The look with every colour that cannot be read on its grounds replaced by the nearest that can; grounds stay. keep:
// colours that were chosen and stay as they are.
Look madeReadable(Look look, const QList<Ink> &keep = {});

} // namespace nabblet
