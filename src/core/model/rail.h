// Rails: named lines across the form that control edges ride and so stay lined up.
#pragma once

#include <QJsonObject>
#include <QList>
#include <QString>

namespace nabblet {

// Names a rail within one form for as long as the form is open. 0 is no rail.
using RailId = int;

// The rails that every form has. They are not in Form::rails: where they stand follows from the form's size.
namespace FixedRail {
constexpr RailId None = 0;
constexpr RailId FormLeft = 1;
constexpr RailId FormRight = 2;
constexpr RailId BodyBottom = 3;
constexpr RailId FirstFree = 16; // ids of a form's own rails start here
} // namespace FixedRail

// How a rail moves when the window changes its size.
enum class Hold {
    Left,  // keeps its distance from the left edge
    Right, // keeps its distance from the right edge
    Share, // keeps its share of the width
};

// An upright line at a distance from the form's left edge.
struct Rail
{
    RailId id = FixedRail::None;
    QString name;
    int position = 0; // px from the form's left edge
    Hold hold = Hold::Left;

    // An automatic rail stands just clear of the longest caption that ends on it:
    // the longest caption starts at captionsFrom (px), and the rail follows from that.
    bool isAutomatic = false;
    int captionsFrom = 0;

    QJsonObject unknown; // keys of a newer version, kept for saving

    bool operator==(const Rail &) const = default;
};

// The empty space between the end of a caption and the rail it ends on, px.
constexpr int CaptionGap = 8;

} // namespace nabblet
