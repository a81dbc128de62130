// A form in windows of other sizes: what stretches, what moves, what would run into something, and how small it may
// get.
#pragma once

#include "core/model/form.h"

#include <QSize>

namespace nabblet {

// What the form takes of a window as it was designed: its width, and all its bands together but those for printing.
QSize designedSize(const Form &form);

// The form as it is shown in that much room, px; smaller than designed too. Rails move by their hold, edges follow;
// nothing gets smaller than 8 px. Of the bands, the body alone changes its height; in a tabular form none does.
Form atSize(const Form &form, QSize size);

struct SizeReport
{
    QList<ControlId> stretching; // get another size than they were designed with
    QList<ControlId> moving;     // stand elsewhere, with their size
    QList<ControlId> clashing;   // lie over another, stick out, or are too small to say anything, and did not before
};
SizeReport sizeReport(const Form &form, QSize size);

// The narrowest width, and the lowest height at that width, at which nothing clashes that did not before; never more
// than the form's own, px.
int narrowestWidth(const Form &form);
int lowestHeight(const Form &form);
// The smallest a window may get: as pinned, else as worked out.
QSize leastWindowSize(const Form &form);

// The largest that the form is shown, px; where a window is larger, the rest is ground around it. What does not grow
// stays as designed; boxes grow as far as the letters that their columns take need it, at most by half and so where that
// is not known; rows, lists and cells without an end.
QSize mostWindowSize(const Form &form);

// Whether a control gets wider with the form: held to its right edge, and at the left to anything.
bool stretches(const Control &control);

// Changes the form's width, px; it stops at the rightmost control that does not ride the right edge, and where what
// does would leave the form or its container.
Form setFormWidth(const Form &form, int width);
// Changes the body's height, px; it stops at the lowest control that is not held to the body's bottom.
Form setBodyHeight(const Form &form, int height);

} // namespace nabblet
