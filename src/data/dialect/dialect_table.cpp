#include "data/dialect/dialect.h"

#include <array>

namespace nabblet {

const Dialect *dialectNamed(const QString &name)
{
#define NABBLET_ENTRY(dialect) &dialect(),
    const std::array all{NABBLET_DIALECTS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    for (const Dialect *dialect : all) {
        if (dialect->name() == name) {
            return dialect;
        }
    }
    return nullptr;
}

} // namespace nabblet
