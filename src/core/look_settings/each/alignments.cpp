#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

#include <QtGlobal>

namespace nabblet {

namespace {

const QList<LookChoice> &sides() // as TextAlign
{
    static const QList<LookChoice> all{
        {"left", Texts::later("left")}, {"centre", Texts::later("centre")}, {"right", Texts::later("right")}};
    return all;
}

} // namespace

const LookSetting &textAlignment()
{
    static const LookSetting setting{"textAlignment",
                                     "$alignTexts",
                                     Texts::later("Texts"),
                                     Texts::later("Where texts stand in their boxes."),
                                     0,
                                     0,
                                     2,
                                     sides()};
    return setting;
}

const LookSetting &numberAlignment()
{
    static const LookSetting setting{"numberAlignment",
                                     "$alignNumbers",
                                     Texts::later("Numbers"),
                                     Texts::later("Where numbers stand in their boxes."),
                                     2,
                                     0,
                                     2,
                                     sides()};
    return setting;
}

const LookSetting &captionAlignment()
{
    static const LookSetting setting{"captionAlignment",
                                     "$alignCaptions",
                                     Texts::later("Captions beside boxes"),
                                     Texts::later("Where their words stand in the column of captions."),
                                     2,
                                     0,
                                     2,
                                     sides()};
    return setting;
}

} // namespace nabblet
