#include "core/kinds/settings/fixed_picture.h"

namespace nabblet {

namespace setting {

// In files in base64.
constinit const ControlSetting<QByteArray> Image{
    "image",
    [](const QJsonValue &json) {
        return json.isString() ? std::optional(QByteArray::fromBase64(json.toString().toLatin1())) : std::nullopt;
    },
    [](const QByteArray &image) {
        return image.isEmpty() ? QJsonValue(QJsonValue::Undefined) : QJsonValue(QString::fromLatin1(image.toBase64()));
    }};

} // namespace setting

QByteArray fixedImage(const Control &control)
{
    return control.settings.value(setting::Image);
}

void setFixedImage(Control &control, const QByteArray &image)
{
    control.settings.set(setting::Image, image);
}

} // namespace nabblet
