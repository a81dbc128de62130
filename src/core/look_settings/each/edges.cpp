#include "core/look_settings/look_setting_table.h"

#include <QtGlobal>

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Looks", text)

namespace {

const QList<LookChoice> &shapes() // as EdgeShape
{
    static const QList<LookChoice> all{
        {"flat", T("flat")}, {"inset", T("inset")}, {"raised", T("raised")}, {"shadow", T("with a shadow")}};
    return all;
}

} // namespace

const LookSetting &fieldEdge()
{
    static const LookSetting setting{
        "fieldEdge", "edge.field.style", T("Edges of boxes"), T("Flat, sunk into the form, or above it."), 0, 0, 3,
        shapes()};
    return setting;
}

const LookSetting &buttonEdge()
{
    static const LookSetting setting{
        "buttonEdge", "edge.button.style", T("Edges of buttons"), T("Flat, sunk into the form, or above it."), 0, 0, 3,
        shapes()};
    return setting;
}

const LookSetting &groupEdge()
{
    static const LookSetting setting{
        "groupEdge", "edge.group.style", T("Edges of groups"), T("Flat, sunk into the form, or above it."), 0, 0, 3,
        shapes()};
    return setting;
}

#undef T

} // namespace nabblet
