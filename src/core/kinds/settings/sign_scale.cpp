#include "core/kinds/settings/sign_scale.h"

#include <QJsonValue>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

constexpr int Usual = 100; // percent
constexpr int Least = 25;
constexpr int Most = 800;
constexpr int AsGood = 1; // what rounding on the way there and back leaves

} // namespace

namespace setting {

constinit const ControlSetting<int> SignScale{"signScale",
                                              [](const QJsonValue &json) {
                                                  const int percent = json.toInt();
                                                  return percent >= Least && percent <= Most ? std::optional(percent)
                                                                                             : std::nullopt;
                                              },
                                              [](const int &percent) { return QJsonValue(percent); }};

} // namespace setting

int signScaled(const Control &control, int size)
{
    const int *percent = control.settings.get(setting::SignScale);
    return percent ? (size * *percent + Usual / 2) / Usual : size;
}

void scaleSigns(Control &control, double by)
{
    const int *now = control.settings.get(setting::SignScale);
    const int percent = static_cast<int>(std::lround((now ? *now : Usual) * by));
    if (std::abs(percent - Usual) <= AsGood) {
        control.settings.remove(setting::SignScale);
    } else {
        control.settings.set(setting::SignScale, std::clamp(percent, Least, Most));
    }
}

} // namespace nabblet
