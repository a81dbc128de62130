#include "core/model/look.h"

#include <cmath>

namespace nabblet {

namespace {

//                     Paper     BandTint  BandLine  FieldFill Outline   Locked    FieldText Caption   Title     Faint
//                     Accent    OnAccent  Link      Alarm     AlarmFill Chosen    Watch     WatchFill Steady
constexpr std::array<Colour, InkCount> HarbourLight{
    0xFFFFFF, 0xEDF3F5, 0xCBD5DA, 0xFFFFFF, 0x9DABB5, 0xF3F2EE, 0x1F2A33, 0x3C4852, 0x173A4D, 0x6B7680,
    0x0B7A70, 0xFFFFFF, 0x0B5F8A, 0xB42318, 0xFBE3E0, 0xD6ECE9, 0x8A5A00, 0xFAEFC8, 0x2F7D6B};
constexpr std::array<Colour, InkCount> HarbourDark{0x23282D, 0x2A3238, 0x3B454D, 0x1B2024, 0x5A6872, 0x2A2F34, 0xE8ECEE,
                                                   0xC6CED4, 0xD5E7EF, 0x98A4AD, 0x35B5A8, 0x0C1F1D, 0x7CC0E8, 0xFF9A8E,
                                                   0x4A2522, 0x1F4A46, 0xE5B95A, 0x443716, 0x5DB9A5};
constexpr std::array<Colour, InkCount> ChartLight{0xFFFFFF, 0xF5F0E4, 0xD8CFB9, 0xFFFFFF, 0xAFA48A, 0xF6F3EA, 0x2A2620,
                                                  0x4B4437, 0x5A3A10, 0x756C5B, 0x0B7A70, 0xFFFFFF, 0x0B5F8A, 0xB42318,
                                                  0xFBE3E0, 0xD6ECE9, 0x8A5A00, 0xFAEFC8, 0x2F7D6B};
constexpr std::array<Colour, InkCount> ChartDark{0x272420, 0x322D26, 0x4A4338, 0x1E1B17, 0x6E6453, 0x2E2A24, 0xEFEAE0,
                                                 0xD3CBBB, 0xF0DDB8, 0xA89F8E, 0x35B5A8, 0x0C1F1D, 0x7CC0E8, 0xFF9A8E,
                                                 0x4A2522, 0x1F4A46, 0xE5B95A, 0x443716, 0x5DB9A5};

constexpr std::array<TextStyle, TextRoleCount> PlainTexts{TextStyle{160, 700}, TextStyle{100, 400},
                                                          TextStyle{100, 400}, TextStyle{92, 400},
                                                          TextStyle{100, 400}, TextStyle{100, 600}};

double channel(Colour c, int shift)
{
    const double value = static_cast<double>((c >> shift) & 0xFF) / 255.0;
    return value <= 0.03928 ? value / 12.92 : std::pow((value + 0.055) / 1.055, 2.4);
}

double luminance(Colour c)
{
    return 0.2126 * channel(c, 16) + 0.7152 * channel(c, 8) + 0.0722 * channel(c, 0);
}

} // namespace

const QList<Look> &looks()
{
    static const QList<Look> table{
        {QStringLiteral("Harbour"), PlainTexts, HarbourLight, HarbourDark},
        {QStringLiteral("Chart room"), PlainTexts, ChartLight, ChartDark},
    };
    return table;
}

const Look &lookNamed(const QString &name)
{
    for (const Look &look : looks()) {
        if (look.name == name) {
            return look;
        }
    }
    return looks().first();
}

TextStyle textStyle(const Look &look, TextRole role)
{
    return look.texts.at(static_cast<std::size_t>(role));
}

Colour colour(const Look &look, Theme theme, Ink ink)
{
    return (theme == Theme::Light ? look.light : look.dark).at(static_cast<std::size_t>(ink));
}

double contrast(Colour a, Colour b)
{
    const double first = luminance(a) + 0.05;
    const double second = luminance(b) + 0.05;
    return first > second ? first / second : second / first;
}

TextRole textRoleNamed(const QString &name, TextRole fallback)
{
    static constexpr std::array<const char *, TextRoleCount> Names{"title", "caption", "field",
                                                                   "note",  "button",  "heading"};
    for (std::size_t i = 0; i < Names.size(); ++i) {
        if (name == QLatin1String(Names.at(i))) {
            return static_cast<TextRole>(i);
        }
    }
    return fallback;
}

} // namespace nabblet
