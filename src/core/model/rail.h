// Rails: named lines across the form, upright or level, that control edges ride and so stay lined up.
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
constexpr RailId BodyTop = 4;
constexpr RailId FirstFree = 16; // ids of a form's own rails start here
} // namespace FixedRail

// How a rail moves when the window changes its size.
enum class Hold {
    Start, // keeps its distance from the left edge, or from the top
    End,   // keeps its distance from the right edge, or from the bottom
    Share, // keeps its share of the width, or of the height
};

// An upright line across the whole form, or a level one across its body, which alone changes its height with the
// window.
struct Rail
{
    RailId id = FixedRail::None;
    QString name;
    int position = 0; // px from the form's left edge; of a level rail, from the body's top edge
    Hold hold = Hold::Start;

    // An automatic rail stands just clear of the longest caption that ends on it:
    // the longest caption starts at captionsFrom (px), and the rail follows from that.
    bool isAutomatic = false;
    int captionsFrom = 0;

    // With Hold::Share: how much of what the window gains or loses the rail goes along, thousandths. Where nobody said,
    // as its place on the form is.
    int share = ByPlace;
    static constexpr int ByPlace = -1;

    QJsonObject unknown; // keys of a newer version, kept for saving

    bool operator==(const Rail &) const = default;
};

} // namespace nabblet

// Lists move them as they lie in memory.
Q_DECLARE_TYPEINFO(nabblet::Rail, Q_RELOCATABLE_TYPE);

namespace nabblet {

// The empty space between the end of a caption and the rail it ends on, px.
constexpr int CaptionGap = 8;

} // namespace nabblet
