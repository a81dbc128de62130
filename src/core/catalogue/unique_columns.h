// Columns of which no two rows may have the same value.
#pragma once

#include "core/catalogue/catalogue.h"

#include <algorithm>

namespace nabblet {

// Whether a column alone is the key of its table or unique in it.
inline bool isOnlyOnce(const Table &table, const QString &column)
{
    const auto isIt = [&](const QStringList &columns) { return columns.size() == 1 && columns.first() == column; };
    return isIt(table.primaryKey) || std::any_of(table.uniqueKeys.begin(), table.uniqueKeys.end(),
                                                 [&](const UniqueKey &key) { return isIt(key.columns); });
}

} // namespace nabblet
