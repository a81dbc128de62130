#include "designer/settings/settings.h"

#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

#include <cstring>

namespace nabblet {

namespace {

// Those of one section together, the sections in the order in which they first come.
QList<Setting> bySection(const QList<Setting> &all)
{
    const auto isAlike = [](const Setting &one, const Setting &other) {
        return one.of == other.of && std::strcmp(one.section, other.section) == 0;
    };
    QList<Setting> result;
    for (const Setting &setting : all) {
        const auto last =
            std::find_if(result.rbegin(), result.rend(), [&](const Setting &other) { return isAlike(setting, other); });
        result.insert(last == result.rend() ? result.end() : last.base(), setting);
    }
    return result;
}

} // namespace

const QList<Setting> &settings()
{
    static const QList<Setting> Table = bySection(
        // What a control does and shows comes before where it stands.
        controlWordSettings() + containerSettings() + buttonSettings() + subformSettings() + lookupSettings() +
        controlPlaceSettings() + kindSettings() + displaySettings() + ruleSettings() + controlNameSettings() +
        bandAndRailSettings() + formSettings() + settingsOfForms() + groundSettings());
    return Table;
}

QString settingText(const char *text)
{
    return Texts::tr(text);
}

} // namespace nabblet
