#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"textSize", Texts::later("Look"), Texts::later("Size"),
             Texts::later("In percent of the text of the desktop: 100 is as large, 150 half as large again."),
             LineEditor::Words, Texts::later("Change a text size"),
             [](const Control &control) {
                 const int *number = control.settings.get(setting::TextSize);
                 return number ? wholeNumberInWords(*number) : QString();
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::TextSize, typed, 50, 400);
             },
             nullptr, showsWords}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const int *number = pins.get(setting::TextSize);
    if (!number) {
        return;
    }
    for (TextStyle &text : look.texts) {
        text.percent = zoomed(look, *number);
    }
}

QString said(const Look &look, Theme, const Control &control)
{
    return QString::number(textStyle(look, roleOf(control)).percent);
}

} // namespace

namespace setting {

constinit const ControlSetting<int> TextSize = wholeNumberSetting("textSize", SettingPart::Look, lines);

} // namespace setting

const LookPin &textSizePin()
{
    static const LookPin pin{&setting::TextSize, PinToken::Share, apply, said};
    return pin;
}

} // namespace nabblet
