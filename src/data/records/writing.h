// Rows written one at a time, by key: only what changed, and only when what was read is still stored.
#pragma once

#include "data/records/records.h"

namespace nabblet {

// What came of writing a row.
struct Written
{
    enum Kind {
        Done,     // row holds it as it is stored now
        Conflict, // someone changed it meanwhile; nothing was written, row holds what is stored
        Gone,     // someone deleted it meanwhile
        Refused,  // nothing was written; refusal says why
    };
    Kind kind = Refused;
    std::optional<Row> row;
    bool isOutside =
        false; // done, but the row does not belong to the rows of its source any more; row holds it all the same
    Refusal refusal;
    bool isContended = false; // refused, as others were writing the same just then; it may be tried again
};

// The same rows without what narrows them: as the table holds them that is written to. Columns that it does not write
// are left out.
RecordSource asWritten(const RecordSource &source);

// What is stored under a key in the table that is written, once a server answers again that went away in the middle of
// a save; an error where it does not within some time. With it one finds out whether it had been saved.
MaybeRow rowOnceItAnswers(const Connection &connection, const RecordSource &source, const RowKey &key);
// What to say where that cannot be found out.
Written neverKnown(const QSqlError &error);

Written insertRow(const Connection &connection, const RecordSource &source, const ColumnValues &values,
                  const RefusalContext &context);
// Writes only the changed columns, and only if every value that was read is still stored.
Written updateRow(const Connection &connection, const RecordSource &source, const Row &asRead,
                  const ColumnValues &changes, const RefusalContext &context);
Written deleteRow(const Connection &connection, const RecordSource &source, const Row &asRead,
                  const RefusalContext &context);

} // namespace nabblet
