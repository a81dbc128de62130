#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

#include <QtGlobal>

namespace nabblet {

const LookSetting &fieldCorner()
{
    static const LookSetting setting{"fieldCorner",
                                     "edge.field.corner",
                                     Texts::later("Corners of boxes"),
                                     Texts::later("How round they are, px; 0 is square."),
                                     3,
                                     0,
                                     12};
    return setting;
}

const LookSetting &buttonCorner()
{
    static const LookSetting setting{"buttonCorner",
                                     "edge.button.corner",
                                     Texts::later("Corners of buttons"),
                                     Texts::later("How round they are, px; 0 is square."),
                                     4,
                                     0,
                                     16};
    return setting;
}

const LookSetting &groupCorner()
{
    static const LookSetting setting{"groupCorner",
                                     "edge.group.corner",
                                     Texts::later("Corners of groups"),
                                     Texts::later("How round the frames of group boxes are, px; 0 is square."),
                                     5,
                                     0,
                                     16};
    return setting;
}

} // namespace nabblet
