#include "core/look_settings/look_setting_table.h"

namespace nabblet {

// How heavy the lines around boxes, frames and buttons are, px beside those that their kinds draw.
const LookSetting &outlineSetting()
{
    static constexpr LookSetting setting{"outline", 0, 0, 3};
    return setting;
}

} // namespace nabblet
