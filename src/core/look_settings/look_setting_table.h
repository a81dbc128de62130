// Every setting of looks: the functions that give each, one a file in each/. A new one is added here, once.
#pragma once

#include "core/look_settings/look_setting.h"

#define NABBLET_LOOK_SETTINGS(SETTING)                                                                                 \
    SETTING(cornerSetting)                                                                                             \
    SETTING(outlineSetting)

namespace nabblet {

#define NABBLET_DECLARE(setting) const LookSetting &setting();
NABBLET_LOOK_SETTINGS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

const QList<const LookSetting *> &lookSettings();

} // namespace nabblet
