#include "data/dialect/dialect.h"

#include <array>

namespace nabblet {

const Dialect *dialectNamed(const QString &name)
{
    const std::array dialects{&sqliteDialect()};
    for (const Dialect *dialect : dialects) {
        if (dialect->name() == name) {
            return dialect;
        }
    }
    return nullptr;
}

} // namespace nabblet
