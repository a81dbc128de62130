#include "designer/board/paint/board_marks.h"

#include "core/arrange/edges.h"
#include "core/arrange/windows/holding.h"
#include "designer/board/scene/mark_places.h"
#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

namespace {

// A box, and lines on the sides at which it is held; three of them for a share.
void paintSign(QPainter &painter, const QRect &place, Direction direction, std::optional<Holding> holding,
               const QColor &ink)
{
    constexpr int Inset = 4;
    const QRect inside = place.adjusted(Inset, Inset, -Inset, -Inset);
    painter.fillRect(inside.adjusted(2, 2, -2, -2), ink);
    const auto line = [&](double share) {
        const bool isAcross = direction == Direction::Across;
        const int at = qRound(share * (isAcross ? inside.width() : inside.height()));
        isAcross ? painter.drawLine(inside.x() + at, inside.y() - 1, inside.x() + at, bottomOf(inside))
                 : painter.drawLine(inside.x() - 1, inside.y() + at, rightOf(inside), inside.y() + at);
    };
    if (holding == Holding::Stays || holding == Holding::Stretches || holding == Holding::KeepsShare) {
        line(-0.1);
    }
    if (holding == Holding::Moves || holding == Holding::Stretches || holding == Holding::KeepsShare) {
        line(1.0);
    }
    if (holding == Holding::KeepsShare) {
        painter.setPen(QPen(painter.pen().color(), 1, Qt::DotLine));
        line(0.45);
    }
}

} // namespace

void paintHolds(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    const PanelColours &colours = panelColours(scene.appearance.theme());
    for (const Direction direction : {Direction::Across, Direction::Down}) {
        const QRect place = holdSign(scene, direction);
        if (place.isNull()) {
            continue;
        }
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(colours.accent, 1));
        painter.setBrush(scene.appearance.colour(Ink::FieldFill));
        painter.drawRoundedRect(QRectF(place).adjusted(0.5, 0.5, -0.5, -0.5), 3, 3);
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.setPen(QPen(colours.accent, 2));
        paintSign(painter, place, direction, holdingOf(form, *form.controls.find(scene.selection.lead()), direction),
                  colours.accent);
    }
}

} // namespace nabblet
