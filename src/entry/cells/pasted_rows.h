// Rows that come from a sheet of cells: what each would change or add, tried as a whole before any of it is kept.
#pragma once

#include "core/text/cells.h"
#include "entry/state/entry_state.h"
#include "entry/state/last_step.h"

#include <functional>

namespace nabblet {

class EntrySession;

// One row of cells.
struct PastedRow
{
    std::optional<Row> before; // the row that it changes; none: it is added
    ColumnValues values;       // to be written
    QString mistake;           // why it cannot go in, or empty
    qsizetype line = 0;        // of the cells that it comes from, where they came from a file
};

struct PastedRows
{
    QList<ControlId> boxes; // into which the columns of cells go, 0 for one that goes nowhere
    bool hasHeads = false;  // the first row of cells names them
    QList<PastedRow> rows;
    qsizetype left = 0; // rows of a file that change nothing

    qsizetype good() const;
};

// What the words of a cell come to in a box, by column. The error says why they are no value there.
// locale: in which figures are written; without it the person's.
Result<ColumnValues> valuesFor(const EntrySession &session, const Control &control, const QString &cell,
                               const std::optional<QLocale> &locale = {});

// What cells come to, put in from a box of the row with that number among those at hand on; from one behind the last,
// they are added. Where the first row of cells names boxes, columns go by that.
PastedRows pastedRows(EntrySession &session, const Cells &cells, ControlId from, int row);

// Which box each head means: by caption or column, else by likeness; 0 for none.
QList<ControlId> boxesByHeads(const Form &form, const QStringList &heads);

// What becomes of rows that are there already.
enum class RowsThere { Change, Leave };

// What the rows of a file come to, whose first row of cells is the heads. key: the box by whose value rows are known
// that are there already; 0: all are added. goesOn is told the line before each row.
PastedRows rowsFromCells(EntrySession &session, const Cells &cells, const QList<ControlId> &boxes, ControlId key,
                         RowsThere there, const std::function<bool(qsizetype line)> &goesOn,
                         const std::optional<QLocale> &locale = {});

// Tries all of them and keeps nothing: rows that the database refuses have its reason afterwards. The error says why
// nothing could be tried.
Outcome tryPasted(EntrySession &session, PastedRows &rows);
// Puts in those without a mistake, all or none; one step to be taken back.
Outcome putIn(EntrySession &session, PastedRows &rows);

// What stands in rows at hand as cells: those of the boxes, in their order.
Cells cellsOf(const EntrySession &session, const QList<Row> &rows, const QList<ControlId> &boxes);
// The boxes of a row that show values, from left to right.
QList<ControlId> cellBoxes(const Form &form);

} // namespace nabblet
