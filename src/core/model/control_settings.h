// What is set at a control besides what every control has. Each setting is a value of a type of its own: it is read
// once, when a file is read, and written once, when it is set; whoever draws, edits or binds takes the value.
#pragma once

#include <QJsonObject>
#include <QJsonValue>
#include <QList>
#include <QString>

#include <memory>
#include <optional>
#include <type_traits>

namespace nabblet {

// What a setting is about, for edits that take some settings along and leave others.
enum class SettingPart { Work, Look, Choices };

struct SettingLine; // core/kinds/settings/setting_line.h

// A setting by itself, whatever the type of its values. Each is one object of the program and is told by its address.
struct AnySetting
{
    const char *name; // in files
    SettingPart part;
    QList<SettingLine> (*lines)(); // in which builders set it; nullptr where they do so otherwise
    // The value that was read, or nullptr where the JSON is none.
    std::shared_ptr<const void> (*parsed)(const AnySetting &setting, const QJsonValue &json);
};

// A setting whose values are of the type T.
template <typename T> struct ControlSetting : AnySetting
{
    // Nothing where the JSON is no value of it; it is kept all the same and written as it was read.
    using Read = std::optional<T> (*)(const QJsonValue &json);
    // Undefined for the usual value, which is not stored.
    using Write = QJsonValue (*)(const T &value);

    constexpr ControlSetting(const char *settingName, Read readIt, Write writeIt,
                             SettingPart settingPart = SettingPart::Work,
                             QList<SettingLine> (*settingLines)() = nullptr)
        : AnySetting{settingName, settingPart, settingLines, &parseAs}, read(readIt), write(writeIt)
    {
    }

    Read read;
    Write write;

private:
    static std::shared_ptr<const void> parseAs(const AnySetting &setting, const QJsonValue &json)
    {
        std::optional<T> value = static_cast<const ControlSetting<T> &>(setting).read(json);
        return value ? std::make_shared<const T>(std::move(*value)) : nullptr;
    }
};

class ControlSettings
{
public:
    // Reads them; a name that is none of `known` (from a newer file) is kept and written as it was read.
    static ControlSettings fromJson(const QJsonObject &json, const QList<const AnySetting *> &known);
    QJsonObject toJson() const;
    QJsonObject toJson(SettingPart part) const;
    // Equal for copies that were not changed since; for finding what was worked out of them.
    const void *identity() const { return m_held.constData(); }

    bool isEmpty() const { return m_held.isEmpty(); }
    bool has(const AnySetting &setting) const { return find(setting) != nullptr; }
    bool hasAny(SettingPart part) const;

    // The value, or nullptr where it is not set. Valid until the settings change.
    template <typename T> const T *get(const ControlSetting<T> &setting) const
    {
        const Held *held = find(setting);
        return held ? static_cast<const T *>(held->value.get()) : nullptr;
    }
    template <typename T> T value(const ControlSetting<T> &setting, const std::type_identity_t<T> &otherwise = {}) const
    {
        const T *value = get(setting);
        return value ? *value : otherwise;
    }

    template <typename T> void set(const ControlSetting<T> &setting, const std::type_identity_t<T> &value)
    {
        put(setting, setting.write(value), std::make_shared<const T>(value));
    }
    void remove(const AnySetting &setting);
    void removeAll(SettingPart part);
    // Takes those of a part from another control, in the place of its own.
    void takeAll(SettingPart part, const ControlSettings &from);

    // Equal when they would be written alike.
    bool operator==(const ControlSettings &other) const { return m_held == other.m_held; }

private:
    struct Held
    {
        const AnySetting *setting = nullptr; // nullptr for a name that this version does not know
        QString name;
        QJsonValue json;
        std::shared_ptr<const void> value;

        bool operator==(const Held &other) const { return name == other.name && json == other.json; }
    };

    const Held *find(const AnySetting &setting) const;
    void put(const AnySetting &setting, const QJsonValue &json, std::shared_ptr<const void> value);
    void insert(const Held &held);

    QList<Held> m_held; // by their names
};

// Settings of plain types. A flag that is off, an empty text and a missing number are not stored.
constexpr ControlSetting<bool> flagSetting(const char *name, SettingPart part = SettingPart::Work,
                                           QList<SettingLine> (*lines)() = nullptr)
{
    return {name, [](const QJsonValue &json) { return json.isBool() ? std::optional(json.toBool()) : std::nullopt; },
            [](const bool &isOn) { return isOn ? QJsonValue(true) : QJsonValue(QJsonValue::Undefined); }, part, lines};
}

constexpr ControlSetting<QString> wordsSetting(const char *name, SettingPart part = SettingPart::Work,
                                               QList<SettingLine> (*lines)() = nullptr)
{
    return {
        name, [](const QJsonValue &json) { return json.isString() ? std::optional(json.toString()) : std::nullopt; },
        [](const QString &words) { return words.isEmpty() ? QJsonValue(QJsonValue::Undefined) : QJsonValue(words); },
        part, lines};
}

constexpr ControlSetting<int> wholeNumberSetting(const char *name, SettingPart part = SettingPart::Work,
                                                 QList<SettingLine> (*lines)() = nullptr)
{
    return {name, [](const QJsonValue &json) { return json.isDouble() ? std::optional(json.toInt()) : std::nullopt; },
            [](const int &number) { return QJsonValue(number); }, part, lines};
}

constexpr ControlSetting<double> numberSetting(const char *name, SettingPart part = SettingPart::Work,
                                               QList<SettingLine> (*lines)() = nullptr)
{
    return {name,
            [](const QJsonValue &json) { return json.isDouble() ? std::optional(json.toDouble()) : std::nullopt; },
            [](const double &number) { return QJsonValue(number); }, part, lines};
}

} // namespace nabblet
