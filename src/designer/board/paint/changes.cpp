#include "designer/board/paint/board_marks.h"

#include "core/arrange/edges.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/window_size.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <QSet>

namespace nabblet {

// What a preview, or a drop that makes others give way, moves: where it stood, dashed.
void paintChanges(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    if (!scene.preview && !(scene.dragged && scene.drag && !scene.drag->isCopy)) {
        return;
    }
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const Form &before = scene.form();
    painter.setPen(QPen(colours.faintText, 1, Qt::DotLine));
    painter.setBrush(Qt::NoBrush);
    const QList<ControlId> &listed = scene.drag ? scene.drag->moving : scene.selection.controls();
    const QSet<ControlId> moving(listed.begin(), listed.end());
    int drawn = 0;
    for (int i = 0; i < before.controls.size() && drawn < 400; ++i) {
        const bool isShared = i < form.controls.size() && form.controls.sharesWith(before.controls, i);
        if (isShared) {
            continue;
        }
        const Control &old = before.controls.at(i);
        const Control *now = form.controls.find(old.id);
        const bool isMoved = !now || now->place != old.place || now->band != old.band;
        if (isMoved && (scene.preview || !moving.contains(old.captionFor != 0 ? old.captionFor : old.id))) {
            painter.drawRect(scene.toViewport(placeOnForm(before, old)).adjusted(0, 0, -1, -1));
            ++drawn;
        }
    }
    if (!scene.preview) {
        return;
    }
    // What is new, or stands elsewhere, in the colour of selection.
    QColor tint = colours.accent;
    tint.setAlpha(36);
    painter.setPen(QPen(colours.accent, 1));
    painter.setBrush(tint);
    drawn = 0;
    for (const Control &now : form.controls) {
        const Control *old = before.controls.find(now.id);
        const bool isMoved = !old || old->place != now.place || old->band != now.band;
        if (isMoved && now.kind != QLatin1String("caption") && drawn < 400) {
            painter.drawRect(scene.toViewport(placeOnForm(form, now)).adjusted(-1, -1, 0, 0));
            ++drawn;
        }
    }
}

// In a window of another size: what stretches, what moves, and what runs into something.
void paintTrial(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    if (!scene.trial) {
        return;
    }
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const SizeReport report = sizeReport(scene.form(), scene.trialSize);
    painter.setBrush(Qt::NoBrush);
    const Form inSight = scene.inSight(form);
    for (const Control &control : inSight.controls) {
        const bool isClashing = report.clashing.contains(control.id);
        const bool isStretching = report.stretching.contains(control.id);
        const bool isMoving = report.moving.contains(control.id) && control.kind != QLatin1String("caption");
        if (!isClashing && !isStretching && !isMoving) {
            continue;
        }
        painter.setPen(QPen(isClashing ? colours.alarm : colours.accent, isClashing ? 2 : 1,
                            isClashing || isStretching ? Qt::SolidLine : Qt::DashLine));
        painter.drawRect(scene.toViewport(placeOnForm(form, control)).adjusted(-2, -2, 1, 1));
    }
}

} // namespace nabblet
