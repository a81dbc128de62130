// Every part of a look that may be pinned: the functions that give each, one a file in each/. A new one is added here,
// once.
#pragma once

#include "core/looks/pins/look_pin.h"

#define NABBLET_LOOK_PINS(PIN)                                                                                         \
    PIN(stylePin)                                                                                                      \
    PIN(fillPin)                                                                                                       \
    PIN(textColourPin)                                                                                                 \
    PIN(outlinePin)                                                                                                    \
    PIN(lineWeightPin)                                                                                                 \
    PIN(edgePin)                                                                                                       \
    PIN(cornerPin)                                                                                                     \
    PIN(familyPin)                                                                                                     \
    PIN(textSizePin)                                                                                                   \
    PIN(textWeightPin)                                                                                                 \
    PIN(slantPin)                                                                                                      \
    PIN(underlinePin)                                                                                                  \
    PIN(paddingPin)                                                                                                    \
    PIN(alignPin)

namespace nabblet {

#define NABBLET_DECLARE(pin) const LookPin &pin();
NABBLET_LOOK_PINS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

const QList<const LookPin *> &lookPins();
// The settings of those that controls of every kind may have; the alignment is one of some kinds alone.
const QList<const AnySetting *> &lookPinSettings();
// Whether a setting is one of those.
bool isLookPin(const AnySetting *setting);
// The pin with that setting, or nullptr.
const LookPin *lookPinOf(const AnySetting *setting);

} // namespace nabblet
