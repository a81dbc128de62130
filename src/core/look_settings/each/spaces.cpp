#include "core/look_settings/look_setting_table.h"

#include <QtGlobal>

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Looks", text)

const LookSetting &padding()
{
    static const LookSetting setting{"padding",
                                     "space.padding",
                                     T("Inside boxes"),
                                     T("What is left free in boxes and buttons left and right of the words, px."),
                                     7,
                                     2,
                                     16};
    return setting;
}

const LookSetting &rowSpacing()
{
    static const LookSetting setting{"rowSpacing",
                                     "space.row",
                                     T("Between rows"),
                                     T("How much further apart than usual the rows of a new tabular form stand, px."),
                                     0,
                                     0,
                                     16};
    return setting;
}

const LookSetting &rowTinting()
{
    static const LookSetting setting{"rowTinting",
                                     "$rowsTinted",
                                     T("Rows"),
                                     T("Every other row of a tabular form has a ground of its own."),
                                     0,
                                     0,
                                     1,
                                     {{"plain", T("plain")}, {"tinted", T("every other one tinted")}}};
    return setting;
}

#undef T

} // namespace nabblet
