#include "designer/board/paint/board_marks.h"

#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_measures.h"
#include "designer/board/scene/mark_places.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

// The distance of a ruler's small marks in its unit's own steps, so that they stand at least 5 px apart, and every how
// many of them one carries a number.
struct RulerSteps
{
    double small = 8; // px on the form
    int numbered = 10;
    double unit = 1; // px of one unit
    int decimals = 0;
};

RulerSteps rulerSteps(Unit unit, int pitch, double scale)
{
    RulerSteps steps;
    const auto choose = [&](std::initializer_list<double> smalls, double one) {
        steps.unit = one;
        for (const double each : smalls) {
            steps.small = each * one;
            if (steps.small * scale >= 5) {
                break;
            }
        }
    };
    switch (unit) {
    case Unit::Pixels:
        choose({1.0 * pitch, 2.0 * pitch, 5.0 * pitch, 10.0 * pitch}, 1);
        steps.numbered = 10;
        break;
    case Unit::GridSteps:
        choose({1, 2, 5, 10}, std::max(1, pitch));
        steps.numbered = 10;
        break;
    case Unit::Millimetres:
        choose({1, 2, 5, 10, 20, 50}, pixelsOf(unit, pitch));
        steps.numbered = 10;
        break;
    case Unit::Inches:
        choose({0.125, 0.25, 0.5, 1, 2}, pixelsOf(unit, pitch));
        steps.numbered = 8;
        steps.decimals = steps.small * 8 < steps.unit ? 1 : 0;
        break;
    }
    return steps;
}

void paintKnob(QPainter &painter, const BoardScene &scene, const Rail &rail, bool isLevel)
{
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const QPoint centre = railKnob(scene, rail.id);
    const bool isMeant = scene.selection.rail() == rail.id && rail.id != FixedRail::FormRight;
    painter.setPen(QPen(isMeant ? colours.accent : colours.panel, isMeant ? 2.5 : 1.5));
    painter.setBrush(colours.rail);
    painter.drawEllipse(QPointF(centre) + QPointF(0.5, 0.5), KnobRadius, KnobRadius);
    painter.setPen(Qt::NoPen);
    // The tip on the line itself.
    const double tip = isLevel ? LeftSide : RulerHeight;
    QPolygonF arrow;
    for (const QPointF &corner : {QPointF(-3, tip - 4.5), QPointF(3, tip - 4.5), QPointF(0, tip)}) {
        const double along = (isLevel ? centre.y() : centre.x()) + 0.5 + corner.x();
        arrow.append(isLevel ? QPointF(corner.y(), along) : QPointF(along, corner.y()));
    }
    painter.drawPolygon(arrow);
    const QString letter = rail.isAutomatic           ? Texts::tr("A", "sign of an automatic rail")
                           : rail.hold == Hold::Share ? QStringLiteral("%")
                           : rail.hold == Hold::Start ? QString()
                           : isLevel                  ? QStringLiteral("⌄")
                                                      : QStringLiteral("›");
    painter.setPen(Qt::white);
    painter.drawText(QRect(centre.x() - KnobRadius, centre.y() - KnobRadius, 2 * KnobRadius + 1, 2 * KnobRadius + 1),
                     Qt::AlignCenter, letter);
}

} // namespace

void paintRuler(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const QRect strip(0, 0, scene.size.width(), RulerHeight);
    painter.fillRect(strip, colours.panel);
    // Where the selection stands is tinted.
    const int origin = scene.toViewport(QPoint(0, 0)).x();
    QRect extent;
    for (const ControlId id : scene.selection.controls().mid(0, 200)) {
        extent = extent.united(scene.viewportRectOf(id));
    }
    if (!extent.isNull()) {
        painter.fillRect(QRect(extent.x(), RulerHeight - 8, extent.width(), 7), colours.accentTint);
    }
    painter.setPen(colours.panelLine);
    painter.drawLine(0, RulerHeight - 1, strip.width(), RulerHeight - 1);
    painter.setFont(rulerFont(scene.appearance));
    const double scale = scene.zoom / 100.0;
    const RulerSteps steps = rulerSteps(scene.unit, form.grid.pitch, scale);
    const QFontMetrics metrics(rulerFont(scene.appearance));
    int lastEnd = -100;
    for (int i = 0; i * steps.small <= form.width; ++i) {
        const double x = i * steps.small;
        const int at = origin + static_cast<int>(std::lround(x * scale));
        const bool isMajor = i % steps.numbered == 0;
        painter.setPen(colours.faintText);
        painter.drawLine(at, RulerHeight - (isMajor ? 7 : 4), at, RulerHeight - 2);
        if (!isMajor) {
            continue;
        }
        const QString number = QString::number(x / steps.unit, 'f', steps.decimals);
        const int end = at + 4 + metrics.horizontalAdvance(number);
        const bool isUnderKnob = std::any_of(form.rails.begin(), form.rails.end(),
                                             [&](const Rail &rail) {
                                                 const int knob = railKnob(scene, rail.id).x();
                                                 return knob + KnobRadius > at && knob - KnobRadius < end;
                                             }) ||
                                 scene.toViewport(QPoint(form.width, 0)).x() - KnobRadius < end;
        if (!isUnderKnob && at > lastEnd + 4) {
            painter.drawText(QRect(at + 3, 2, 60, RulerHeight - 10), Qt::AlignLeft | Qt::AlignVCenter, number);
            lastEnd = end;
        }
    }
    painter.setRenderHint(QPainter::Antialiasing);
    const QList<RailId> ridden = railsRidden(form, scene.selection.controls());
    for (const Rail &rail : form.rails) {
        paintKnob(painter, scene, rail, false);
    }
    Rail edge;
    edge.id = FixedRail::FormRight;
    paintKnob(painter, scene, edge, false);
    painter.setRenderHint(QPainter::Antialiasing, false);
    // The names of the rails that the selection rides.
    for (const Rail &rail : form.rails) {
        if (!ridden.contains(rail.id) && scene.selection.rail() != rail.id) {
            continue;
        }
        QRect label(railKnob(scene, rail.id).x() + KnobRadius + 3, 3, metrics.horizontalAdvance(rail.name) + 8,
                    RulerHeight - 12);
        painter.fillRect(label, colours.panel);
        painter.setPen(colours.rail);
        painter.drawText(label, Qt::AlignCenter, rail.name);
    }
}

void paintSideRuler(QPainter &painter, const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    const PanelColours &colours = panelColours(scene.appearance.theme());
    const QRect strip(SpineWidth, RulerHeight, SideRulerWidth - 2, scene.size.height());
    painter.fillRect(strip, colours.panel);
    painter.setPen(colours.panelLine);
    painter.drawLine(strip.right(), strip.top(), strip.right(), strip.bottom());
    painter.setFont(rulerFont(scene.appearance));
    const double scale = scene.zoom / 100.0;
    const RulerSteps steps = rulerSteps(scene.unit, form.grid.pitch, scale);
    painter.save();
    painter.setClipRect(strip);
    // Each band counts from its own top edge, as places do.
    for (const Band &band : form.bands) {
        const int top = scene.toViewport(QPoint(0, bandTop(form, band.role))).y();
        // From the first mark in sight to the last.
        const int first = std::max(0, static_cast<int>((RulerHeight - top) / (steps.small * scale)) - 1);
        for (int i = first; i * steps.small < band.height; ++i) {
            const double y = i * steps.small;
            const int at = top + static_cast<int>(std::lround(y * scale));
            if (at > strip.bottom()) {
                break;
            }
            const bool isMajor = i % steps.numbered == 0;
            painter.setPen(i == 0 ? colours.text : colours.faintText);
            painter.drawLine(strip.right() - (isMajor ? 6 : 3), at, strip.right() - 1, at);
            if (isMajor && i > 0) {
                painter.save();
                painter.translate(strip.x() + 8, at + 2);
                painter.rotate(-90);
                painter.drawText(QRect(-60, -7, 58, 12), Qt::AlignRight | Qt::AlignVCenter,
                                 QString::number(y / steps.unit, 'f', steps.decimals));
                painter.restore();
            }
        }
    }
    painter.setRenderHint(QPainter::Antialiasing);
    for (const Rail &rail : form.levelRails) {
        paintKnob(painter, scene, rail, true);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.restore();
}

} // namespace nabblet
