#include "core/sorts/sort_table.h"
#include "core/text/tr.h"

#include <QCoreApplication>

namespace nabblet {

// Words as people look them up: small and capital letters alike.
Sort lettersSort()
{
    return {QStringLiteral("letters"), Texts::later("by letters"),
            [](const Column &column) { return column.type == ColumnType::Text; },
            [](const QString &value) { return QStringLiteral("lower(%1)").arg(value); }};
}

} // namespace nabblet
