// A picture on the ground of a band, or of a whole form.
#pragma once

#include "core/kinds/settings/fixed_picture.h"
#include "core/model/form.h"

#include <QRect>
#include <QSize>

namespace nabblet {

// How a picture lies on its ground: scaled until it covers all or until all of it is seen, one beside the other, or in
// its own size at an edge, a corner or in the middle.
enum class GroundFit {
    Cover,
    Whole,
    Tiled,
    TopLeft,
    Top,
    TopRight,
    Left,
    Middle,
    Right,
    BottomLeft,
    Bottom,
    BottomRight
};

struct GroundPicture
{
    // Percent of its own strength: faint as long as nobody wants more, so that words stay readable on it.
    static constexpr int UsualStrength = 20;

    FixedPicture picture;
    GroundFit fit = GroundFit::Cover;
    int strength = UsualStrength;

    bool operator==(const GroundPicture &) const = default;
};

// The picture of a band, and whether it lies on the whole form, of which the band shows its part.
struct BandPicture
{
    GroundPicture picture;
    bool isOfForm = false;

    bool operator==(const BandPicture &) const = default;
};

// The picture on the ground of a band: its own, or the form's where the band has neither a picture nor a colour of its
// own. Nothing where there is none.
std::optional<BandPicture> pictureOfBand(const Form &form, BandRole role);

// Where a picture of a size goes on a ground, px; several places where it is tiled.
QList<QRect> picturePlaces(GroundFit fit, QSize size, const QRect &ground);

// The fits as they are called in files, in their order.
const QStringList &groundFitNames();

// What is pinned of the look of bands.
const QList<const AnySetting *> &knownBandSettings();

namespace setting {

extern const ControlSetting<GroundPicture> GroundImage;

} // namespace setting

} // namespace nabblet
