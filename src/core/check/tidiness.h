// How tidy a form is, in figures, and how much of an arrangement is left after it was changed.
#pragma once

#include "core/model/form.h"

namespace nabblet {

struct Tidiness
{
    int nearMisses = 0;  // left edges, or first lines, of boxes of one area that lie 1 to 7 px apart
    int unequalGaps = 0; // steps down a column that differ by 1 to 7 px from the one before
    int overlaps = 0;    // pairs of boxes of one area that cover one another

    Tidiness &operator+=(const Tidiness &other);
};

Tidiness tidinessOf(const Form &form);

// Of the pairs of boxes that had one left edge, or stood in one row, how many have and do.
struct Regained
{
    int edges = 0;
    int edgesOf = 0;
    int rows = 0;
    int rowsOf = 0;
    int rowsJoined = 0; // pairs that stand in one row now and did not
    bool isOrderKept = true;

    Regained &operator+=(const Regained &other);
};

// The same controls, arranged otherwise.
Regained regained(const Form &original, const Form &now);

} // namespace nabblet
