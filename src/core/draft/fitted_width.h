// How wide a box must be for what is stored, and what the longest of it is: for fitting boxes and for showing the form
// at its fullest.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/model/control.h"
#include "core/text/text_measure.h"

namespace nabblet {

// The width in px of a box that shows a share (0 to 1) of its column's stored values whole; 0 where the profile says
// nothing of them, or where the kind has no line of text.
int fittedWidth(const Catalogue &catalogue, const Table &table, const Profile &profile, const Control &control,
                double share, const TextMeasure &measure);

// The widest stored words of each column, or of what its lookup shows.
QHash<QString, QString> longestWords(const Profile &profile, const TextMeasure &measure);

} // namespace nabblet
