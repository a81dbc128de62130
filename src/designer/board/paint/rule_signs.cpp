// A quiet sign over what has rules.
#include "designer/board/paint/board_marks.h"

#include "core/model/form.h"
#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

// Two dots on a line at the right end of the upper edge: one way, or the other.
void paintRuleSigns(QPainter &painter, const BoardScene &scene)
{
    const Form form = scene.inSight(scene.shownForm());
    if (form.rules.isEmpty()) {
        return;
    }
    QSet<ControlId> ruled;
    for (const Rule &rule : form.rules) {
        ruled += QSet<ControlId>(rule.on.begin(), rule.on.end());
        for (const Area &area : rule.areas) {
            ruled.insert(area.container);
        }
    }
    const PanelColours &colours = panelColours(scene.appearance.theme());
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    for (const Control &control : form.controls) {
        if (!ruled.contains(control.id)) {
            continue;
        }
        const QRect place = scene.toViewport(placeOnForm(form, control));
        const QPointF right(place.right() - 6, place.top());
        const QPointF left = right - QPointF(9, 0);
        painter.setPen(QPen(colours.accent, 1));
        painter.drawLine(left, right);
        painter.setBrush(colours.accent);
        painter.drawEllipse(left, 2, 2);
        painter.setBrush(scene.appearance.colour(Ink::Paper));
        painter.drawEllipse(right, 2, 2);
    }
    painter.restore();
}

} // namespace nabblet
