// How the board is drawn; what it listens to is in board.cpp.
#include "designer/board.h"
#include "designer/board_measures.h"
#include "entry/form_painter.h"
#include "entry/picture_painter.h"
#include "entry/theme.h"

#include <QPaintEvent>
#include <QPainter>

#include <algorithm>

namespace nabblet {

namespace {

QString bandTitle(BandRole role)
{
    switch (role) {
    case BandRole::Header:
        return Board::tr("HEADER");
    case BandRole::Body:
        return Board::tr("BODY");
    case BandRole::Footer:
        return Board::tr("FOOTER");
    }
    return {};
}

} // namespace

void Board::paintForm(QPainter &painter) const
{
    const Form form = shownForm();
    for (const Band &band : form.bands) {
        paintBand(painter, band.role, QRect(0, bandTop(form, band.role), form.width, band.height), m_appearance);
    }
    for (const Control &control : form.controls) {
        paintControlWithRows(painter, control, shownOf(control), m_showsValues ? m_session : nullptr,
                             QPoint(0, bandTop(form, control.band)), m_appearance);
    }
}

void Board::paintEvent(QPaintEvent *event)
{
    QPainter painter(viewport());
    const PanelColours &colours = panelColours(m_appearance.theme());
    const Form form = shownForm();
    painter.fillRect(event->rect(), colours.board);
    const QPoint origin = toViewport(QPoint(0, 0));
    const QRect exposed = event->region().boundingRect().translated(-origin);

    painter.save();
    painter.translate(origin);
    for (const Band &band : form.bands) {
        paintBand(painter, band.role, QRect(0, bandTop(form, band.role), form.width, band.height), m_appearance);
    }
    paintGrid(painter, form, exposed);
    paintRails(painter, form);
    m_painted = 0;
    for (const Control &control : form.controls) {
        const QRect place = placeOnForm(form, control);
        const QRect inViewport = place.translated(origin);
        if (event->region().intersects(inViewport)) {
            paintControlWithRows(painter, control, shownOf(control), m_showsValues ? m_session : nullptr,
                                 QPoint(0, place.y() - control.place.y()), m_appearance);
            ++m_painted;
        }
    }
    painter.setPen(colours.panelLine);
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRect(-1, -1, form.width + 1, formHeight(form) + 1));
    paintSelection(painter, form);
    if (m_drag && m_drag->isBox && m_drag->isMoving) {
        const bool isRightwards = m_drag->now.x() >= m_drag->start.x();
        QColor tint = colours.accent;
        tint.setAlpha(28);
        painter.setBrush(tint);
        painter.setPen(QPen(colours.accent, 1, isRightwards ? Qt::SolidLine : Qt::DashLine));
        painter.drawRect(QRect(m_drag->start, m_drag->now).normalized());
    }
    painter.restore();
    paintSpine(painter, form);
    paintRuler(painter, form);
}

void Board::paintGrid(QPainter &painter, const Form &form, const QRect &exposed)
{
    if (form.grid.marks == GridMarks::None) {
        return;
    }
    const int pitch = form.grid.pitch;
    const QRect area = exposed.intersected(QRect(0, 0, form.width, formHeight(form)));
    if (area.isEmpty() || pitch < 4) {
        return;
    }
    // One tile of the grid, repeated; each band starts it anew, since places count from the band's corner.
    QPixmap tile(pitch, pitch);
    tile.fill(Qt::transparent);
    {
        QPainter tilePainter(&tile);
        QColor mark = panelColours(m_appearance.theme()).gridMark;
        tilePainter.setPen(mark);
        if (form.grid.marks == GridMarks::Dots) {
            tilePainter.drawPoint(0, 0);
        } else {
            mark.setAlpha(90);
            tilePainter.setPen(mark);
            tilePainter.drawLine(0, 0, pitch - 1, 0);
            tilePainter.drawLine(0, 0, 0, pitch - 1);
        }
    }
    for (const Band &band : form.bands) {
        const int top = bandTop(form, band.role);
        const QRect part = area.intersected(QRect(0, top, form.width, band.height));
        if (!part.isEmpty()) {
            const QPoint offset(part.x() % pitch, (part.y() - top) % pitch);
            painter.drawTiledPixmap(part, tile, offset);
        }
    }
}

void Board::paintRails(QPainter &painter, const Form &form)
{
    QColor line = panelColours(m_appearance.theme()).rail;
    for (const Rail &rail : form.rails) {
        for (const Band &band : form.bands) {
            // Plain where edges ride it, faint where it only passes through.
            const bool isRidden = std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
                return control.band == band.role && (control.rides.left == rail.id || control.rides.right == rail.id);
            });
            line.setAlpha(isRidden ? 170 : 45);
            painter.setPen(line);
            const int top = bandTop(form, band.role);
            painter.drawLine(rail.position, top, rail.position, top + band.height - 1);
        }
    }
}

void Board::paintSelection(QPainter &painter, const Form &form)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const bool isDragging = m_drag && m_drag->isMoving && !m_drag->isBox;
    for (const ControlId id : m_selection.controls()) {
        const Control *control = form.controls.find(id);
        if (!control) {
            continue;
        }
        const QRect place = placeOnForm(form, *control);
        const bool isLead = id == m_selection.lead();
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(colours.accent, isLead ? 2 : 1, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
        painter.drawRect(isLead ? place.adjusted(-1, -1, 1, 1) : place.adjusted(-2, -2, 1, 1));
        if (!isLead || isDragging) {
            continue;
        }
        if (control->kind != QLatin1String("caption")) {
            painter.setRenderHint(QPainter::Antialiasing);
            painter.setPen(QPen(colours.accent, 1.4));
            painter.setBrush(m_appearance.colour(Ink::FieldFill));
            for (const Edges edges : handlesOf(place)) {
                painter.drawEllipse(QRectF(handleRect(place, edges)).adjusted(0.5, 0.5, -0.5, -0.5));
            }
            painter.setRenderHint(QPainter::Antialiasing, false);
        }
        // The lead's tag names it, and says so where others follow it.
        const QString name = control->column.isEmpty() ? control->name : control->column;
        const QString tag = m_selection.controls().size() > 1 ? tr("%1 · lead").arg(name) : name;
        QFont font = m_appearance.font(TextRole::Note);
        painter.setFont(font);
        const QFontMetrics metrics(font);
        QRect label(0, 0, metrics.horizontalAdvance(tag) + 10, metrics.height() + 1);
        // Behind the box, where it covers nothing; where something stands there, above its right end, where the box
        // above seldom has words.
        label.moveTo(rightOf(place) + 10, place.y() + (std::min(place.height(), 24) - label.height()) / 2);
        const bool isCovering = std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &other) {
            return placeOnForm(form, other).intersects(label);
        });
        if (isCovering || rightOf(label) > form.width) {
            label.moveTo(rightOf(place) + 2 - label.width(), place.y() - label.height() + 2);
        }
        painter.fillRect(label, colours.accent);
        painter.setPen(colours.accentText);
        painter.drawText(label, Qt::AlignCenter, tag);
    }
}

void Board::paintRuler(QPainter &painter, const Form &form)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QRect strip(0, 0, viewport()->width(), RulerHeight);
    painter.fillRect(strip, colours.panel);
    painter.setPen(colours.panelLine);
    painter.drawLine(0, RulerHeight - 1, strip.width(), RulerHeight - 1);
    QFont font = m_appearance.font(TextRole::Note);
    font.setPointSizeF(std::max(6.5, font.pointSizeF() * 0.86));
    painter.setFont(font);
    const int origin = toViewport(QPoint(0, 0)).x();
    const int pitch = std::max(4, form.grid.pitch);
    for (int x = 0; x <= form.width; x += pitch) {
        const int at = origin + x;
        const bool isMajor = (x / pitch) % 10 == 0;
        painter.setPen(colours.faintText);
        painter.drawLine(at, RulerHeight - (isMajor ? 7 : 4), at, RulerHeight - 2);
        const bool isUnderKnob =
            std::any_of(form.rails.begin(), form.rails.end(),
                        [&](const Rail &rail) { return rail.position > x - KnobRadius && rail.position < x + 30; }) ||
            std::abs(form.width - x) < 30;
        if (isMajor && !isUnderKnob) {
            painter.drawText(QRect(at + 3, 2, 60, RulerHeight - 10), Qt::AlignLeft | Qt::AlignVCenter,
                             QString::number(x));
        }
    }
    painter.setRenderHint(QPainter::Antialiasing);
    const auto knob = [&](RailId rail, const QString &letter) {
        const QPoint centre = railKnob(rail);
        painter.setPen(QPen(colours.panel, 1.5));
        painter.setBrush(colours.rail);
        painter.drawEllipse(QPointF(centre) + QPointF(0.5, 0.5), KnobRadius, KnobRadius);
        painter.drawPolygon(
            QPolygonF({QPointF(centre.x() - 2.5, RulerHeight - 4.5), QPointF(centre.x() + 3.5, RulerHeight - 4.5),
                       QPointF(centre.x() + 0.5, RulerHeight)}));
        painter.setPen(Qt::white);
        painter.drawText(
            QRect(centre.x() - KnobRadius, centre.y() - KnobRadius, 2 * KnobRadius + 1, 2 * KnobRadius + 1),
            Qt::AlignCenter, letter);
    };
    for (const Rail &rail : form.rails) {
        knob(rail.id, rail.isAutomatic ? tr("A", "sign of an automatic rail") : QString());
    }
    knob(FixedRail::FormRight, QString());
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void Board::paintSpine(QPainter &painter, const Form &form)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    painter.fillRect(QRect(0, RulerHeight, SpineWidth + 8, viewport()->height()), colours.board);
    const int origin = toViewport(QPoint(0, 0)).y();
    QFont font = m_appearance.font(TextRole::Note);
    font.setPointSizeF(std::max(6.5, font.pointSizeF() * 0.86));
    font.setLetterSpacing(QFont::AbsoluteSpacing, 1);
    painter.setFont(font);
    for (const Band &band : form.bands) {
        const QRect label(4, origin + bandTop(form, band.role), SpineWidth - 4, band.height - 1);
        const QRect seen = label.intersected(QRect(0, RulerHeight, SpineWidth, viewport()->height() - RulerHeight));
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(colours.bar);
        painter.drawRoundedRect(label, 3, 3);
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.save();
        painter.translate(label.center().x() + 1, seen.center().y());
        painter.rotate(-90);
        painter.setPen(colours.barText);
        const QString title = bandTitle(band.role);
        if (QFontMetrics(font).horizontalAdvance(title) < seen.height()) {
            painter.drawText(QRect(-100, -10, 200, 20), Qt::AlignCenter, title);
        }
        painter.restore();
        // The edge by which the band is resized.
        const int edge = origin + bandTop(form, band.role) + band.height;
        const int middle = toViewport(QPoint(form.width / 2, 0)).x();
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(colours.faintText);
        painter.drawRoundedRect(QRect(middle - 20, edge - 2, 40, 4), 2, 2);
        painter.setRenderHint(QPainter::Antialiasing, false);
    }
}

} // namespace nabblet
