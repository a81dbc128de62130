#include "core/rules/effects.h"

#include <algorithm>

namespace nabblet {

const QList<Effect> &effects()
{
#define NABBLET_ENTRY(effect) effect(),
    static const QList<Effect> table{NABBLET_EFFECTS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

const Effect *findEffect(const QString &name)
{
    const auto found = std::find_if(effects().begin(), effects().end(),
                                    [&](const Effect &effect) { return name == QLatin1String(effect.name); });
    return found == effects().end() ? nullptr : &*found;
}

} // namespace nabblet
