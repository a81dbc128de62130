#include "core/look_settings/look_setting_table.h"

#include <QtGlobal>

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Looks", text)

namespace {

const QList<LookChoice> &sides() // as TextAlign
{
    static const QList<LookChoice> all{{"left", T("left")}, {"centre", T("centre")}, {"right", T("right")}};
    return all;
}

} // namespace

const LookSetting &textAlignment()
{
    static const LookSetting setting{
        "textAlignment", "$alignTexts", T("Texts"), T("Where texts stand in their boxes."), 0, 0, 2, sides()};
    return setting;
}

const LookSetting &numberAlignment()
{
    static const LookSetting setting{
        "numberAlignment", "$alignNumbers", T("Numbers"), T("Where numbers stand in their boxes."), 2, 0, 2, sides()};
    return setting;
}

const LookSetting &captionAlignment()
{
    static const LookSetting setting{"captionAlignment",
                                     "$alignCaptions",
                                     T("Captions beside boxes"),
                                     T("Where their words stand in the column of captions."),
                                     2,
                                     0,
                                     2,
                                     sides()};
    return setting;
}

#undef T

} // namespace nabblet
