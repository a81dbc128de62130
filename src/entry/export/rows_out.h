// The rows of a form as they go into a file: what its boxes show, in the order in which they stand.
#pragma once

#include "data/export/row_file.h"
#include "entry/state/entry_state.h"

#include <atomic>

namespace nabblet {

class EntrySession;

// What is written of a form, ready for a thread and a connection of its own.
struct RowsOut
{
    QString title;
    QList<ExportColumn> columns;
    QList<Control> boxes; // as many
    RecordSource source;
    QLocale locale;
    // Some boxes show what only the form at work knows (formulas, values that follow a choice): it is asked for them,
    // row by row, in its own thread.
    bool needsSession = false;
};

// Of the rows that are shown now, in their order; where there are no rows to be written, the error says why.
Result<RowsOut> rowsOut(const EntryState &state);

// Tells how many rows are written; gives whether to go on.
using RowsWritten = std::function<bool(qint64 rows)>;

// Writes them. session: needed where `needsSession` says so, else it may be nullptr. Gives how many were written;
// nothing where it was given up, and then the file is as it was. The error says why it is not written.
Result<std::optional<qint64>> writeRows(const Connection &connection, const RowsOut &rows, RowFile &file,
                                        const EntrySession *session, const std::atomic<bool> &isCancelled,
                                        const RowsWritten &written);
// The same of one record.
Outcome writeRecord(const Connection &connection, const RowsOut &rows, const RowKey &key, RowFile &file,
                    const EntrySession *session);

} // namespace nabblet
