#include "core/looks/pins/look_pin_table.h"

#include "core/kinds/settings/marks.h"
#include "core/look_settings/look_setting_table.h"

namespace nabblet {

namespace {

void apply(const ControlSettings &pins, Look &look)
{
    if (const TextAlign *align = pins.get(setting::Align)) {
        for (const LookSetting *each : {&textAlignment(), &numberAlignment(), &captionAlignment()}) {
            look.figures.insert(QLatin1String(each->name), static_cast<int>(*align));
        }
        look.alignsAs = static_cast<int>(*align);
    }
}

QString said(const Look &, Theme, const Control &)
{
    return {};
}

} // namespace

const LookPin &alignPin()
{
    static const LookPin pin{&setting::Align, PinToken::Word, apply, said};
    return pin;
}

} // namespace nabblet
