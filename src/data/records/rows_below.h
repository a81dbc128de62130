// Rows that belong to a row, at any depth, as stored: what formulas sum up.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "data/records/records.h"

namespace nabblet {

// How many rows that belong to one row are read at most.
inline constexpr int MostSummed = 5000;

// The source of the rows that the last of some subforms shows, each inside the one before, as they belong to those of a
// source. but: the key of one of these that is left out, or empty.
Result<RecordSource> sourceBelow(RecordSource source, QVariantList but, const QList<const Control *> &way,
                                 const Catalogue &catalogue);

// All rows of a source, at most so many: more are an error, as a sum of a part of them would be a wrong one.
Result<QList<Row>> rowsUpTo(const Connection &connection, const RecordSource &source, int most);

// Those that belong to one row of a source, each as the columns named.
Result<QList<QVariantList>> rowsBelow(const Connection &connection, const RecordSource &source, const Row &row,
                                      const QList<const Control *> &way, const QStringList &columns,
                                      const Catalogue &catalogue, int most);

} // namespace nabblet
