#include "core/model/look.h"

#include <cmath>

namespace nabblet {

namespace {

double channel(Colour c, int shift)
{
    static const std::array<double, 256> light = [] { // of each byte; asked for a thousand times for one dressed control
        std::array<double, 256> all{};
        for (std::size_t i = 0; i < all.size(); ++i) {
            const double value = static_cast<double>(i) / 255.0;
            all.at(i) = value <= 0.03928 ? value / 12.92 : std::pow((value + 0.055) / 1.055, 2.4);
        }
        return all;
    }();
    return light.at((c >> shift) & 0xFF);
}

double luminance(Colour c)
{
    return 0.2126 * channel(c, 16) + 0.7152 * channel(c, 8) + 0.0722 * channel(c, 0);
}

} // namespace

const TextStyle &textStyle(const Look &look, TextRole role)
{
    return look.texts.at(static_cast<std::size_t>(role));
}

Colour colour(const Look &look, Theme theme, Ink ink)
{
    return (theme == Theme::Light ? look.light : look.dark).at(static_cast<std::size_t>(ink));
}

void setColour(Look &look, Theme theme, Ink ink, Colour colour)
{
    (theme == Theme::Light ? look.light : look.dark).at(static_cast<std::size_t>(ink)) = colour;
}

double contrast(Colour a, Colour b)
{
    const double first = luminance(a) + 0.05;
    const double second = luminance(b) + 0.05;
    return first > second ? first / second : second / first;
}

const char *textRoleToken(TextRole role)
{
    static constexpr std::array<const char *, TextRoleCount> Names{"title", "caption", "field",
                                                                   "note",  "button",  "heading"};
    return Names.at(static_cast<std::size_t>(role));
}

TextRole textRoleNamed(const QString &name, TextRole fallback)
{
    for (int i = 0; i < TextRoleCount; ++i) {
        if (name == QLatin1String(textRoleToken(static_cast<TextRole>(i)))) {
            return static_cast<TextRole>(i);
        }
    }
    return fallback;
}

} // namespace nabblet
