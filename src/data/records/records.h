// Records read and written one at a time, by key: never with OFFSET, never the whole table. Values from people are
// bound, names are quoted by the dialect.
#pragma once

#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "data/dialect/connection.h"
#include "data/records/record_source.h"

#include <QHash>
#include <QVariantList>

#include <atomic>
#include <functional>
#include <optional>

namespace nabblet {

using RowKey = QVariantList;

struct Row
{
    RowKey key;
    QVariantList values; // as RecordSource::columns

    bool operator==(const Row &) const = default;
};

// Where a row stands in the order of its source: the values by which rows are ordered, then its key. Of a source
// without an order of its own it is the key.
using RowPlace = QVariantList;
RowPlace placeOf(const RecordSource &source, const Row &row);

// The value of a column in a row; an invalid QVariant for a column that the source does not have.
QVariant valueOf(const RecordSource &source, const Row &row, const QString &column);

using MaybeRow = Result<std::optional<Row>>; // no row where the table ends

MaybeRow firstRow(const Connection &connection, const RecordSource &source);
MaybeRow lastRow(const Connection &connection, const RecordSource &source);
MaybeRow rowAfter(const Connection &connection, const RecordSource &source, const RowPlace &place);
MaybeRow rowBefore(const Connection &connection, const RecordSource &source, const RowPlace &place);
MaybeRow rowWithKey(const Connection &connection, const RecordSource &source, const RowKey &key);
// The same as far as it can be read, with NULL for columns that another program has just taken away.
Row readableRow(const Connection &connection, const RecordSource &source, const RowKey &key);
// Whether a row is one of those that the source shows.
Result<bool> isAmong(const Connection &connection, const RecordSource &source, const RowKey &key);

// At most so many rows after or before a place, nearest first; with none, from the beginning or the end.
Result<QList<Row>> rowsAfter(const Connection &connection, const RecordSource &source,
                             const std::optional<RowPlace> &place, int most);
Result<QList<Row>> rowsBefore(const Connection &connection, const RecordSource &source,
                              const std::optional<RowPlace> &place, int most);

// All rows in their order, one after the other, none kept; `found` gives whether to go on. Gives whether that was all
// of them: false when it was given up, by `found` or by isCancelled.
Result<bool> eachRow(const Connection &connection, const RecordSource &source, const std::atomic<bool> &isCancelled,
                     const std::function<bool(const Row &row)> &found);

// About how many rows a table has, by the server's own statistics or the span of its numbers; nothing where neither
// says anything.
Result<std::optional<qint64>> estimatedRows(const Connection &connection, const Table &table);

Result<qint64> countRows(const Connection &connection, const RecordSource &source);
// How many rows stand before a place.
Result<qint64> countRowsBefore(const Connection &connection, const RecordSource &source, const RowPlace &place);

// Where rows stand in their order: the place of every so-manieth row. With it a row is found by its number without
// reading all rows before it.
struct RowMap
{
    static constexpr int Stride = 1024;
    qint64 count = 0;
    QList<RowPlace> places; // of rows 0, Stride, 2 × Stride, …
};

// Reads the places of all rows in their order; long for large tables, so it is done beside the interface. Gives nothing
// when isCancelled turns true.
Result<std::optional<RowMap>> mapRows(const Connection &connection, const RecordSource &source,
                                      const std::atomic<bool> &isCancelled);

// The row with a number, from 0.
MaybeRow rowAt(const Connection &connection, const RecordSource &source, const RowMap &map, qint64 number);

using ColumnValues = QHash<QString, QVariant>;

// A choice of a lookup: the value to store and the words to show.
struct LookupRow
{
    QVariantList values; // as Lookup::valueColumns
    QString words;
    QStringList also = {};    // the words of Lookup::also
    bool isToldApart = false; // there are others of the same words, and what differs stands behind them
};

// The choices of a lookup, in its order; at most `most` of them, of those that contain each word of `part` in one of
// their words, or hold it as their value, when it is not empty. Rows of the same words have behind them what differs.
// fixed: values that columns of the choices are held to.
Result<QList<LookupRow>> lookupRows(const Connection &connection, const Lookup &lookup, const QString &part, int most,
                                    const ColumnValues &fixed = {});
// The same out of all choices of the lookup, without asking the database.
QList<LookupRow> choicesWith(const QList<LookupRow> &all, const Lookup &lookup, const QString &part, int most);
// Whether rows of the same words are told apart by a further column or their key, as lookupRows() does. Asks the
// database for all rows with these words.
enum class SameWords { ToldApart, AsTheyAre };
// The words for the values of one row of a lookup; empty when there is no such row.
Result<QString> lookupWords(const Connection &connection, const Lookup &lookup, const QVariantList &values,
                            SameWords sameWords = SameWords::AsTheyAre);

// The value of a column in the row that these values point to; an invalid QVariant where there is no such row.
Result<QVariant> followedValue(const Connection &connection, const Followed &followed, const QVariantList &values);

// A total over all rows of a source.
Result<QVariant> totalOfRows(const Connection &connection, const RecordSource &source, const Total &total);

} // namespace nabblet
