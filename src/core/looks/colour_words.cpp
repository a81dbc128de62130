#include "core/looks/colour_words.h"

#include "core/looks/colour_names.h"
#include "core/looks/oklch.h"
#include "core/text/tr.h"

#include <QRegularExpression>
#include <QStringList>

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace nabblet {

namespace {

using Three = std::array<double, 3>;

Error notAColour(const QString &typed)
{
    return Error{Texts::tr("“%1” is no colour. Write one as #0b7a70, teal, rgb(11 122 112), hsl(174 83% 26%) or "
                           "oklch(52% 0.09 187).")
                     .arg(typed.trimmed()),
                 {}};
}

std::optional<Colour> fromDigits(const QString &digits)
{
    static const QRegularExpression three(QStringLiteral("^[0-9a-fA-F]{3}$"));
    static const QRegularExpression six(QStringLiteral("^[0-9a-fA-F]{6}$"));
    QString whole = digits;
    if (three.match(digits).hasMatch()) {
        whole.clear();
        for (const QChar digit : digits) {
            whole += QString(2, digit);
        }
    } else if (!six.match(digits).hasMatch()) {
        return std::nullopt;
    }
    return static_cast<Colour>(whole.toUInt(nullptr, 16));
}

// A number, or a share of `whole`; "none" is 0 as in CSS.
std::optional<double> number(const QString &words, double whole)
{
    if (words == QLatin1String("none")) {
        return 0;
    }
    bool isNumber = false;
    const bool isShare = words.endsWith(u'%');
    const double value = (isShare ? words.chopped(1) : words).toDouble(&isNumber);
    if (!isNumber || !std::isfinite(value)) {
        return std::nullopt;
    }
    return isShare ? value / 100 * whole : value;
}

std::optional<double> angle(const QString &words) // in degrees, 0 to 360
{
    struct Unit
    {
        const char *name;
        double degrees;
    };
    static constexpr std::array Units{Unit{"deg", 1}, Unit{"grad", 0.9}, Unit{"rad", 180 / std::numbers::pi},
                                      Unit{"turn", 360}};
    double scale = 1;
    QString digits = words;
    for (const Unit &unit : Units) {
        if (words.endsWith(QLatin1String(unit.name))) {
            digits = words.chopped(static_cast<qsizetype>(qstrlen(unit.name)));
            scale = unit.degrees;
        }
    }
    const std::optional<double> value = digits.endsWith(u'%') ? std::nullopt : number(digits, 1);
    if (!value) {
        return std::nullopt;
    }
    const double turned = std::fmod(*value * scale, 360);
    return turned < 0 ? turned + 360 : turned;
}

Three pureHue(double hue) // CSS Color 4, section 7.1, with full saturation
{
    const auto part = [&](double n) {
        const double k = std::fmod(n + hue / 30, 12);
        return 0.5 - 0.5 * std::max(-1.0, std::min({k - 3, 9 - k, 1.0}));
    };
    return {part(0), part(8), part(4)};
}

Colour fromHsl(double hue, double saturation, double lightness)
{
    const double a = saturation * std::min(lightness, 1 - lightness);
    const auto part = [&](double n) {
        const double k = std::fmod(n + hue / 30, 12);
        return lightness - a * std::max(-1.0, std::min({k - 3, 9 - k, 1.0}));
    };
    return colourOfShares({part(0), part(8), part(4)});
}

Colour fromHwb(double hue, double white, double black)
{
    if (white + black >= 1) {
        const double grey = white / (white + black);
        return colourOfShares({grey, grey, grey});
    }
    Three parts = pureHue(hue);
    for (double &part : parts) {
        part = part * (1 - white - black) + white;
    }
    return colourOfShares(parts);
}

// CIE Lab with the white of D50, to linear sRGB (CSS Color 4, section 17).
Colour fromLab(double lightness, double a, double b)
{
    constexpr double Kappa = 24389.0 / 27;
    constexpr double Epsilon = 216.0 / 24389;
    const double fy = (lightness + 16) / 116;
    const double fx = a / 500 + fy;
    const double fz = fy - b / 200;
    const auto cube = [](double f) { return std::pow(f, 3) > Epsilon ? std::pow(f, 3) : (116 * f - 16) / Kappa; };
    const double x = cube(fx) * 0.9642956764295677;
    const double y = lightness > Kappa * Epsilon ? std::pow(fy, 3) : lightness / Kappa;
    const double z = cube(fz) * 0.8251046025104602;
    // D50 to the white of screens and to their primaries in one.
    const Three linear{3.1341359569958707 * x - 1.6173863321612538 * y - 0.4906619460083532 * z,
                       -0.978795502912089 * x + 1.916254567259524 * y + 0.03344273116131949 * z,
                       0.07195537988411677 * x - 0.2289768264158322 * y + 1.405386058324125 * z};
    Three parts{};
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const double part = std::clamp(linear.at(i), 0.0, 1.0);
        parts.at(i) = part <= 0.0031308 ? part * 12.92 : 1.055 * std::pow(part, 1 / 2.4) - 0.055;
    }
    return colourOfShares(parts);
}

Colour fromOklab(double lightness, double a, double b)
{
    const double hue = std::atan2(b, a) * 180 / std::numbers::pi;
    return fromOklch({lightness, std::hypot(a, b), hue < 0 ? hue + 360 : hue});
}

// Each notation gives its colour of three parts, or nothing where one of them is none.
using Notation = std::optional<Colour> (*)(const QStringList &parts);

std::optional<Colour> ofThree(const std::optional<double> &a, const std::optional<double> &b,
                              const std::optional<double> &c, Colour (*make)(double, double, double))
{
    return a && b && c ? std::optional(make(*a, *b, *c)) : std::nullopt;
}

std::optional<double> share(const QString &words) // 0 to 1, also where CSS lets the sign of percent away
{
    const std::optional<double> value = number(words, 100);
    return value ? std::optional(std::clamp(*value / 100, 0.0, 1.0)) : std::nullopt;
}

Colour ofBytes(double r, double g, double b)
{
    return colourOfShares({r / 255, g / 255, b / 255});
}

std::optional<Colour> ofPolarLab(const QStringList &p)
{
    const std::optional<double> chroma = number(p.at(1), 150);
    const std::optional<double> hue = angle(p.at(2));
    const std::optional<double> lightness = number(p.at(0), 100);
    if (!chroma || !hue || !lightness) {
        return std::nullopt;
    }
    const double turned = *hue * std::numbers::pi / 180;
    return fromLab(std::clamp(*lightness, 0.0, 100.0), std::max(0.0, *chroma) * std::cos(turned),
                   std::max(0.0, *chroma) * std::sin(turned));
}

Notation notationNamed(const QString &name)
{
    struct Named
    {
        const char *name;
        Notation read;
    };
    static constexpr Notation Rgb = [](const QStringList &p) {
        return ofThree(number(p.at(0), 255), number(p.at(1), 255), number(p.at(2), 255), ofBytes);
    };
    static constexpr Notation Hsl = [](const QStringList &p) {
        return ofThree(angle(p.at(0)), share(p.at(1)), share(p.at(2)), fromHsl);
    };
    static constexpr std::array All{
        Named{"rgb", Rgb},
        Named{"rgba", Rgb},
        Named{"hsl", Hsl},
        Named{"hsla", Hsl},
        Named{"hwb",
              [](const QStringList &p) { return ofThree(angle(p.at(0)), share(p.at(1)), share(p.at(2)), fromHwb); }},
        Named{"lab",
              [](const QStringList &p) {
                  return ofThree(number(p.at(0), 100), number(p.at(1), 125), number(p.at(2), 125), fromLab);
              }},
        Named{"lch", ofPolarLab},
        Named{"oklab",
              [](const QStringList &p) {
                  return ofThree(number(p.at(0), 1), number(p.at(1), 0.4), number(p.at(2), 0.4), fromOklab);
              }},
        Named{"oklch",
              [](const QStringList &p) {
                  return ofThree(number(p.at(0), 1), number(p.at(1), 0.4), angle(p.at(2)),
                                 [](double l, double c, double h) {
                                     return fromOklch({l, c, h});
                                 });
              }},
        Named{"srgb",
              [](const QStringList &p) {
                  return ofThree(number(p.at(0), 1), number(p.at(1), 1), number(p.at(2), 1),
                                 [](double r, double g, double b) {
                                     return colourOfShares({r, g, b});
                                 });
              }},
    };
    for (const Named &each : All) {
        if (name == QLatin1String(each.name)) {
            return each.read;
        }
    }
    return nullptr;
}

} // namespace

Colour colourOfShares(const std::array<double, 3> &shares)
{
    Colour colour = 0;
    for (const double share : shares) {
        colour = colour << 8 | static_cast<Colour>(std::lround(std::clamp(share, 0.0, 1.0) * 255));
    }
    return colour;
}

Result<Colour> readColour(const QString &typed)
{
    const QString words = typed.trimmed().toLower();
    const QString digits = words.startsWith(u'#') ? words.mid(1) : words;
    for (const NamedColour &named : ColourNames) {
        if (words == QLatin1String(named.name)) {
            return named.colour;
        }
    }
    if (const std::optional<Colour> colour = fromDigits(digits)) {
        return *colour;
    }
    static const QRegularExpression call(QStringLiteral("^([a-z]+)\\s*\\(([^()]*)\\)$"));
    const QRegularExpressionMatch match = call.match(words);
    if (!match.hasMatch()) {
        return notAColour(typed);
    }
    static const QRegularExpression between(QStringLiteral("[\\s,]+"));
    const QStringList sides = match.captured(2).split(u'/');
    QStringList parts = sides.first().split(between, Qt::SkipEmptyParts);
    QString name = match.captured(1);
    if (name == QLatin1String("color")) {
        name = parts.isEmpty() ? QString() : parts.takeFirst();
    }
    const Notation read = notationNamed(name);
    const QString seenThrough = sides.size() == 2 ? sides.last().trimmed() : parts.value(3, QStringLiteral("1"));
    if (!read || parts.size() < 3 || parts.size() > 4 || sides.size() > 2) {
        return notAColour(typed);
    }
    const std::optional<Colour> colour = read(parts);
    if (!colour) {
        return notAColour(typed);
    }
    if (number(seenThrough, 1).value_or(0) < 1) {
        return Error{Texts::tr("“%1” can be seen through. Colours of forms are whole: leave its last part away.")
                         .arg(typed.trimmed()),
                     {}};
    }
    return *colour;
}

QString colourInWords(Colour colour)
{
    return QStringLiteral("#%1").arg(colour & 0xFFFFFF, 6, 16, QLatin1Char('0'));
}

} // namespace nabblet
