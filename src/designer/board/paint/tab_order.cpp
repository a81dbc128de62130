#include "designer/board/paint/board_marks.h"

#include "core/arrange/rows.h"
#include "core/kinds/holders/tab_pages.h"
#include "designer/board/scene/board_mode.h"
#include "designer/board/scene/mark_places.h"
#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

void paintTabOrder(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    if (scene.use() != MouseUse::OrderingTabs) {
        return;
    }
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const QList<ControlId> order = tabSequence(form);
    const QList<ControlId> clicked = scene.mode->marked();
    // Numbers count all pages; only what is in sight carries one.
    const QSet<ControlId> behind = behindOtherPages(form, scene.fronts);
    QPolygon path;
    for (const ControlId id : order) {
        if (!behind.contains(id)) {
            path.append(tabBadge(scene, id).center());
        }
    }
    painter.setRenderHint(QPainter::Antialiasing);
    QColor line = colours.accent;
    line.setAlpha(150);
    painter.setPen(QPen(line, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(path);
    painter.setFont(rulerFont(scene.appearance));
    for (int i = 0; i < order.size(); ++i) {
        if (behind.contains(order.at(i))) {
            continue;
        }
        const QRect badge = tabBadge(scene, order.at(i));
        const bool isClicked = clicked.contains(order.at(i));
        painter.setPen(QPen(isClicked ? colours.accentText : colours.accent, 1));
        painter.setBrush(isClicked ? colours.accent : colours.field);
        painter.drawRoundedRect(QRectF(badge).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
        painter.setPen(isClicked ? colours.accentText : colours.text);
        painter.drawText(badge, Qt::AlignCenter, QString::number(i + 1));
    }
    if (scene.drag && scene.drag->tabNumber != 0 && scene.drag->isMoving) {
        painter.setPen(QPen(colours.accent, 2, Qt::DashLine));
        painter.drawLine(tabBadge(scene, scene.drag->tabNumber).center(), scene.drag->inViewport);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

} // namespace nabblet
