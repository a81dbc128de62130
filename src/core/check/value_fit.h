// Whether stored values have room in the boxes that show them.
#pragma once

#include "core/catalogue/profile.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// The profile of what a box of one line shows, or nullptr where its values are shown in other words than they are
// stored in.
const ColumnProfile *shownValues(const Control &control, const Profile &profile);

// How many values of a box there are, and how many it shows whole.
QPair<qint64, qint64> fitOf(const Control &control, const ColumnProfile &values, const TextMeasure &measure);

// The share of the stored values that their box shows whole, over all boxes of a form that show values as they are
// stored or looked up; 1 when there are none.
double shareThatFits(const Form &form, const Profile &profile, const TextMeasure &measure);

// A box with values longer than it is: a line that is cut, a long text that scrolls.
struct LongerThanBox
{
    QString called; // by its caption, or its column
    qint64 count = 0;
};
// Most first.
QList<LongerThanBox> longerThanTheirBox(const Form &form, const Profile &profile, const TextMeasure &measure);

// The longest of the stored values that a box shows, in the words that it shows; empty where there is none or where all
// are shown alike. Of a long text, its longest line.
QString longestWords(const Control &control, const Profile &profile);

} // namespace nabblet
