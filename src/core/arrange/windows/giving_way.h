// A form at work whose hidden parts give up their room.
#pragma once

#include "core/model/form.h"

#include <QSet>

namespace nabblet {

// What stands below controls that are hidden moves up into their room, group by group, as far as nothing beside them is
// in the way; group boxes and bands end where they then may. The hidden controls keep their places. Forms that repeat
// their body stay as they are.
Form withRoomGivenUp(const Form &form, const QSet<ControlId> &hidden);

} // namespace nabblet
