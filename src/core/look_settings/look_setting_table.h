// Every setting of looks: the functions that give each, in each/. A new one is added here, once.
#pragma once

#include "core/look_settings/look_setting.h"

#define NABBLET_LOOK_SETTINGS(SETTING)                                                                                 \
    SETTING(fieldCorner)                                                                                               \
    SETTING(buttonCorner)                                                                                              \
    SETTING(groupCorner)                                                                                               \
    SETTING(fieldLine)                                                                                                 \
    SETTING(buttonLine)                                                                                                \
    SETTING(groupLine)                                                                                                 \
    SETTING(fieldEdge)                                                                                                 \
    SETTING(buttonEdge)                                                                                                \
    SETTING(groupEdge)                                                                                                 \
    SETTING(textAlignment)                                                                                             \
    SETTING(numberAlignment)                                                                                           \
    SETTING(captionAlignment)                                                                                          \
    SETTING(padding)                                                                                                   \
    SETTING(rowSpacing)                                                                                                \
    SETTING(boxSpacing)                                                                                                \
    SETTING(rowTinting)

namespace nabblet {

#define NABBLET_DECLARE(setting) const LookSetting &setting();
NABBLET_LOOK_SETTINGS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

const QList<const LookSetting *> &lookSettings();

} // namespace nabblet
