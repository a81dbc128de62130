#include "core/looks/pins/look_pin_table.h"

namespace nabblet {

namespace {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<SettingLine> lines()
{
    return {{"slanted", T("Look"), T("Slant"), T("Letters that lean."), LineEditor::Choice, T("Change a slant"),
             [](const Control &control) {
                 const bool *isOn = control.settings.get(setting::Slanted);
                 return !isOn ? QString() : *isOn ? FlagOn : QStringLiteral("no");
             },
             [](const Control &control, const QString &typed, const Table *) -> Result<Control> {
                 Control changed = control;
                 changed.settings.remove(setting::Slanted);
                 if (!typed.isEmpty()) {
                     changed.settings.set(setting::Slanted, typed == FlagOn);
                 }
                 return changed;
             },
             yesNoOrLook, showsWords}};
}

#undef T

void apply(const ControlSettings &pins, Look &look)
{
    const bool *isOn = pins.get(setting::Slanted);
    if (!isOn) {
        return;
    }
    for (TextStyle &text : look.texts) {
        text.isSlanted = *isOn;
    }
}

QString said(const Look &look, Theme, const Control &control)
{
    return textStyle(look, roleOf(control)).isSlanted ? FlagOn : QStringLiteral("no");
}

} // namespace

namespace setting {

// Off is a value too: a look may have it on.
constinit const ControlSetting<bool> Slanted{
    "slanted", [](const QJsonValue &json) { return json.isBool() ? std::optional(json.toBool()) : std::nullopt; },
    [](const bool &isOn) { return QJsonValue(isOn); }, SettingPart::Look, lines};

} // namespace setting

const LookPin &slantPin()
{
    static const LookPin pin{&setting::Slanted, PinToken::Flag, apply, said};
    return pin;
}

} // namespace nabblet
