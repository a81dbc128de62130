#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include "core/looks/colour_words.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"fill", Texts::later("Look"), Texts::later("Fill"),
             Texts::later(
                 "The ground. Its words stay readable on it. Two colours with a stroke between them: light / dark."),
             LineEditor::ColourBox, Texts::later("Change a fill"), colourInWordsOf<setting::Fill>,
             colourTyped<setting::Fill>, nullptr, mayHaveGround}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const TwoSided *colour = pins.get(setting::Fill);
    if (!colour) {
        return;
    }
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (const Ink ink : {Ink::FieldFill, Ink::LockedFill, Ink::ButtonFill, Ink::GroupFill}) {
            setColour(look, theme, ink, colour->in(theme));
        }
    }
    look.laysGround = true;
}

QString said(const Look &look, Theme theme, const Control &control)
{
    if (control.kind == QLatin1String("button")) {
        return colourInWords(colour(look, theme, Ink::ButtonFill));
    }
    return hasBox(control) && takesFill(control) ? colourInWords(colour(look, theme, Ink::FieldFill)) : QString();
}

} // namespace

namespace setting {

constinit const ControlSetting<TwoSided> Fill{"fill", readTwoSided, writeTwoSided, SettingPart::Look, lines};

} // namespace setting

const LookPin &fillPin()
{
    static const LookPin pin{&setting::Fill, PinToken::Paint, apply, said};
    return pin;
}

} // namespace nabblet
