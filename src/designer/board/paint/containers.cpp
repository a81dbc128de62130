#include "designer/board/paint/board_marks.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rows.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/height_at_work.h"
#include "core/text/tr.h"
#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

// Groups that are not seen at work, the container around the lead, and the one that would take what is dragged.
void paintContainers(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    if (!hasContainers(form)) {
        return;
    }
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const QSet<ControlId> behind = behindOtherPages(form, scene.fronts);
    const Control *lead = form.controls.find(scene.selection.lead());
    const bool isDragging = scene.drag && scene.drag->isMoving && scene.drag->target;
    painter.setBrush(Qt::NoBrush);
    for (const Control &control : form.controls) {
        if (!holdsOthers(control) || behind.contains(control.id)) {
            continue;
        }
        QRect place = scene.toViewport(placeOnForm(form, control));
        if (const auto height = heightAtWork(control)) { // what is below it scrolls
            const int y = scene.toViewport(placeOnForm(form, control).topLeft() + QPoint(0, *height)).y();
            painter.setPen(QPen(colours.accent, 1, Qt::DashLine));
            painter.drawLine(place.x(), y, rightOf(place) - 1, y);
            const QString words = Texts::tr("scrolls from here at work");
            painter.setFont(scene.appearance.font(TextRole::Note));
            const QSize size = painter.fontMetrics().size(Qt::TextSingleLine, words) + QSize(8, 2);
            const QRect tag(QPoint(rightOf(place) - size.width() - 4, y - size.height() / 2), size);
            painter.fillRect(tag, scene.appearance.colour(Ink::FieldFill)); // over what it stands on
            painter.drawText(tag, Qt::AlignCenter, words);
        }
        const bool arePanes = kindNamed(control.kind).holds == Holds::Panes;
        const bool isAroundLead = lead && lead->container == control.id;
        const bool isTaking = isDragging && scene.drag->target->container == control.id;
        if (arePanes && (isTaking || isAroundLead || scene.selection.contains(control.id))) {
            // The pane that is meant, not both.
            const int pane = isTaking                      ? scene.drag->target->page
                             : isAroundLead && !isDragging ? lead->page
                                                           : pageToFill(control, scene.fronts);
            const Insets free = insetsOf(control, pane);
            place = scene.toViewport(
                placeOnForm(form, control).adjusted(free.left - 4, free.top - 4, 4 - free.right, 4 - free.bottom));
            if (!isTaking && !isAroundLead) {
                painter.setPen(QPen(colours.accent, 1, Qt::DashLine));
                painter.drawRect(place.adjusted(0, 0, -1, -1));
            }
        }
        const bool isTarget = isDragging && scene.drag->target->container == control.id;
        const bool isAround = lead && !isDragging && lead->container == control.id;
        if (isTarget) {
            QColor tint = colours.accent;
            tint.setAlpha(22);
            painter.fillRect(place, tint);
            painter.setPen(QPen(colours.accent, 2, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
            painter.drawRect(place.adjusted(0, 0, -1, -1));
        } else if (isAround || (kindNamed(control.kind).holds == Holds::Controls && !isFramed(control))) {
            painter.setPen(QPen(isAround ? colours.accent : colours.faintText, 1, Qt::DashLine));
            painter.drawRect(place.adjusted(0, 0, -1, -1));
        }
    }
}

} // namespace nabblet
