#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include "core/look_settings/look_setting_table.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"padding", Texts::later("Look"), Texts::later("Padding"),
             Texts::later("What is left free left and right of the words inside it, px."), LineEditor::Words,
             Texts::later("Change a padding"),
             [](const Control &control) {
                 const int *number = control.settings.get(setting::Padding);
                 return number ? wholeNumberInWords(*number) : QString();
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::Padding, typed, 2, 32);
             },
             nullptr, hasBox}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const int *number = pins.get(setting::Padding);
    if (!number) {
        return;
    }
    for (const LookSetting *each : {&padding()}) {
        look.figures.insert(QLatin1String(each->name), zoomed(look, *number));
    }
}

QString said(const Look &look, Theme, const Control &)
{
    return QString::number(lookFigure(look, padding()));
}

} // namespace

namespace setting {

constinit const ControlSetting<int> Padding = wholeNumberSetting("padding", SettingPart::Look, lines);

} // namespace setting

const LookPin &paddingPin()
{
    static const LookPin pin{&setting::Padding, PinToken::Length, apply, said};
    return pin;
}

} // namespace nabblet
