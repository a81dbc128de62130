#include "designer/board/paint/board_marks.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rows.h"
#include "core/text/tr.h"
#include "designer/board/scene/mark_places.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

// The lead's tag names it, and says so where others follow it.
void paintLeadTag(QPainter &painter, const BoardScene &scene, const Control &lead, const QRect &place)
{
    const Form &form = scene.shownForm();
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const QString name = lead.column.isEmpty() ? lead.name : lead.column;
    const QString tag = scene.selection.controls().size() > 1 ? Texts::tr("%1 · lead").arg(name) : name;
    const QFont font = scene.appearance.font(TextRole::Note);
    painter.setFont(font);
    const QFontMetrics metrics(font);
    QRect label(0, 0, metrics.horizontalAdvance(tag) + 10, metrics.height() + 1);
    // Behind the box, where it covers nothing; where something stands there, above its right end, where the box above
    // seldom has words.
    label.moveTo(rightOf(place) + 10, place.y() + (std::min(place.height(), 24) - label.height()) / 2);
    const bool isCovering = std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &other) {
        return !holdsOthers(other) && scene.toViewport(placeOnForm(form, other)).intersects(label);
    });
    if (isCovering || rightOf(label) > scene.toViewport(QPoint(form.width, 0)).x()) {
        label.moveTo(rightOf(place) + 2 - label.width(), place.y() - label.height() + 2);
    }
    painter.fillRect(label, colours.accent);
    painter.setPen(colours.accentText);
    painter.drawText(label, Qt::AlignCenter, tag);
}

} // namespace

void paintSelection(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const bool isDragging = scene.drag && scene.drag->isMoving && !scene.drag->isBox;
    painter.setBrush(Qt::NoBrush);
    if (scene.selection.band() && !isDragging) {
        // A band is framed on the inside, so that it cannot be taken for a control or for the form.
        const Band *band = findBand(form, *scene.selection.band());
        if (band) {
            painter.setPen(QPen(colours.accent, 2, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
            painter.drawRect(
                scene.toViewport(QRect(0, bandTop(form, band->role), form.width, band->height)).adjusted(1, 1, -1, -1));
        }
        return;
    }
    const QList<ControlId> &shown = isDragging && scene.drag->isCopy ? scene.drag->moving : scene.selection.controls();
    const ControlId leadId = shown.isEmpty() ? 0 : shown.last();
    const Control *lead = nullptr;
    const QRect seen = QRect(QPoint(0, 0), scene.size).adjusted(-4, -4, 4, 4);
    for (const ControlId id : shown) {
        const Control *found = form.controls.find(id);
        if (!found) {
            continue;
        }
        const Control &control = *found;
        const QRect place = scene.toViewport(placeOnForm(form, control));
        if (!seen.intersects(place) && id != leadId) {
            continue;
        }
        const bool isLead = control.id == leadId;
        painter.setPen(QPen(colours.accent, isLead ? 2 : 1, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
        painter.drawRect(isLead ? place.adjusted(-1, -1, 1, 1) : place.adjusted(-2, -2, 1, 1));
        lead = isLead ? &control : lead;
    }
    if (!lead || isDragging || scene.preview) {
        return;
    }
    const QRect place = scene.toViewport(placeOnForm(form, *lead));
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colours.accent, 1.4));
    painter.setBrush(scene.appearance.colour(Ink::FieldFill));
    if (lead->kind != QLatin1String("caption")) {
        for (const Edges edges : handlesOf(place)) {
            painter.drawEllipse(QRectF(handleRect(place, edges)).adjusted(0.5, 0.5, -0.5, -0.5));
        }
    }
    if (const QRect handle = captionHandle(scene); !handle.isNull()) {
        painter.drawEllipse(QRectF(handle).adjusted(0.5, 0.5, -0.5, -0.5));
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
    paintHolds(painter, scene);
    paintLeadTag(painter, scene, *lead, place);
}

} // namespace nabblet
