// Which values come up most in a column.
#pragma once

#include "data/dialect/connection.h"
#include "data/records/record_source.h"

namespace nabblet {

struct ValueCount
{
    QVariant value;
    qint64 rows = 0;
};

// At most so many values of a column in the rows of a source, the commonest first, blank ones among them. Reads all
// rows: for work beside the interface.
Result<QList<ValueCount>> commonestValues(const Connection &connection, const RecordSource &source,
                                          const QString &column, int most);

} // namespace nabblet
