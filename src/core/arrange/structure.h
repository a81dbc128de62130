// The structure that arranging goes by, seen from where things stand: rows, columns of boxes, and blocks of fields that
// belong together because they stand one right behind the other.
#pragma once

#include "core/arrange/arranged.h"

#include <QSet>

namespace nabblet {

constexpr int InlineSpace = 24; // px; what stands closer behind a box than that belongs to it

// Fields that stand side by side, the leftmost first; indexes into a list of arranged fields of one area.
struct FieldRow
{
    QList<int> members;
    int top = 0;    // px, of the highest
    int bottom = 0; // px, of the lowest
};
// From top to bottom: the fewest rows in which the first lines lie within most of the height of a line, and in which
// nothing stands over another. reach: how far their first lines may be apart instead, px.
QList<FieldRow> fieldRows(const QList<Arranged> &items, std::optional<int> reach = {});

// Those that begin where one of them does, that one included: what stands under and over it.
QList<int> columnOf(const QList<Arranged> &items, int member);

// A field that begins a line of its own or of its column, with those that follow right behind it in its row.
using FieldBlock = QList<int>;
// In the order of the rows.
QList<FieldBlock> fieldBlocks(const QList<Arranged> &items);

// The space that most rows keep to the next one, px, on the grid; 8 where there is nothing to go by.
int usualRowGap(const QList<Arranged> &items, int pitch);
int usualRowGap(const QList<Arranged> &items, const QList<FieldRow> &rows, int pitch);

// A place as wanted, or moved down as far as it takes to be clear of those that are taken, with a gap to them, px.
QRect clearOf(const QList<QRect> &taken, QRect wanted, int gap, int pitch);

// What is on the form after some fields were put where others stand: those make way downwards, the blocks below them
// likewise, as far as it takes. Fields put on the lower part of another go below it. placed: the controls that were
// put; under: those that they lay over before, and may go on lying over.
Form withWayMade(const Form &form, const QList<ControlId> &placed, const QSet<ControlId> &under = {});

// The controls that some others lie over.
QSet<ControlId> lyingUnder(const Form &form, const QList<ControlId> &controls);

} // namespace nabblet
