// Records that hold words, wherever in what a form shows of them: found one after the other, beside the interface.
#pragma once

#include "data/dialect/connection.h"
#include "data/records/records.h"
#include "data/records/row_filter.h"

#include <atomic>
#include <functional>

namespace nabblet {

// One word that is looked for: any of these tests may find it.
using SearchedWord = QList<RowTest>;

// Goes through the rows of a source that hold all of the words, in its order. found: told each of them, until it
// answers false. Gives whether it went to the end; false where isCancelled turned true or found had enough.
Result<bool> searchRows(const Connection &connection, const RecordSource &source, const QList<SearchedWord> &words,
                        const std::atomic<bool> &isCancelled, const std::function<bool(const Row &row)> &found);

// At most so many rows whose column begins with words, in the order of that column: at once where it has an index.
Result<QList<Row>> rowsBeginning(const Connection &connection, const RecordSource &source, const QString &column,
                                 const QString &words, int most);

} // namespace nabblet
