#include "core/form_settings/form_setting_table.h"

namespace nabblet {

const QList<FormSetting> &formSettingTable()
{
#define NABBLET_ENTRY(setting) setting(),
    static const QList<FormSetting> table{NABBLET_FORM_SETTINGS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

const QList<const AnySetting *> &knownFormSettings()
{
    static const QList<const AnySetting *> known = [] {
        QList<const AnySetting *> all;
        for (const FormSetting &each : formSettingTable()) {
            all.append(each.setting);
        }
        return all;
    }();
    return known;
}

} // namespace nabblet
