#include "core/looks/pins/known_settings.h"

#include "core/kinds/kind.h"
#include "core/looks/pins/look_pin_table.h"

namespace nabblet {

const QList<const AnySetting *> &knownSettings()
{
    static const QList<const AnySetting *> known = [] {
        QList<const AnySetting *> all;
        for (const Kind &kind : kinds()) {
            for (const AnySetting *setting : kind.settings) {
                if (!all.contains(setting)) {
                    all.append(setting);
                }
            }
        }
        return all + lookPinSettings();
    }();
    return known;
}

} // namespace nabblet
