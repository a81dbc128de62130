#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"slanted", Texts::later("Look"), Texts::later("Slant"), Texts::later("Letters that lean."),
             LineEditor::Choice, Texts::later("Change a slant"),
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
