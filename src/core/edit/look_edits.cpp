#include "core/edit/look_edits.h"

#include "core/edit/type_fit.h"
#include "core/kinds/settings/marks.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

Form withPinsChanged(const Form &form, const QList<ControlId> &controls,
                     const std::function<void(const Control &control, ControlSettings &pins)> &change,
                     const TextMeasure &measure)
{
    Form result = form;
    for (const ControlId id : controls) {
        const int index = result.controls.indexOf(id);
        if (index >= 0) {
            Control control = result.controls.at(index);
            const Control before = control;
            change(before, control.settings);
            if (!(control == before)) {
                result.controls.replace(index, control);
            }
        }
    }
    return result == form ? form : withRoomForType(result, controls, measure, {form, measure});
}

Form withoutPinsAndStyle(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure)
{
    return withPinsChanged(
        form, controls, [](const Control &, ControlSettings &pins) { pins.removeAll(SettingPart::Look); }, measure);
}

Form withFlagTurned(const Form &form, const QList<ControlId> &controls, const ControlSetting<bool> &flag,
                    const std::function<bool(const Control &)> &isOn, const TextMeasure &measure)
{
    bool areAllOn = true;
    for (const ControlId id : controls) {
        const Control *control = form.controls.find(id);
        areAllOn = areAllOn && (!control || !showsWords(*control) || isOn(*control));
    }
    return withPinsChanged(
        form, controls,
        [&](const Control &control, ControlSettings &pins) {
            if (showsWords(control)) {
                pins.set(flag, !areAllOn);
            }
        },
        measure);
}

Style styleOf(const Control &control, const Styles &styles, const QString &name)
{
    Style style{name, {}};
    if (const Style *own = styleNamed(styles, control.settings.value(setting::Style))) {
        style.pins = own->pins;
    }
    QJsonObject pins = style.pins.toJson();
    const QJsonObject pinned = control.settings.toJson(SettingPart::Look);
    for (auto each = pinned.begin(); each != pinned.end(); ++each) {
        pins.insert(each.key(), each.value());
    }
    pins.remove(QLatin1String(setting::Style.name));
    QList<const AnySetting *> known = lookPinSettings();
    known.append(&setting::Align);
    style.pins = ControlSettings::fromJson(pins, known);
    return style;
}

int controlsWithStyle(const Form &form, const QString &style)
{
    int count = 0;
    for (const Control &control : form.controls) {
        count += control.settings.value(setting::Style) == style ? 1 : 0;
        if (const Form *inner = control.inner.get()) {
            count += controlsWithStyle(*inner, style);
        }
    }
    return count;
}

Form withStyleRenamed(const Form &form, const QString &from, const QString &to)
{
    Form result = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        if (control.settings.value(setting::Style) == from) {
            control.settings.set(setting::Style, to); // an empty one takes it away
        }
        if (const Form *inner = control.inner.get()) {
            control.inner = InnerForm(withStyleRenamed(*inner, from, to));
        }
        if (!(control == form.controls.at(i))) {
            result.controls.replace(i, control);
        }
    }
    return result;
}

Form withStyle(const Form &form, const QList<ControlId> &controls, const QString &style, const TextMeasure &measure)
{
    return withPinsChanged(
        form, controls,
        [&](const Control &, ControlSettings &pins) {
            pins.removeAll(SettingPart::Look);
            pins.set(setting::Style, style);
        },
        measure);
}

Form withStyleBeneath(const Form &form, const QList<ControlId> &controls, const QString &style,
                      const TextMeasure &measure)
{
    return withPinsChanged(
        form, controls, [&](const Control &, ControlSettings &pins) { pins.set(setting::Style, style); }, measure);
}

QString styleSharedIn(const Form &form, const Area &area)
{
    std::optional<QString> shared;
    for (const Control &control : form.controls) {
        if (areaOf(control) == area) {
            const QString style = control.settings.value(setting::Style);
            if (shared && *shared != style) {
                return {};
            }
            shared = style;
        }
    }
    return shared.value_or(QString());
}

QString whyNoStyleName(const QString &name)
{
    const QString wanted = name.trimmed();
    if (wanted.isEmpty()) {
        return Texts::tr("A style needs a name.");
    }
    // As the names of tokens in its file.
    if (wanted.startsWith(u'$') || wanted.contains(u'{') || wanted.contains(u'}') || wanted.contains(u'.')) {
        return Texts::tr("A style's name has no “$” in front, and no “.”, “{” or “}” in it.");
    }
    return {};
}

} // namespace nabblet
