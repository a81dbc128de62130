#include "core/model/control_settings.h"

#include <algorithm>

namespace nabblet {

ControlSettings ControlSettings::fromJson(const QJsonObject &json, const QList<const AnySetting *> &known)
{
    ControlSettings settings;
    settings.m_held.reserve(json.size());
    for (auto each = json.constBegin(); each != json.constEnd(); ++each) { // by their names
        const auto found = std::find_if(known.begin(), known.end(), [&](const AnySetting *setting) {
            return each.key() == QLatin1String(setting->name);
        });
        const AnySetting *setting = found == known.end() ? nullptr : *found;
        settings.m_held.append(
            {setting, each.key(), each.value(), setting ? setting->parsed(*setting, each.value()) : nullptr});
    }
    return settings;
}

QJsonObject ControlSettings::toJson() const
{
    QJsonObject json;
    for (const Held &held : m_held) {
        json.insert(held.name, held.json);
    }
    return json;
}

QJsonObject ControlSettings::toJson(SettingPart part) const
{
    QJsonObject json;
    for (const Held &held : m_held) {
        if (held.setting && held.setting->part == part) {
            json.insert(held.name, held.json);
        }
    }
    return json;
}

const ControlSettings::Held *ControlSettings::find(const AnySetting &setting) const
{
    const auto found =
        std::find_if(m_held.begin(), m_held.end(), [&](const Held &held) { return held.setting == &setting; });
    return found == m_held.end() ? nullptr : &*found;
}

bool ControlSettings::hasAny(SettingPart part) const
{
    return std::any_of(m_held.begin(), m_held.end(),
                       [&](const Held &held) { return held.setting && held.setting->part == part; });
}

void ControlSettings::put(const AnySetting &setting, const QJsonValue &json, std::shared_ptr<const void> value)
{
    if (json.isUndefined()) {
        remove(setting);
    } else {
        insert({&setting, QString::fromLatin1(setting.name), json, std::move(value)});
    }
}

void ControlSettings::insert(const Held &held)
{
    const auto at = std::lower_bound(m_held.begin(), m_held.end(), held,
                                     [](const Held &one, const Held &other) { return one.name < other.name; });
    if (at != m_held.end() && at->name == held.name) {
        *at = held;
    } else {
        m_held.insert(at, held);
    }
}

void ControlSettings::remove(const AnySetting &setting)
{
    m_held.removeIf([&](const Held &held) { return held.setting == &setting; });
}

void ControlSettings::removeAll(SettingPart part)
{
    m_held.removeIf([&](const Held &held) { return held.setting && held.setting->part == part; });
}

void ControlSettings::takeAll(SettingPart part, const ControlSettings &from)
{
    removeAll(part);
    for (const Held &held : from.m_held) {
        if (held.setting && held.setting->part == part) {
            insert(held);
        }
    }
}

} // namespace nabblet
