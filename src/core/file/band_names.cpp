#include "core/file/band_names.h"

namespace nabblet {

const QStringList &bandNames()
{
    static const QStringList names{QStringLiteral("page header"), QStringLiteral("header"), QStringLiteral("body"),
                                   QStringLiteral("footer"), QStringLiteral("page footer")};
    return names;
}

} // namespace nabblet
