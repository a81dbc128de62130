#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include "core/look_settings/look_setting_table.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"lineWeight", Texts::later("Look"), Texts::later("Line weight"),
             Texts::later("How heavy the line around it is, px; 0 is none."), LineEditor::Words,
             Texts::later("Change a line weight"),
             [](const Control &control) {
                 const int *number = control.settings.get(setting::LineWeight);
                 return number ? wholeNumberInWords(*number) : QString();
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::LineWeight, typed, 0, 4);
             },
             nullptr, nullptr}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const int *number = pins.get(setting::LineWeight);
    if (!number) {
        return;
    }
    for (const LookSetting *each : {&fieldLine(), &buttonLine(), &groupLine()}) {
        look.figures.insert(QLatin1String(each->name), *number);
    }
    look.drawsOutline = look.drawsOutline || *number > 0;
}

QString said(const Look &look, Theme, const Control &control)
{
    if (!hasBox(control)) {
        return {};
    }
    const LookSetting &setting = control.kind == QLatin1String("button") ? buttonLine()
                                 : takesFill(control)                    ? fieldLine()
                                                                         : groupLine();
    return QString::number(lookFigure(look, setting));
}

} // namespace

namespace setting {

constinit const ControlSetting<int> LineWeight = wholeNumberSetting("lineWeight", SettingPart::Look, lines);

} // namespace setting

const LookPin &lineWeightPin()
{
    static const LookPin pin{&setting::LineWeight, PinToken::Length, apply, said};
    return pin;
}

} // namespace nabblet
