#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

#include <QtGlobal>

namespace nabblet {

namespace {

const QList<LookChoice> &shapes() // as EdgeShape
{
    static const QList<LookChoice> all{{"flat", Texts::later("flat")},
                                       {"inset", Texts::later("inset")},
                                       {"raised", Texts::later("raised")},
                                       {"shadow", Texts::later("with a shadow")}};
    return all;
}

} // namespace

const LookSetting &fieldEdge()
{
    static const LookSetting setting{"fieldEdge",
                                     "edge.field.style",
                                     Texts::later("Edges of boxes"),
                                     Texts::later("Flat, sunk into the form, or above it."),
                                     0,
                                     0,
                                     3,
                                     shapes()};
    return setting;
}

const LookSetting &buttonEdge()
{
    static const LookSetting setting{"buttonEdge",
                                     "edge.button.style",
                                     Texts::later("Edges of buttons"),
                                     Texts::later("Flat, sunk into the form, or above it."),
                                     0,
                                     0,
                                     3,
                                     shapes()};
    return setting;
}

const LookSetting &groupEdge()
{
    static const LookSetting setting{"groupEdge",
                                     "edge.group.style",
                                     Texts::later("Edges of groups"),
                                     Texts::later("Flat, sunk into the form, or above it."),
                                     0,
                                     0,
                                     3,
                                     shapes()};
    return setting;
}

} // namespace nabblet
