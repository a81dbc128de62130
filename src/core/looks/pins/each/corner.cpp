#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include "core/look_settings/look_setting_table.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"corner", Texts::later("Look"), Texts::later("Corner"),
             Texts::later("How round its corners are, px; 0 is square."), LineEditor::Words,
             Texts::later("Change a corner"),
             [](const Control &control) {
                 const int *number = control.settings.get(setting::Corner);
                 return number ? wholeNumberInWords(*number) : QString();
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::Corner, typed, 0, 24);
             },
             nullptr, mayHaveGround}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const int *number = pins.get(setting::Corner);
    if (!number) {
        return;
    }
    for (const LookSetting *each : {&fieldCorner(), &buttonCorner(), &groupCorner()}) {
        look.figures.insert(QLatin1String(each->name), zoomed(look, *number));
    }
}

QString said(const Look &look, Theme, const Control &control)
{
    const LookSetting &setting = control.kind == QLatin1String("button") ? buttonCorner()
                                 : takesFill(control)                    ? fieldCorner()
                                                                         : groupCorner();
    return QString::number(lookFigure(look, setting));
}

} // namespace

namespace setting {

constinit const ControlSetting<int> Corner = wholeNumberSetting("corner", SettingPart::Look, lines);

} // namespace setting

const LookPin &cornerPin()
{
    static const LookPin pin{&setting::Corner, PinToken::Length, apply, said};
    return pin;
}

} // namespace nabblet
