// What a control may have set, whatever its kind.
#pragma once

#include "core/model/control_settings.h"

namespace nabblet {

// Every setting that some kind has, then every part of a look.
const QList<const AnySetting *> &knownSettings();

} // namespace nabblet
