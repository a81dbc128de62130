#include "core/looks/pins/look_pin_table.h"

#include "core/looks/colour_words.h"

namespace nabblet {

namespace {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<SettingLine> lines()
{
    return {{"fill", T("Look"), T("Fill"),
             T("The ground. Its words stay readable on it. Two colours with a stroke between them: light / dark."),
             LineEditor::ColourBox, T("Change a fill"), colourInWordsOf<setting::Fill>, colourTyped<setting::Fill>,
             nullptr, mayHaveGround}};
}

#undef T

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
