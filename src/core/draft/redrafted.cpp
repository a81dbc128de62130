#include "core/draft/redrafted.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/typing.h"
#include "core/looks/pins/known_settings.h"

#include <QJsonObject>

namespace nabblet {

Control redrafted(const Control &control, const Control &made)
{
    Control changed = control;
    changed.kind = made.kind;
    // What the old kind has of its own goes; prompt, lock and look are the builder's.
    const ControlSettings before = control.settings;
    for (const AnySetting *setting : kindNamed(control.kind).settings) {
        changed.settings.remove(*setting);
    }
    const QJsonObject wanted = made.settings.toJson();
    QJsonObject all = changed.settings.toJson();
    for (auto each = wanted.begin(); each != wanted.end(); ++each) {
        all.insert(each.key(), each.value());
    }
    changed.settings = ControlSettings::fromJson(all, knownSettings());
    if (const QString prompt = before.value(setting::Prompt); !prompt.isEmpty()) {
        changed.settings.set(setting::Prompt, prompt);
    }
    if (before.value(setting::Locked)) {
        changed.settings.set(setting::Locked, true);
    }
    return changed;
}

} // namespace nabblet
