#include "core/look_settings/look_setting_table.h"

#include <QtGlobal>

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Looks", text)

const LookSetting &fieldLine()
{
    static const LookSetting setting{"fieldLine",
                                     "edge.field.weight",
                                     T("Lines of boxes"),
                                     T("How heavy the line around a box is, px; 0 is none."),
                                     1,
                                     0,
                                     4};
    return setting;
}

const LookSetting &buttonLine()
{
    static const LookSetting setting{"buttonLine",
                                     "edge.button.weight",
                                     T("Lines of buttons"),
                                     T("How heavy the line around a button is, px; 0 is none."),
                                     1,
                                     0,
                                     4};
    return setting;
}

const LookSetting &groupLine()
{
    static const LookSetting setting{"groupLine",
                                     "edge.group.weight",
                                     T("Lines of groups"),
                                     T("How heavy the frame of a group box is, px; 0 is none."),
                                     1,
                                     0,
                                     4};
    return setting;
}

#undef T

} // namespace nabblet
