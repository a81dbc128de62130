#include "core/kinds/settings/fixed_picture.h"

#include "core/text/tr.h"

namespace nabblet {

std::optional<FixedPicture> readFixedPicture(const QJsonValue &json)
{
    if (json.isString()) {
        return FixedPicture{QByteArray::fromBase64(json.toString().toLatin1()), {}};
    }
    const QString file = json.toObject().value(QLatin1String("file")).toString();
    return file.isEmpty() ? std::nullopt : std::optional(FixedPicture{{}, file});
}

QJsonValue writeFixedPicture(const FixedPicture &picture)
{
    if (!picture.file.isEmpty()) {
        return QJsonObject{{QStringLiteral("file"), picture.file}};
    }
    return picture.image.isEmpty() ? QJsonValue(QJsonValue::Undefined)
                                   : QJsonValue(QString::fromLatin1(picture.image.toBase64()));
}

QString fixedPictureInWords(const FixedPicture &picture)
{
    constexpr qsizetype Kilo = 1024;
    const qsizetype size = (picture.image.size() + Kilo - 1) / Kilo;
    if (picture.isEmpty()) {
        return {};
    }
    if (picture.file.isEmpty()) {
        return Texts::tr("%1 kB, in the form").arg(size);
    }
    return picture.image.isEmpty() ? Texts::tr("%1, which is not there").arg(picture.file)
                                   : Texts::tr("%1 kB, in %2").arg(size).arg(picture.file);
}

namespace setting {

constinit const ControlSetting<FixedPicture> Image{"image", readFixedPicture, writeFixedPicture};

} // namespace setting

QByteArray fixedImage(const Control &control)
{
    const FixedPicture *picture = control.settings.get(setting::Image);
    return picture ? picture->image : QByteArray();
}

bool hasFixedPicture(const Control &control)
{
    const FixedPicture *picture = control.settings.get(setting::Image);
    return picture && !picture->isEmpty();
}

} // namespace nabblet
