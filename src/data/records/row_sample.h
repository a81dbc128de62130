// Stored rows as they stand, for looking through them while a form is designed.
#pragma once

#include "data/dialect/connection.h"
#include "data/records/record_source.h"

#include <QList>
#include <QVariantList>

namespace nabblet {

struct RowOrder
{
    QString column; // empty for the order of the table
    Qt::SortOrder direction = Qt::AscendingOrder;
};

struct RowSample
{
    QStringList columns;
    QList<QVariantList> rows;
    bool isWhole = true; // false where there are more rows than asked for
};

// At most so many rows of a source, in an order, of those in which some column holds the words (any, when empty). Long
// for large tables, so it is done beside the interface.
Result<RowSample> sampleRows(const Connection &connection, const RecordSource &source, const RowOrder &order,
                             const QString &words, int most);

} // namespace nabblet
