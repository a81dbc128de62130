#include "designer/board/paint/board_marks.h"

#include "core/arrange/rows.h"
#include "designer/board/scene/mark_places.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

void paintPill(QPainter &painter, const BoardScene &scene, QPoint middle, int size, bool isOdd)
{
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const QFont font = rulerFont(scene.appearance);
    const QString words = sizeNumber(size, scene.unit, scene.form().grid.pitch);
    const QRect pill = pillAround(scene, middle, size);
    painter.setFont(font);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(isOdd ? colours.odd : colours.bar);
    painter.drawRoundedRect(pill, pill.height() / 2.0, pill.height() / 2.0);
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(isOdd ? colours.oddText : colours.barText);
    painter.drawText(pill, Qt::AlignCenter, words);
}

} // namespace

void paintGuides(QPainter &painter, const BoardScene &scene)
{
    const PanelColours &colours = panelColours(scene.appearance.theme());
    for (const SnapGuide &guide : scene.guides()) {
        if (guide.kind == SnapKind::Gap) {
            // An equal gap: a bar across the space, with its size.
            const QRect space = scene.toViewport(guide.space);
            painter.setPen(QPen(colours.accent, 1));
            if (guide.orientation == Qt::Vertical) {
                const int y = space.center().y();
                painter.drawLine(space.left(), y, space.right(), y);
                painter.drawLine(space.left(), y - 4, space.left(), y + 4);
                painter.drawLine(space.right(), y - 4, space.right(), y + 4);
            } else {
                const int x = space.center().x();
                painter.drawLine(x, space.top(), x, space.bottom());
                painter.drawLine(x - 4, space.top(), x + 4, space.top());
                painter.drawLine(x - 4, space.bottom(), x + 4, space.bottom());
            }
            paintPill(painter, scene, space.center(), guide.size, false);
            continue;
        }
        const bool isRail = guide.kind == SnapKind::Rail;
        const Qt::PenStyle style = guide.kind == SnapKind::Centre                                     ? Qt::DashDotLine
                                   : guide.kind == SnapKind::Baseline || guide.kind == SnapKind::Size ? Qt::DashLine
                                                                                                      : Qt::SolidLine;
        painter.setPen(QPen(isRail ? colours.rail : colours.accent, isRail ? 2 : 1, style));
        if (guide.orientation == Qt::Vertical) {
            const QPoint from = scene.toViewport(QPoint(guide.position, guide.from));
            painter.drawLine(from.x(), from.y() - 8, from.x(), scene.toViewport(QPoint(0, guide.to)).y() + 8);
        } else {
            const QPoint from = scene.toViewport(QPoint(guide.from, guide.position));
            painter.drawLine(from.x() - 8, from.y(), scene.toViewport(QPoint(guide.to, 0)).x() + 8, from.y());
        }
    }
}

void paintPills(QPainter &painter, const BoardScene &scene)
{
    if (scene.preview || scene.trial) {
        return;
    }
    const QRect seen = QRect(QPoint(0, 0), scene.size);
    for (const Gap &gap : std::as_const(scene.pills)) {
        const QRect space = scene.toViewport(gap.space);
        if (seen.intersects(space.adjusted(-20, -20, 20, 20))) {
            paintPill(painter, scene, space.center(), gap.size, gap.isOdd);
        }
    }
}

} // namespace nabblet
