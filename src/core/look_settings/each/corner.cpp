#include "core/look_settings/look_setting_table.h"

namespace nabblet {

// How round the corners of boxes, frames and buttons are, in percent of how their kinds draw them; 0 is square.
const LookSetting &cornerSetting()
{
    static constexpr LookSetting setting{"corner", 100, 0, 300};
    return setting;
}

} // namespace nabblet
