// Every setting of a form as a whole that is no part of its structure: the functions that give each, one a file in
// each/. A new one is added here, once.
#pragma once

#include "core/form_settings/form_setting.h"

#define NABBLET_FORM_SETTINGS(SETTING)                                                                                 \
    SETTING(sortedBySetting)                                                                                           \
    SETTING(opensAtSetting)                                                                                            \
    SETTING(behindLastSetting)                                                                                         \
    SETTING(titledByRecordSetting)                                                                                     \
    SETTING(formGroundSetting)                                                                                         \
    SETTING(rowColourSetting)                                                                                          \
    SETTING(formPictureSetting)                                                                                        \
    SETTING(paperSetting)

namespace nabblet {

#define NABBLET_DECLARE(setting) FormSetting setting();
NABBLET_FORM_SETTINGS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

const QList<FormSetting> &formSettingTable();
// The same, for reading a file.
const QList<const AnySetting *> &knownFormSettings();

} // namespace nabblet
