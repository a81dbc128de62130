// The next number of a key that counts the rows of one record, such as a line number.
#pragma once

#include "entry/state/entry_state.h"

namespace nabblet {

// The column that counts them: the one whole number that the key has besides the columns which hold the rows to their
// record; empty where there is none.
QString countingColumn(const EntryState &state);
// One more than the greatest that is stored.
qint64 nextNumber(const EntryState &state, const QString &column);

} // namespace nabblet
