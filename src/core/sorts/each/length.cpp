#include "core/sorts/sort_table.h"
#include "core/text/tr.h"

#include <QCoreApplication>

namespace nabblet {

// Short before long, such as codes of one sort that have no leading noughts: P-9 before P-10.
Sort lengthSort()
{
    return {QStringLiteral("length"), Texts::later("by length"), [](const Column &) { return false; },
            [](const QString &value) { return QStringLiteral("length(%1)").arg(value); }};
}

} // namespace nabblet
