#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

#include "core/looks/colour_words.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"outline", Texts::later("Look"), Texts::later("Line"), Texts::later("The colour of the line around it."),
             LineEditor::ColourBox, Texts::later("Change an outline"), colourInWordsOf<setting::Outline>,
             colourTyped<setting::Outline>, nullptr, nullptr}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const TwoSided *colour = pins.get(setting::Outline);
    if (!colour) {
        return;
    }
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (const Ink ink : {Ink::FieldOutline, Ink::ButtonOutline, Ink::GroupOutline}) {
            setColour(look, theme, ink, colour->in(theme));
        }
    }
    look.drawsOutline = true;
}

QString said(const Look &look, Theme theme, const Control &control)
{
    if (!hasBox(control)) {
        return {};
    }
    const Ink ink = control.kind == QLatin1String("button") ? Ink::ButtonOutline
                    : takesFill(control)                    ? Ink::FieldOutline
                                                            : Ink::GroupOutline;
    return colourInWords(colour(look, theme, ink));
}

} // namespace

namespace setting {

constinit const ControlSetting<TwoSided> Outline{"outline", readTwoSided, writeTwoSided, SettingPart::Look, lines};

} // namespace setting

const LookPin &outlinePin()
{
    static const LookPin pin{&setting::Outline, PinToken::Paint, apply, said};
    return pin;
}

} // namespace nabblet
