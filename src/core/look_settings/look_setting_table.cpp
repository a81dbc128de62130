#include "core/look_settings/look_setting_table.h"

#include <algorithm>

namespace nabblet {

int lookFigure(const Look &look, const LookSetting &setting)
{
    return std::clamp(look.figures.value(QLatin1String(setting.name), setting.usual), setting.least, setting.most);
}

EdgeShape edgeFigure(const Look &look, const LookSetting &setting)
{
    return static_cast<EdgeShape>(lookFigure(look, setting));
}

const QList<const LookSetting *> &lookSettings()
{
#define NABBLET_ENTRY(setting) &setting(),
    static const QList<const LookSetting *> table{NABBLET_LOOK_SETTINGS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

} // namespace nabblet
