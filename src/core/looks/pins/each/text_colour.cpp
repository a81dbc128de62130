#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include "core/looks/colour_words.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"textColour", Texts::later("Look"), Texts::later("Words"),
             Texts::later("The colour of its words. Two with a stroke between them: light / dark."),
             LineEditor::ColourBox, Texts::later("Change a text colour"), colourInWordsOf<setting::TextColour>,
             colourTyped<setting::TextColour>, nullptr, showsWords}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const TwoSided *colour = pins.get(setting::TextColour);
    if (!colour) {
        return;
    }
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (const Ink ink :
             {Ink::FieldText, Ink::CaptionText, Ink::TitleText, Ink::HeadingText, Ink::ButtonText, Ink::LinkText}) {
            setColour(look, theme, ink, colour->in(theme));
        }
    }
}

QString said(const Look &look, Theme theme, const Control &control)
{
    const Ink ink = control.kind == QLatin1String("button") ? Ink::ButtonText
                    : roleOf(control) == TextRole::Title    ? Ink::TitleText
                    : roleOf(control) == TextRole::Heading  ? Ink::HeadingText
                    : roleOf(control) == TextRole::Note     ? Ink::Faint
                    : roleOf(control) == TextRole::Caption  ? Ink::CaptionText
                                                            : Ink::FieldText;
    return colourInWords(colour(look, theme, ink));
}

} // namespace

namespace setting {

constinit const ControlSetting<TwoSided> TextColour{"textColour", readTwoSided, writeTwoSided, SettingPart::Look,
                                                    lines};

} // namespace setting

const LookPin &textColourPin()
{
    static const LookPin pin{&setting::TextColour, PinToken::Paint, apply, said};
    return pin;
}

} // namespace nabblet
