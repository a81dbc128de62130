#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

#include <QtGlobal>

namespace nabblet {

const LookSetting &padding()
{
    static const LookSetting setting{
        "padding",
        "space.padding",
        Texts::later("Inside boxes"),
        Texts::later("What is left free in boxes and buttons left and right of the words, px."),
        7,
        2,
        16};
    return setting;
}

const LookSetting &rowSpacing()
{
    static const LookSetting setting{
        "rowSpacing",
        "space.row",
        Texts::later("Between rows"),
        Texts::later("How much further apart than usual the rows of a new tabular form stand, px."),
        0,
        0,
        16};
    return setting;
}

const LookSetting &boxSpacing()
{
    static const LookSetting setting{
        "boxSpacing",
        "space.gap",
        Texts::later("Between boxes"),
        Texts::later("How much further apart than usual the boxes of a new form stand, one below the other, px."),
        0,
        0,
        16};
    return setting;
}

const LookSetting &rowTinting()
{
    static const LookSetting setting{
        "rowTinting",
        "$rowsTinted",
        Texts::later("Rows"),
        Texts::later("Every other row of a tabular form has a ground of its own."),
        0,
        0,
        1,
        {{"plain", Texts::later("plain")}, {"tinted", Texts::later("every other one tinted")}}};
    return setting;
}

} // namespace nabblet
