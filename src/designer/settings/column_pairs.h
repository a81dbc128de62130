// Columns of two tables that hold the same values, as people write them: "buoy_id = id, region = region".
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/result.h"

#include <QStringList>

namespace nabblet {

struct ColumnPairs
{
    QStringList first;
    QStringList second; // as many
};

QString pairsInWords(const QStringList &first, const QStringList &second);

// Reads such pairs; a column alone stands for both. Where a table is given, the error names a column that it does not
// have.
Result<ColumnPairs> readPairs(const QString &typed, const Table *firstTable, const Table *secondTable);

} // namespace nabblet
