#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

#include <QtGlobal>

namespace nabblet {

const LookSetting &fieldLine()
{
    static const LookSetting setting{"fieldLine",
                                     "edge.field.weight",
                                     Texts::later("Lines of boxes"),
                                     Texts::later("How heavy the line around a box is, px; 0 is none."),
                                     1,
                                     0,
                                     4};
    return setting;
}

const LookSetting &buttonLine()
{
    static const LookSetting setting{"buttonLine",
                                     "edge.button.weight",
                                     Texts::later("Lines of buttons"),
                                     Texts::later("How heavy the line around a button is, px; 0 is none."),
                                     1,
                                     0,
                                     4};
    return setting;
}

const LookSetting &groupLine()
{
    static const LookSetting setting{"groupLine",
                                     "edge.group.weight",
                                     Texts::later("Lines of groups"),
                                     Texts::later("How heavy the frame of a group box is, px; 0 is none."),
                                     1,
                                     0,
                                     4};
    return setting;
}

} // namespace nabblet
