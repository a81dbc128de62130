#include "core/kinds/settings/height_at_work.h"

#include "core/kinds/settings/setting_line.h"

#include <algorithm>

namespace nabblet {

namespace {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<SettingLine> heightLines()
{
    return {{"heightAtWork", T("Group"), T("High at work"),
             T("How many px of it are in sight at work; the rest scrolls. Empty: all of it."), LineEditor::Words,
             T("Change how high it is at work"),
             [](const Control &control) {
                 const int *height = control.settings.get(setting::HeightAtWork);
                 return wholeNumberInWords(height ? std::optional(*height) : std::nullopt);
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::HeightAtWork, typed, LeastShownHeight, MostShownHeight);
             }}};
}

#undef T

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
