#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"underlined", Texts::later("Look"), Texts::later("Underline"), Texts::later("A line under its words."),
             LineEditor::Choice, Texts::later("Change an underline"),
             [](const Control &control) {
                 const bool *isOn = control.settings.get(setting::Underlined);
                 return !isOn ? QString() : *isOn ? FlagOn : QStringLiteral("no");
             },
             [](const Control &control, const QString &typed, const Table *) -> Result<Control> {
                 Control changed = control;
                 changed.settings.remove(setting::Underlined);
                 if (!typed.isEmpty()) {
                     changed.settings.set(setting::Underlined, typed == FlagOn);
                 }
                 return changed;
             },
             yesNoOrLook, showsWords}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const bool *isOn = pins.get(setting::Underlined);
    if (!isOn) {
        return;
    }
    for (TextStyle &text : look.texts) {
        text.isUnderlined = *isOn;
    }
}

QString said(const Look &look, Theme, const Control &control)
{
    return textStyle(look, roleOf(control)).isUnderlined ? FlagOn : QStringLiteral("no");
}

} // namespace

namespace setting {

// Off is a value too: a look may have it on.
constinit const ControlSetting<bool> Underlined{
    "underlined", [](const QJsonValue &json) { return json.isBool() ? std::optional(json.toBool()) : std::nullopt; },
    [](const bool &isOn) { return QJsonValue(isOn); }, SettingPart::Look, lines};

} // namespace setting

const LookPin &underlinePin()
{
    static const LookPin pin{&setting::Underlined, PinToken::Flag, apply, said};
    return pin;
}

} // namespace nabblet
