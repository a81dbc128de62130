#include "designer/settings/settings.h"

#include "core/text/tr.h"
#include "designer/settings/setting_parts.h"

NABBLET_TEXTS(Settings)

namespace nabblet {

const QList<Setting> &settings()
{
    static const QList<Setting> Table = controlWordSettings() + containerSettings() + controlPlaceSettings() +
                                        buttonSettings() + subformSettings() + lookupSettings() + boxSettings() +
                                        displaySettings() + controlNameSettings() + bandAndRailSettings() +
                                        formSettings();
    return Table;
}

QString settingText(const char *text)
{
    return Texts::tr(text);
}

} // namespace nabblet
