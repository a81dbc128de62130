#include "core/look_settings/look_setting_table.h"

#include <QtGlobal>

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Looks", text)

const LookSetting &fieldCorner()
{
    static const LookSetting setting{
        "fieldCorner", "edge.field.corner", T("Corners of boxes"), T("How round they are, px; 0 is square."), 3, 0, 12};
    return setting;
}

const LookSetting &buttonCorner()
{
    static const LookSetting setting{"buttonCorner",
                                     "edge.button.corner",
                                     T("Corners of buttons"),
                                     T("How round they are, px; 0 is square."),
                                     4,
                                     0,
                                     16};
    return setting;
}

const LookSetting &groupCorner()
{
    static const LookSetting setting{"groupCorner",
                                     "edge.group.corner",
                                     T("Corners of groups"),
                                     T("How round the frames of group boxes are, px; 0 is square."),
                                     5,
                                     0,
                                     16};
    return setting;
}

#undef T

} // namespace nabblet
