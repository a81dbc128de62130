#include "core/looks/sight.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace nabblet {

namespace {

using Matrix = std::array<std::array<float, 3>, 3>;

const Matrix &matrixOf(Sight sight)
{
    static constexpr Matrix WithoutRed{
        {{0.152286F, 1.052583F, -0.204868F}, {0.114503F, 0.786281F, 0.099216F}, {-0.003882F, -0.048116F, 1.051998F}}};
    static constexpr Matrix WithoutGreen{
        {{0.367322F, 0.860646F, -0.227968F}, {0.280085F, 0.672501F, 0.047413F}, {-0.011820F, 0.042940F, 0.968881F}}};
    static constexpr Matrix WithoutBlue{
        {{1.255528F, -0.076749F, -0.178779F}, {-0.078411F, 0.930809F, 0.147602F}, {0.004733F, 0.691367F, 0.303900F}}};
    return sight == Sight::WithoutRed ? WithoutRed : sight == Sight::WithoutGreen ? WithoutGreen : WithoutBlue;
}

constexpr int Steps = 4096; // of linear light, fine enough for the darkest of 256

const std::array<float, 256> &toLinear()
{
    static const std::array<float, 256> table = [] {
        std::array<float, 256> all{};
        for (std::size_t i = 0; i < all.size(); ++i) {
            const double value = static_cast<double>(i) / 255;
            all.at(i) =
                static_cast<float>(value <= 0.04045 ? value / 12.92 : std::pow((value + 0.055) / 1.055, 2.4));
        }
        return all;
    }();
    return table;
}

const std::array<quint8, Steps + 1> &fromLinear()
{
    static const std::array<quint8, Steps + 1> table = [] {
        std::array<quint8, Steps + 1> all{};
        for (std::size_t i = 0; i < all.size(); ++i) {
            const double value = static_cast<double>(i) / Steps;
            const double shown = value <= 0.0031308 ? value * 12.92 : 1.055 * std::pow(value, 1 / 2.4) - 0.055;
            all.at(i) = static_cast<quint8>(std::lround(std::clamp(shown, 0.0, 1.0) * 255));
        }
        return all;
    }();
    return table;
}

} // namespace

void seeWith(Sight sight, quint32 *pixels, qsizetype count)
{
    if (sight == Sight::Usual) {
        return;
    }
    const Matrix &matrix = matrixOf(sight);
    const auto &linear = toLinear();
    const auto &shown = fromLinear();
    for (qsizetype i = 0; i < count; ++i) {
        const quint32 pixel = pixels[i];
        const std::array<float, 3> light{linear[(pixel >> 16) & 0xFF], linear[(pixel >> 8) & 0xFF],
                                         linear[pixel & 0xFF]};
        quint32 seen = pixel & 0xFF000000;
        for (std::size_t part = 0; part < light.size(); ++part) {
            const auto &row = matrix[part];
            const float value = row[0] * light[0] + row[1] * light[1] + row[2] * light[2];
            const auto step = static_cast<std::size_t>(std::clamp(value, 0.0F, 1.0F) * Steps + 0.5F);
            seen |= static_cast<quint32>(shown[step]) << (16 - 8 * static_cast<int>(part));
        }
        pixels[i] = seen;
    }
}

Colour seenWith(Sight sight, Colour colour)
{
    quint32 pixel = colour;
    seeWith(sight, &pixel, 1);
    return pixel & 0xFFFFFF;
}

} // namespace nabblet
