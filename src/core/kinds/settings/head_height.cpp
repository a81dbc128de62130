#include "core/kinds/settings/head_height.h"

#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

QList<SettingLine> headLines()
{
    return {{"headHeight", Texts::later("Group"), Texts::later("Heading height"),
             Texts::later("How many px the heading or the line of tabs takes. Empty: as usual."), LineEditor::Words,
             Texts::later("Change how high a heading is"),
             [](const Control &control) {
                 const int *height = control.settings.get(setting::HeadHeight);
                 return wholeNumberInWords(height ? std::optional(*height) : std::nullopt);
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::HeadHeight, typed, LeastHead, MostHead);
             }}};
}

} // namespace

namespace setting {

constinit const ControlSetting<int> HeadHeight = wholeNumberSetting("headHeight", SettingPart::Work, headLines);

} // namespace setting

int headHeight(const Control &control)
{
    const int *height = control.settings.get(setting::HeadHeight);
    return height ? std::clamp(*height, LeastHead, MostHead) : UsualHead;
}

void setHeadHeight(Control &control, int height)
{
    if (height == UsualHead) {
        control.settings.remove(setting::HeadHeight);
    } else {
        control.settings.set(setting::HeadHeight, std::clamp(height, LeastHead, MostHead));
    }
}

} // namespace nabblet
