// What is drawn around and over the form: rulers and knobs, the spine, rails, guides, gap pills, the tab order.
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/text/band_titles.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"
#include "entry/theme/theme.h"

#include <QHash>
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

QFont rulerFont(const Appearance &appearance)
{
    QFont font = appearance.font(TextRole::Note);
    font.setPointSizeF(std::max(6.5, font.pointSizeF() * 0.86));
    return font;
}

} // namespace

void Board::paintRails(QPainter &painter, const Form &form)
{
    QColor line = panelColours(m_appearance.theme()).rail;
    const QList<RailId> ridden = railsRidden(form, m_selection.controls());
    QHash<RailId, int> riddenIn; // by rail: a bit for each band in which edges ride it
    for (const Rail &rail : form.rails) {
        riddenIn.insert(rail.id, 0);
    }
    RailId last = FixedRail::None;
    BandRole lastBand = BandRole::Body;
    for (const nabblet::Control &control : form.controls) {
        for (const RailId id : {control.rides.left, control.rides.right}) {
            if (id < FixedRail::FirstFree || (id == last && control.band == lastBand)) {
                continue; // mostly, neighbours ride the same
            }
            last = id;
            lastBand = control.band;
            riddenIn[id] |= 1 << static_cast<int>(control.band);
        }
    }
    const QRect seen = viewport()->rect();
    for (const Rail &rail : form.rails) {
        const bool isMeant = ridden.contains(rail.id) || m_selection.rail() == rail.id;
        for (const Band &band : form.bands) {
            // Plain where edges ride it, faint where it only passes through; strong where the selection rides it.
            const bool isRidden = (riddenIn.value(rail.id) & (1 << static_cast<int>(band.role))) != 0;
            const QRect shown =
                toViewport(QRect(rail.position, bandTop(form, band.role), 1, band.height)).intersected(seen);
            if (!shown.isEmpty()) {
                line.setAlpha(isMeant ? 255 : isRidden ? 150 : 45);
                painter.fillRect(QRect(shown.x(), shown.y(), isMeant && isRidden ? 2 : 1, shown.height()), line);
            }
        }
    }
    paintLevelRails(painter, form, ridden);
    if (m_selection.rail() == FixedRail::None) {
        return;
    }
    // What rides the selected rail.
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(panelColours(m_appearance.theme()).rail, 1));
    for (const nabblet::Control &control : form.controls) {
        const bool isOnIt = std::any_of(RideEdges.begin(), RideEdges.end(),
                                        [&](const auto edge) { return control.rides.*edge == m_selection.rail(); });
        if (isOnIt) {
            painter.drawRect(toViewport(placeOnForm(form, control)).adjusted(-2, -2, 1, 1));
        }
    }
}

void Board::paintLevelRails(QPainter &painter, const Form &form, const QList<RailId> &ridden)
{
    QColor line = panelColours(m_appearance.theme()).rail;
    QSet<RailId> inUse;
    for (const nabblet::Control &control : form.controls) {
        inUse += {control.rides.top, control.rides.bottom};
    }
    const int body = bandTop(form, BandRole::Body);
    for (const Rail &rail : form.levelRails) {
        const bool isMeant = ridden.contains(rail.id) || m_selection.rail() == rail.id;
        const bool isRidden = inUse.contains(rail.id);
        const QRect shown = toViewport(QRect(0, body + rail.position, form.width, 1)).intersected(viewport()->rect());
        line.setAlpha(isMeant ? 255 : isRidden ? 150 : 45);
        painter.fillRect(QRect(shown.x(), shown.y(), shown.width(), isMeant && isRidden ? 2 : 1), line);
    }
}

void Board::paintGuides(QPainter &painter)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    for (const SnapGuide &guide : guides()) {
        if (guide.kind == SnapKind::Gap) {
            // An equal gap: a bar across the space, with its size.
            const QRect space = toViewport(guide.space);
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
            paintPill(painter, space.center(), guide.size, false);
            continue;
        }
        const bool isRail = guide.kind == SnapKind::Rail;
        const Qt::PenStyle style = guide.kind == SnapKind::Centre                                     ? Qt::DashDotLine
                                   : guide.kind == SnapKind::Baseline || guide.kind == SnapKind::Size ? Qt::DashLine
                                                                                                      : Qt::SolidLine;
        painter.setPen(QPen(isRail ? colours.rail : colours.accent, isRail ? 2 : 1, style));
        if (guide.orientation == Qt::Vertical) {
            const QPoint from = toViewport(QPoint(guide.position, guide.from));
            painter.drawLine(from.x(), from.y() - 8, from.x(), toViewport(QPoint(0, guide.to)).y() + 8);
        } else {
            const QPoint from = toViewport(QPoint(guide.from, guide.position));
            painter.drawLine(from.x() - 8, from.y(), toViewport(QPoint(guide.to, 0)).x() + 8, from.y());
        }
    }
}

void Board::paintPill(QPainter &painter, QPoint middle, int size, bool isOdd)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QFont font = rulerFont(m_appearance);
    const QString words = sizeNumber(size, m_unit, m_document->form().grid.pitch);
    const QFontMetrics metrics(font);
    QRect pill(0, 0, std::max(18, metrics.horizontalAdvance(words) + 12), metrics.height() + 1);
    pill.moveCenter(middle);
    painter.setFont(font);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(isOdd ? colours.odd : colours.bar);
    painter.drawRoundedRect(pill, pill.height() / 2.0, pill.height() / 2.0);
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setPen(isOdd ? colours.oddText : colours.barText);
    painter.drawText(pill, Qt::AlignCenter, words);
}

void Board::paintPills(QPainter &painter)
{
    if (m_preview || m_trial) {
        return;
    }
    const QRect seen = viewport()->rect();
    for (const Gap &gap : std::as_const(m_pills)) {
        const QRect space = toViewport(gap.space);
        if (seen.intersects(space.adjusted(-20, -20, 20, 20))) {
            paintPill(painter, space.center(), gap.size, gap.isOdd);
        }
    }
}

void Board::paintTabOrder(QPainter &painter, const Form &form)
{
    if (!m_showsTabOrder) {
        return;
    }
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QList<ControlId> order = tabSequence(form);
    // Numbers count all pages; only what is in sight carries one.
    const QSet<ControlId> behind = behindOtherPages(form, m_fronts);
    QPolygon path;
    for (const ControlId id : order) {
        if (!behind.contains(id)) {
            path.append(tabBadge(id).center());
        }
    }
    painter.setRenderHint(QPainter::Antialiasing);
    QColor line = colours.accent;
    line.setAlpha(150);
    painter.setPen(QPen(line, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(path);
    painter.setFont(rulerFont(m_appearance));
    for (int i = 0; i < order.size(); ++i) {
        if (behind.contains(order.at(i))) {
            continue;
        }
        const QRect badge = tabBadge(order.at(i));
        const bool isClicked = m_tabClicked.contains(order.at(i));
        painter.setPen(QPen(isClicked ? colours.accentText : colours.accent, 1));
        painter.setBrush(isClicked ? colours.accent : colours.field);
        painter.drawRoundedRect(QRectF(badge).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
        painter.setPen(isClicked ? colours.accentText : colours.text);
        painter.drawText(badge, Qt::AlignCenter, QString::number(i + 1));
    }
    if (m_drag && m_drag->hit.kind == Hit::TabBadge && m_drag->isMoving) {
        painter.setPen(QPen(colours.accent, 2, Qt::DashLine));
        painter.drawLine(tabBadge(m_drag->hit.control).center(), m_drag->inViewport);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void Board::paintRuler(QPainter &painter, const Form &form)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QRect strip(0, 0, viewport()->width(), RulerHeight);
    painter.fillRect(strip, colours.panel);
    // Where the selection stands is tinted.
    const int origin = toViewport(QPoint(0, 0)).x();
    QRect extent;
    for (const ControlId id : m_selection.controls().mid(0, 200)) {
        extent = extent.united(viewportRectOf(id));
    }
    if (!extent.isNull()) {
        painter.fillRect(QRect(extent.x(), RulerHeight - 8, extent.width(), 7), colours.accentTint);
    }
    painter.setPen(colours.panelLine);
    painter.drawLine(0, RulerHeight - 1, strip.width(), RulerHeight - 1);
    painter.setFont(rulerFont(m_appearance));
    const double scale = m_zoom / 100.0;
    const RulerSteps steps = rulerSteps(m_unit, form.grid.pitch, scale);
    const QFontMetrics metrics(rulerFont(m_appearance));
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
                                                 const int knob = railKnob(rail.id).x();
                                                 return knob + KnobRadius > at && knob - KnobRadius < end;
                                             }) ||
                                 toViewport(QPoint(form.width, 0)).x() - KnobRadius < end;
        if (!isUnderKnob && at > lastEnd + 4) {
            painter.drawText(QRect(at + 3, 2, 60, RulerHeight - 10), Qt::AlignLeft | Qt::AlignVCenter, number);
            lastEnd = end;
        }
    }
    painter.setRenderHint(QPainter::Antialiasing);
    const QList<RailId> ridden = railsRidden(form, m_selection.controls());
    for (const Rail &rail : form.rails) {
        paintKnob(painter, rail, false);
    }
    Rail edge;
    edge.id = FixedRail::FormRight;
    paintKnob(painter, edge, false);
    painter.setRenderHint(QPainter::Antialiasing, false);
    // The names of the rails that the selection rides.
    for (const Rail &rail : form.rails) {
        if (!ridden.contains(rail.id) && m_selection.rail() != rail.id) {
            continue;
        }
        QRect label(railKnob(rail.id).x() + KnobRadius + 3, 3, metrics.horizontalAdvance(rail.name) + 8,
                    RulerHeight - 12);
        painter.fillRect(label, colours.panel);
        painter.setPen(colours.rail);
        painter.drawText(label, Qt::AlignCenter, rail.name);
    }
}

void Board::paintKnob(QPainter &painter, const Rail &rail, bool isLevel)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QPoint centre = railKnob(rail.id);
    const bool isMeant = m_selection.rail() == rail.id && rail.id != FixedRail::FormRight;
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
    const QString letter = rail.isAutomatic           ? tr("A", "sign of an automatic rail")
                           : rail.hold == Hold::Share ? QStringLiteral("%")
                           : rail.hold == Hold::Start ? QString()
                           : isLevel                  ? QStringLiteral("⌄")
                                                      : QStringLiteral("›");
    painter.setPen(Qt::white);
    painter.drawText(QRect(centre.x() - KnobRadius, centre.y() - KnobRadius, 2 * KnobRadius + 1, 2 * KnobRadius + 1),
                     Qt::AlignCenter, letter);
}

void Board::paintSideRuler(QPainter &painter, const Form &form)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QRect strip(SpineWidth, RulerHeight, SideRuler - 2, viewport()->height());
    painter.fillRect(strip, colours.panel);
    painter.setPen(colours.panelLine);
    painter.drawLine(strip.right(), strip.top(), strip.right(), strip.bottom());
    painter.setFont(rulerFont(m_appearance));
    const double scale = m_zoom / 100.0;
    const RulerSteps steps = rulerSteps(m_unit, form.grid.pitch, scale);
    painter.save();
    painter.setClipRect(strip);
    // Each band counts from its own top edge, as places do.
    for (const Band &band : form.bands) {
        const int top = toViewport(QPoint(0, bandTop(form, band.role))).y();
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
        paintKnob(painter, rail, true);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.restore();
}

QRect Board::bandAdder(BandRole role) const
{
    const Form &form = m_document->form();
    const Band *body = findBand(form, BandRole::Body);
    if (!body || findBand(form, role) || isTabular(form)) {
        return {};
    }
    constexpr int Size = 17; // px
    const QRect shown = toViewport(QRect(0, bandTop(form, BandRole::Body), form.width, body->height));
    const int y = role == BandRole::Header ? std::max(shown.y(), RulerHeight) + 3
                                           : std::min(bottomOf(shown), viewport()->height()) - 3 - Size;
    return {3 + (SpineWidth - 5 - Size) / 2, y, Size, Size};
}

void Board::paintSpine(QPainter &painter, const Form &form)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    painter.fillRect(QRect(0, RulerHeight, SpineWidth, viewport()->height()), colours.board);
    QFont font = rulerFont(m_appearance);
    font.setLetterSpacing(QFont::AbsoluteSpacing, 1);
    for (const Band &band : form.bands) {
        const QRect shown = toViewport(QRect(0, bandTop(form, band.role), form.width, band.height));
        const QRect label(3, shown.y(), SpineWidth - 5, shown.height() - 1);
        const QRect seen = label.intersected(QRect(0, RulerHeight, SpineWidth, viewport()->height() - RulerHeight));
        const bool isSelected = m_selection.band() == band.role;
        painter.setFont(font);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(isSelected ? colours.accent : colours.bar);
        painter.drawRoundedRect(label, 3, 3);
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.save();
        const QString title = bandTitle(band.role);
        const int length = QFontMetrics(font).horizontalAdvance(title);
        QRect room = seen;
        for (const BandRole role : {BandRole::Header, BandRole::Footer}) { // a sign there does not share its place
            const QRect adder = band.role == BandRole::Body ? bandAdder(role) : QRect();
            const bool isInTheWay = std::abs(adder.center().y() - seen.center().y()) < (adder.height() + length) / 2;
            if (!adder.isNull() && isInTheWay) {
                role == BandRole::Header ? room.setTop(bottomOf(adder)) : room.setBottom(adder.top() - 1);
            }
        }
        painter.translate(label.center().x() + 1, room.center().y());
        painter.rotate(-90);
        painter.setPen(isSelected ? colours.accentText : colours.barText);
        if (length < room.height()) {
            painter.drawText(QRect(-100, -10, 200, 20), Qt::AlignCenter, title);
        }
        painter.restore();
        // The edge by which the band is resized.
        const int edge = shown.y() + shown.height();
        const int middle = shown.center().x();
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(colours.faintText);
        painter.drawRoundedRect(QRect(middle - 20, edge - 2, 40, 4), 2, 2);
        painter.setRenderHint(QPainter::Antialiasing, false);
    }
    // A quiet sign where a header or footer can be added.
    for (const BandRole role : {BandRole::Header, BandRole::Footer}) {
        if (const QRect adder = bandAdder(role); !adder.isNull() && !m_drag && !m_preview && !m_trial) {
            QColor ink = m_selection.band() == BandRole::Body ? colours.accentText : colours.barText;
            ink.setAlpha(190);
            painter.setPen(QPen(ink, 1.4));
            const QPoint centre = adder.center();
            painter.drawLine(centre - QPoint(4, 0), centre + QPoint(4, 0));
            painter.drawLine(centre - QPoint(0, 4), centre + QPoint(0, 4));
        }
    }
}

} // namespace nabblet
