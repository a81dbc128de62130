#include "core/looks/dressing/ground_picture.h"

#include "core/looks/pins/look_pin_table.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostTiles = 100000; // of a picture of few pixels on a large form

int placed(int room, int size, int part) // part: 0 at the start, 1 in the middle, 2 at the end
{
    return part == 0 ? 0 : part == 1 ? (room - size) / 2 : room - size;
}

} // namespace

const QStringList &groundFitNames()
{
    static const QStringList names{
        QStringLiteral("cover"),       QStringLiteral("whole"),  QStringLiteral("tiled"),
        QStringLiteral("top left"),    QStringLiteral("top"),    QStringLiteral("top right"),
        QStringLiteral("left"),        QStringLiteral("middle"), QStringLiteral("right"),
        QStringLiteral("bottom left"), QStringLiteral("bottom"), QStringLiteral("bottom right")};
    return names;
}

const QList<const AnySetting *> &knownBandSettings()
{
    static const QList<const AnySetting *> known = lookPinSettings() + QList<const AnySetting *>{&setting::GroundImage};
    return known;
}

namespace setting {

constinit const ControlSetting<GroundPicture> GroundImage{
    "groundPicture",
    [](const QJsonValue &json) -> std::optional<GroundPicture> {
        const QJsonObject stored = json.toObject();
        const std::optional<FixedPicture> picture = readFixedPicture(stored.value(QLatin1String("image")));
        if (!picture) {
            return std::nullopt;
        }
        const qsizetype fit = groundFitNames().indexOf(stored.value(QLatin1String("fit")).toString());
        return GroundPicture{
            *picture, static_cast<GroundFit>(std::max<qsizetype>(0, fit)),
            std::clamp(stored.value(QLatin1String("strength")).toInt(GroundPicture::UsualStrength), 1, 100)};
    },
    [](const GroundPicture &ground) -> QJsonValue {
        if (ground.picture.isEmpty()) {
            return QJsonValue(QJsonValue::Undefined);
        }
        QJsonObject stored{{QStringLiteral("image"), writeFixedPicture(ground.picture)}};
        if (ground.fit != GroundFit::Cover) {
            stored.insert(QStringLiteral("fit"), groundFitNames().at(static_cast<int>(ground.fit)));
        }
        if (ground.strength != GroundPicture::UsualStrength) {
            stored.insert(QStringLiteral("strength"), ground.strength);
        }
        return stored;
    }};

} // namespace setting

std::optional<BandPicture> pictureOfBand(const Form &form, BandRole role)
{
    const Band *band = findBand(form, role);
    if (!band) {
        return std::nullopt;
    }
    if (const GroundPicture *own = band->settings.get(setting::GroundImage)) {
        return BandPicture{*own, false};
    }
    const GroundPicture *all = form.settings.get(setting::GroundImage);
    const bool hasOwnColour = band->tone != BandTone::Usual || band->settings.has(setting::Fill);
    return all && !hasOwnColour ? std::optional(BandPicture{*all, true}) : std::nullopt;
}

QList<QRect> picturePlaces(GroundFit fit, QSize size, const QRect &ground)
{
    if (size.isEmpty() || ground.isEmpty()) {
        return {};
    }
    switch (fit) {
    case GroundFit::Cover:
    case GroundFit::Whole: {
        QRect place(QPoint(0, 0), size.scaled(ground.size(), fit == GroundFit::Cover ? Qt::KeepAspectRatioByExpanding
                                                                                     : Qt::KeepAspectRatio));
        place.moveCenter(ground.center());
        return {place};
    }
    case GroundFit::Tiled: {
        QList<QRect> places;
        for (int y = ground.top(); y <= ground.bottom(); y += size.height()) {
            for (int x = ground.left(); x <= ground.right() && places.size() < MostTiles; x += size.width()) {
                places.append(QRect(QPoint(x, y), size));
            }
        }
        return places;
    }
    default: {
        const int at = static_cast<int>(fit) - static_cast<int>(GroundFit::TopLeft); // three in a row, three rows
        return {QRect(ground.topLeft() + QPoint(placed(ground.width(), size.width(), at % 3),
                                                placed(ground.height(), size.height(), at / 3)),
                      size)};
    }
    }
}

} // namespace nabblet
