#include "designer/board/paint/board_marks.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rows.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

// Where controls that stand side by side lie over one another, on the form. Lines and frames are drawn around others.
QList<QRect> overlapsOf(const Form &form)
{
    QList<int> order;
    for (int i = 0; i < form.controls.size(); ++i) {
        const QString &kind = form.controls.at(i).kind;
        if (kind != QLatin1String("line") && kind != QLatin1String("frame")) {
            order.append(i);
        }
    }
    std::sort(order.begin(), order.end(),
              [&](int a, int b) { return form.controls.at(a).place.y() < form.controls.at(b).place.y(); });
    QList<QRect> found;
    constexpr qsizetype Enough = 60;
    for (qsizetype i = 0; i < order.size() && found.size() < Enough; ++i) {
        const Control &upper = form.controls.at(order.at(i));
        for (qsizetype j = i + 1; j < order.size(); ++j) {
            const Control &lower = form.controls.at(order.at(j));
            if (lower.place.y() >= bottomOf(upper.place)) {
                break;
            }
            if (areaOf(upper) == areaOf(lower) && overlap(upper.place, lower.place)) {
                found.append(upper.place.intersected(lower.place).translated(0, bandTop(form, upper.band)));
            }
        }
    }
    return found;
}

} // namespace

void paintOverlaps(QPainter &painter, const BoardScene &scene)
{
    if (scene.drag || scene.preview) {
        return;
    }
    QColor hatch = panelColours(scene.appearance.theme()).alarm;
    hatch.setAlpha(120);
    const QList<QRect> overlaps = overlapsOf(scene.inSight(scene.shownForm()));
    for (const QRect &place : overlaps) {
        painter.fillRect(scene.toViewport(place), QBrush(hatch, Qt::BDiagPattern));
    }
}

} // namespace nabblet
