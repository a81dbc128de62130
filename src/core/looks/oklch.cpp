#include "core/looks/oklch.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace nabblet {

namespace {

using Three = std::array<double, 3>;

// The transfer function of sRGB (IEC 61966-2-1).
double toLinear(double value)
{
    return value <= 0.04045 ? value / 12.92 : std::pow((value + 0.055) / 1.055, 2.4);
}

double fromLinear(double value)
{
    return value <= 0.0031308 ? value * 12.92 : 1.055 * std::pow(value, 1 / 2.4) - 0.055;
}

Three channels(Colour colour)
{
    return {((colour >> 16) & 0xFF) / 255.0, ((colour >> 8) & 0xFF) / 255.0, (colour & 0xFF) / 255.0};
}

Three toLab(Colour colour)
{
    const Three rgb = channels(colour);
    const double r = toLinear(rgb[0]);
    const double g = toLinear(rgb[1]);
    const double b = toLinear(rgb[2]);
    const double l = std::cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
    const double m = std::cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
    const double s = std::cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
    return {0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s};
}

double cubed(double value)
{
    return value * value * value;
}

Three toLinearRgb(const Three &lab)
{
    const double l = cubed(lab[0] + 0.3963377774 * lab[1] + 0.2158037573 * lab[2]);
    const double m = cubed(lab[0] - 0.1055613458 * lab[1] - 0.0638541728 * lab[2]);
    const double s = cubed(lab[0] - 0.0894841775 * lab[1] - 1.2914855480 * lab[2]);
    return {4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
            -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
            -0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s};
}

bool isShown(const Three &rgb)
{
    constexpr double Close = 0.0001;
    return std::all_of(rgb.begin(), rgb.end(), [](double part) { return part >= -Close && part <= 1 + Close; });
}

Colour toColour(const Three &linear)
{
    const auto byte = [](double part) {
        return static_cast<Colour>(std::lround(std::clamp(fromLinear(std::clamp(part, 0.0, 1.0)), 0.0, 1.0) * 255));
    };
    return byte(linear[0]) << 16 | byte(linear[1]) << 8 | byte(linear[2]);
}

} // namespace

Oklch toOklch(Colour colour)
{
    const Three lab = toLab(colour);
    const double hue = std::atan2(lab[2], lab[1]) * 180 / std::numbers::pi;
    return {lab[0], std::hypot(lab[1], lab[2]), hue < 0 ? hue + 360 : hue};
}

Colour fromOklch(const Oklch &colour)
{
    const double angle = colour.hue * std::numbers::pi / 180;
    const double lightness = std::clamp(colour.lightness, 0.0, 1.0);
    const double a = std::cos(angle);
    const double b = std::sin(angle);
    const auto rgbWith = [&](double chroma) { return toLinearRgb({lightness, chroma * a, chroma * b}); };
    const double wanted = std::max(0.0, colour.chroma);
    Three rgb = rgbWith(wanted);
    if (!isShown(rgb)) {
        double least = 0;
        double most = wanted;
        constexpr int Steps = 14;
        for (int i = 0; i < Steps; ++i) {
            const double middle = (least + most) / 2;
            (isShown(rgbWith(middle)) ? least : most) = middle;
        }
        rgb = rgbWith(least);
    }
    return toColour(rgb);
}

double difference(Colour a, Colour b)
{
    const Three first = toLab(a);
    const Three second = toLab(b);
    return std::hypot(first[0] - second[0], first[1] - second[1], first[2] - second[2]);
}

Colour mixed(Colour upper, Colour lower, double share)
{
    const Three over = channels(upper);
    const Three under = channels(lower);
    Colour result = 0;
    for (std::size_t i = 0; i < over.size(); ++i) {
        result = result << 8 | static_cast<Colour>(std::lround((over[i] * share + under[i] * (1 - share)) * 255));
    }
    return result;
}

} // namespace nabblet
