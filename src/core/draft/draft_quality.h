// How good a form is, in figures.
#pragma once

#include "core/catalogue/profile.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// The share of the stored values that their box shows whole, over all boxes of a form that show values as they are
// stored; 1 when there are none.
double shareThatFits(const Form &form, const Profile &profile, const TextMeasure &measure);

// How many pairs of controls of a form cover one another.
int overlaps(const Form &form);

} // namespace nabblet
