#include "core/kinds/settings/caption_side.h"

namespace nabblet {

namespace setting {

constinit const ControlSetting<bool> Above{
    "sits",
    [](const QJsonValue &json) {
        return json.toString() == QLatin1String("above") ? std::optional(true) : std::nullopt;
    },
    [](const bool &isAbove) {
        return isAbove ? QJsonValue(QStringLiteral("above")) : QJsonValue(QJsonValue::Undefined);
    }};

} // namespace setting

bool sitsAbove(const Control &caption)
{
    return caption.settings.value(setting::Above);
}

void setSitsAbove(Control &caption, bool isAbove)
{
    caption.settings.set(setting::Above, isAbove);
}

} // namespace nabblet
