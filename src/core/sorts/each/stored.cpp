#include "core/sorts/sort_table.h"
#include "core/text/tr.h"

#include <QCoreApplication>

namespace nabblet {

// As the database puts the values: numbers by their size, dates by their time, words by their signs.
Sort storedSort()
{
    return {QStringLiteral("stored"), Texts::later("as stored"), [](const Column &) { return true; },
            [](const QString &value) { return value; }};
}

} // namespace nabblet
