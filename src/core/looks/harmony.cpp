#include "core/looks/harmony.h"

#include "core/looks/oklch.h"
#include "core/looks/readable.h"
#include "core/looks/sides.h"

#include <algorithm>

namespace nabblet {

namespace {

// What warns means the same in every look.
bool warns(Ink ink)
{
    return ink == Ink::Alarm || ink == Ink::AlarmFill || ink == Ink::Watch || ink == Ink::WatchFill ||
           ink == Ink::Steady;
}

// Grounds and edges of one hue; as strong as they were, and never as strong as the main colour.
Colour inHue(Colour was, const Oklch &main)
{
    Oklch colour = toOklch(was);
    constexpr double Trace = 0.35; // of the main colour's strength, at most
    constexpr double Grey = 0.004; // less is no colour
    colour.hue = main.hue;
    if (colour.chroma > Grey) {
        colour.chroma = std::min(colour.chroma, main.chroma);
    } else if (colour.lightness < 0.995) {
        colour.chroma = std::min(Trace * main.chroma, 0.01);
    }
    return fromOklch(colour);
}

} // namespace

Colour mainColour(const Look &look)
{
    return colour(look, Theme::Light, Ink::Accent);
}

Look withMainColour(Look look, Colour main)
{
    const Oklch hue = toOklch(main);
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        for (int i = 0; i < InkCount; ++i) {
            const Ink ink = static_cast<Ink>(i);
            if (!warns(ink) && ink != Ink::Accent && ink != Ink::AccentText) {
                setColour(look, theme, ink, inHue(colour(look, theme, ink), hue));
            }
        }
        const QList<Colour> grounds{colour(look, theme, Ink::Paper), colour(look, theme, Ink::FieldFill),
                                    colour(look, theme, Ink::BandTint)};
        const Colour accent = readableOn(grounds, theme == Theme::Light ? main : darkSideOf(main), EdgeContrast);
        setColour(look, theme, Ink::Accent, accent);
        const Colour usual = theme == Theme::Light ? 0xFFFFFF : 0x0C1417;
        setColour(look, theme, Ink::AccentText, readableOn({accent}, usual, TextContrast));
        Oklch link = toOklch(colour(look, theme, Ink::LinkText));
        link.hue = hue.hue;
        setColour(look, theme, Ink::LinkText, fromOklch(link));
    }
    return madeReadable(look, {Ink::Accent});
}

} // namespace nabblet
