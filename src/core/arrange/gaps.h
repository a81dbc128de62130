// The gaps between neighbours: measured for the pills on the board, evened, set, grown and shrunk.
#pragma once

#include "core/arrange/arranged.h"

namespace nabblet {

enum class Direction { Across, Down };

// Neighbours one behind the other: fields that stand side by side count as one row when gaps down are meant, those
// under one another as one column when gaps across are.
struct Neighbours
{
    QList<int> members; // indexes into the list of arranged fields
    int start = 0;      // px on the form, along the direction
    int end = 0;
};
using Chain = QList<Neighbours>;

// The chains in which fields follow one another; those of a single member are left out.
QList<Chain> chainsOf(const Form &form, const QList<Arranged> &items, Direction direction);

// One gap, as a pill shows it.
struct Gap
{
    Direction direction = Direction::Down;
    int size = 0;       // px; negative where neighbours overlap
    QRect space;        // on the form
    bool isOdd = false; // differs from what most of its kind are
};
QList<Gap> gapsOf(const Form &form, const QList<ControlId> &selected);

// Gives all gaps of a direction the same size, px. The first of each chain stays.
Form withGaps(const Form &form, const QList<ControlId> &selected, Direction direction, int size);
// Spreads what lies between the first and the last evenly; both stay, and the gaps differ by at most one px.
Form withEvenGaps(const Form &form, const QList<ControlId> &selected, Direction direction);

} // namespace nabblet
