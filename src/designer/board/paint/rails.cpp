#include "designer/board/paint/board_marks.h"

#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

void paintLevelRails(QPainter &painter, const BoardScene &scene, const QList<RailId> &ridden)
{
    const Form &form = scene.shownForm();
    QColor line = panelColours(scene.appearance.theme()).rail;
    QSet<RailId> inUse;
    for (const Control &control : form.controls) {
        inUse += {control.rides.top, control.rides.bottom};
    }
    const int body = bandTop(form, BandRole::Body);
    for (const Rail &rail : form.levelRails) {
        const bool isMeant = ridden.contains(rail.id) || scene.selection.rail() == rail.id;
        const bool isRidden = inUse.contains(rail.id);
        const QRect shown = scene.toViewport(QRect(0, body + rail.position, form.width, 1))
                                .intersected(QRect(QPoint(0, 0), scene.size));
        line.setAlpha(isMeant ? 255 : isRidden ? 150 : 45);
        painter.fillRect(QRect(shown.x(), shown.y(), shown.width(), isMeant && isRidden ? 2 : 1), line);
    }
}

} // namespace

void paintRails(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    QColor line = panelColours(scene.appearance.theme()).rail;
    const QList<RailId> ridden = railsRidden(form, scene.selection.controls());
    QHash<RailId, int> riddenIn; // by rail: a bit for each band in which edges ride it
    for (const Rail &rail : form.rails) {
        riddenIn.insert(rail.id, 0);
    }
    RailId last = FixedRail::None;
    BandRole lastBand = BandRole::Body;
    for (const Control &control : form.controls) {
        for (const RailId id : {control.rides.left, control.rides.right}) {
            if (id < FixedRail::FirstFree || (id == last && control.band == lastBand)) {
                continue; // mostly, neighbours ride the same
            }
            last = id;
            lastBand = control.band;
            riddenIn[id] |= 1 << static_cast<int>(control.band);
        }
    }
    const QRect seen = QRect(QPoint(0, 0), scene.size);
    for (const Rail &rail : form.rails) {
        const bool isMeant = ridden.contains(rail.id) || scene.selection.rail() == rail.id;
        for (const Band &band : form.bands) {
            // Plain where edges ride it, faint where it only passes through; strong where the selection rides it.
            const bool isRidden = (riddenIn.value(rail.id) & (1 << static_cast<int>(band.role))) != 0;
            const QRect shown =
                scene.toViewport(QRect(rail.position, bandTop(form, band.role), 1, band.height)).intersected(seen);
            if (!shown.isEmpty()) {
                line.setAlpha(isMeant ? 255 : isRidden ? 150 : 45);
                painter.fillRect(QRect(shown.x(), shown.y(), isMeant && isRidden ? 2 : 1, shown.height()), line);
            }
        }
    }
    paintLevelRails(painter, scene, ridden);
    if (scene.selection.rail() == FixedRail::None) {
        return;
    }
    // What rides the selected rail.
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(panelColours(scene.appearance.theme()).rail, 1));
    for (const Control &control : form.controls) {
        const bool isOnIt = std::any_of(RideEdges.begin(), RideEdges.end(),
                                        [&](const auto edge) { return control.rides.*edge == scene.selection.rail(); });
        if (isOnIt) {
            painter.drawRect(scene.toViewport(placeOnForm(form, control)).adjusted(-2, -2, 1, 1));
        }
    }
}

} // namespace nabblet
