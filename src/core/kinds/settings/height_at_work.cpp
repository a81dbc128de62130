#include "core/kinds/settings/height_at_work.h"

#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

QList<SettingLine> heightLines()
{
    return {{"heightAtWork", Texts::later("Group"), Texts::later("High at work"),
             Texts::later("How many px of it are in sight at work; the rest scrolls. Empty: all of it."),
             LineEditor::Words, Texts::later("Change how high it is at work"),
             [](const Control &control) {
                 const int *height = control.settings.get(setting::HeightAtWork);
                 return wholeNumberInWords(height ? std::optional(*height) : std::nullopt);
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::HeightAtWork, typed, LeastShownHeight, MostShownHeight);
             }}};
}

} // namespace

namespace setting {

constinit const ControlSetting<int> HeightAtWork = wholeNumberSetting("heightAtWork", SettingPart::Work, heightLines);

} // namespace setting

std::optional<int> heightAtWork(const Control &control)
{
    const int *height = control.settings.get(setting::HeightAtWork);
    const bool isLess = height && *height < control.place.height();
    return isLess ? std::optional(std::max(LeastShownHeight, *height)) : std::nullopt;
}

} // namespace nabblet
