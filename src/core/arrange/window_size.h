// A form in windows of other sizes: what stretches, what moves, what would run into something, and how small it may
// get.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// The form as a window of that width shows it, px; narrower than the form's own width too. Rails move by their hold,
// edges follow; nothing gets narrower than 8 px.
Form atWidth(const Form &form, int width);

struct WidthReport
{
    QList<ControlId> stretching; // get another width than they were designed with
    QList<ControlId> moving;     // stand elsewhere, with their width
    QList<ControlId> clashing;   // lie over another, stick out, or are narrower than a few letters, and did not before
};
WidthReport widthReport(const Form &form, int width);

// The narrowest width at which nothing clashes that did not before; never more than the form's own, px.
int narrowestWidth(const Form &form);
// The narrowest a window may get: as pinned, else as worked out.
int leastWindowWidth(const Form &form);

// Whether a control gets wider with the form: held to its right edge, and at the left to anything.
bool stretches(const Control &control);

// Changes the form's width, px; it stops at the rightmost control that does not ride the right edge, and where what
// does would leave the form or its container.
Form setFormWidth(const Form &form, int width);

} // namespace nabblet
