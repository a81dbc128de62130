// A small sign at what something was found about.
#include "designer/board/paint/board_marks.h"

#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

// At the left end of the upper edge, where no rule has its sign: a square to fix, a ring to weigh.
void paintFound(QPainter &painter, const BoardScene &scene)
{
    if (scene.found.isEmpty() || scene.drag || scene.preview) {
        return;
    }
    constexpr int Size = 8; // px
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const Form form = scene.inSight(scene.shownForm());
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    for (auto each = scene.found.begin(); each != scene.found.end(); ++each) {
        const Control *control = form.controls.find(each.key());
        if (!control) {
            continue;
        }
        const QRect place = scene.toViewport(placeOnForm(form, *control));
        const QRectF sign(place.left() - Size / 2 + 0.5, place.top() - Size / 2 + 0.5, Size, Size);
        const bool isGrave = each.value() == Degree::ToFix;
        const QColor colour = isGrave ? colours.alarm : colours.oddText;
        painter.setPen(QPen(scene.appearance.colour(Ink::Paper), 3));
        painter.setBrush(scene.appearance.colour(Ink::Paper));
        isGrave ? painter.drawRoundedRect(sign, 2, 2) : painter.drawEllipse(sign);
        painter.setPen(QPen(colour, 1.5));
        painter.setBrush(isGrave ? QBrush(colour) : QBrush(colours.odd));
        isGrave ? painter.drawRoundedRect(sign, 2, 2) : painter.drawEllipse(sign);
    }
    painter.restore();
}

} // namespace nabblet
