#include "core/rules/effects.h"

#include "core/text/tr.h"

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

QString effectTitle(const Effect &effect)
{
    return Texts::tr(effect.title);
}

QString markWord(Mark mark)
{
    switch (mark) {
    case Mark::Steady:
        return Texts::tr("steady");
    case Mark::Watch:
        return Texts::tr("watch");
    case Mark::Alarm:
        return Texts::tr("alarm");
    case Mark::None:
        break;
    }
    return Texts::tr("plain");
}

} // namespace nabblet
