#include "core/looks/zoomed_look.h"

#include "core/look_settings/look_setting_table.h"

namespace nabblet {

Look zoomedLook(Look look, int percent)
{
    look.zoom = percent;
    for (TextStyle &text : look.texts) {
        text.percent = zoomed(look, text.percent);
    }
    for (const LookSetting *setting : {&padding(), &fieldCorner(), &buttonCorner(), &groupCorner()}) {
        look.figures.insert(QLatin1String(setting->name), zoomed(look, lookFigure(look, *setting)));
    }
    return look;
}

} // namespace nabblet
