// Which numbers a box takes, and how it writes them.
#pragma once

#include "core/model/control.h"
#include "core/text/number_words.h"

#include <optional>

namespace nabblet {

std::optional<int> decimalPlaces(const Control &control);
Thousands thousandsOf(const Control &control);
// Whether a number has arrows at its right end that count it up and down.
bool hasArrows(const Control &control);

// The least and greatest number that may be typed.
struct NumberLimits
{
    std::optional<double> least;
    std::optional<double> most;
};
NumberLimits numberLimits(const Control &control);

namespace setting {

extern const ControlSetting<int> Decimals;
extern const ControlSetting<double> Least;
extern const ControlSetting<double> Most;
extern const ControlSetting<bool> PartsThousands;
extern const ControlSetting<bool> Arrows;

} // namespace setting

} // namespace nabblet
