#include "core/looks/pins/look_pin_table.h"

namespace nabblet {

const QList<const LookPin *> &lookPins()
{
#define NABBLET_ENTRY(pin) &pin(),
    static const QList<const LookPin *> table{NABBLET_LOOK_PINS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

const QList<const AnySetting *> &lookPinSettings()
{
    static const QList<const AnySetting *> all = [] {
        QList<const AnySetting *> settings;
        for (const LookPin *pin : lookPins()) {
            if (pin != &alignPin()) {
                settings.append(pin->setting);
            }
        }
        return settings;
    }();
    return all;
}

const LookPin *lookPinOf(const AnySetting *setting)
{
    for (const LookPin *pin : lookPins()) {
        if (pin->setting == setting && isLookPin(setting)) {
            return pin;
        }
    }
    return nullptr;
}

bool isLookPin(const AnySetting *setting)
{
    return lookPinSettings().contains(setting);
}

} // namespace nabblet
