// How the board is drawn: the form with its values, the grid, what is selected. What lies over it is in
// board_marks.cpp.
#include "core/arrange/window_size.h"
#include "designer/board.h"
#include "designer/board_measures.h"
#include "entry/form_painter.h"
#include "entry/picture_painter.h"
#include "entry/theme.h"

#include <QPaintEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>
#include <vector>

namespace nabblet {

void Board::paintForm(QPainter &painter) const
{
    const Form &form = shownForm();
    for (const Band &band : form.bands) {
        paintBand(painter, band.role, QRect(0, bandTop(form, band.role), form.width, band.height), m_appearance);
    }
    for (const nabblet::Control &control : form.controls) {
        paintControlWithRows(painter, control, shownOf(control), m_values == BoardValues::Blank ? nullptr : m_session,
                             QPoint(0, bandTop(form, control.band)), m_appearance);
    }
}

void Board::paintEvent(QPaintEvent *event)
{
    QPainter painter(viewport());
    const PanelColours &colours = panelColours(m_appearance.theme());
    const Form &form = shownForm();
    painter.fillRect(event->rect(), colours.board);
    const QPoint origin = toViewport(QPoint(0, 0));
    const QRect shownRect = event->region().boundingRect();
    const QRect exposed(toForm(shownRect.topLeft()), toForm(shownRect.bottomRight() + QPoint(1, 1)) + QPoint(1, 1));

    painter.save();
    painter.setClipRect(QRect(LeftSide - 2, RulerHeight, viewport()->width(), viewport()->height()));
    painter.translate(origin);
    painter.scale(m_zoom / 100.0, m_zoom / 100.0);
    for (const Band &band : form.bands) {
        paintBand(painter, band.role, QRect(0, bandTop(form, band.role), form.width, band.height), m_appearance);
    }
    painter.restore();
    paintTracing(painter, form);
    paintGrid(painter, form, exposed);
    paintRails(painter, form);
    painter.save();
    painter.setClipRect(QRect(LeftSide - 2, RulerHeight, viewport()->width(), viewport()->height()), Qt::IntersectClip);
    painter.translate(origin);
    painter.scale(m_zoom / 100.0, m_zoom / 100.0);
    m_painted = 0;
    for (const nabblet::Control &control : form.controls) {
        const QRect place = placeOnForm(form, control);
        if (event->region().intersects(toViewport(place).adjusted(-1, -1, 1, 1))) {
            paintControlWithRows(painter, control, shownOf(control),
                                 m_values == BoardValues::Blank ? nullptr : m_session,
                                 QPoint(0, place.y() - control.place.y()), m_appearance);
            ++m_painted;
        }
    }
    painter.restore();
    painter.setPen(colours.panelLine);
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(toViewport(QRect(0, 0, form.width, formHeight(form))).adjusted(-1, -1, 0, 0));
    paintTrial(painter, form);
    paintChanges(painter, form);
    paintSelection(painter, form);
    paintGuides(painter);
    paintPills(painter);
    paintTabOrder(painter, form);
    if (m_drag && m_drag->isBox && m_drag->isMoving) {
        const bool isRightwards = m_drag->now.x() >= m_drag->start.x();
        QColor tint = colours.accent;
        tint.setAlpha(28);
        painter.setBrush(tint);
        painter.setPen(QPen(colours.accent, 1, isRightwards ? Qt::SolidLine : Qt::DashLine));
        painter.drawRect(toViewport(QRect(m_drag->start, m_drag->now).normalized()));
    }
    paintSpine(painter, form);
    paintSideRuler(painter, form);
    paintRuler(painter, form);
}

void Board::paintTracing(QPainter &painter, const Form &form)
{
    if (form.tracing.file != m_tracingFile) {
        m_tracingFile = form.tracing.file;
        m_tracing = m_tracingFile.isEmpty() ? QPixmap() : QPixmap(m_tracingFile);
    }
    if (m_tracing.isNull()) {
        return;
    }
    const QSize size = m_tracing.size() * form.tracing.percent / 100;
    painter.save();
    painter.setClipRect(toViewport(QRect(0, 0, form.width, formHeight(form))));
    painter.setOpacity(form.tracing.strength / 100.0);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawPixmap(toViewport(QRect(form.tracing.at, size)), m_tracing);
    painter.restore();
}

// The grid's marks stand at least this far apart on the screen; with a finer grid, only every second, fifth, … shows.
void Board::paintGrid(QPainter &painter, const Form &form, const QRect &exposed)
{
    constexpr double LeastApart = 6;
    constexpr int Major = 10; // every tenth mark stands out
    if (form.grid.marks == GridMarks::None) {
        return;
    }
    const QRect area = exposed.intersected(QRect(0, 0, form.width, formHeight(form)));
    if (area.isEmpty()) {
        return;
    }
    const double scale = m_zoom / 100.0;
    int step = std::max(1, form.grid.pitch);
    for (const int factor : {1, 2, 5, 10, 20, 50, 100}) {
        step = std::max(1, form.grid.pitch) * factor;
        if (step * scale >= LeastApart) {
            break;
        }
    }
    QColor minor = panelColours(m_appearance.theme()).gridMark;
    QColor major = panelColours(m_appearance.theme()).faintText;
    const bool isDots = form.grid.marks == GridMarks::Dots;
    major.setAlpha(isDots ? 190 : 70);
    std::vector<QPoint> minorDots;
    std::vector<QPoint> majorDots;
    QList<QLine> minorLines;
    QList<QLine> majorLines;
    for (const Band &band : form.bands) {
        const int top = bandTop(form, band.role);
        const QRect part = area.intersected(QRect(0, top, form.width, band.height));
        if (part.isEmpty()) {
            continue;
        }
        const int firstX = part.x() / step * step;
        const int firstY = (part.y() - top) / step * step;
        if (isDots) {
            for (int y = firstY; y < part.y() - top + part.height(); y += step) {
                for (int x = firstX; x < part.x() + part.width(); x += step) {
                    const bool isMajor = x % (step * Major) == 0 && y % (step * Major) == 0;
                    (isMajor ? majorDots : minorDots).push_back(toViewport(QPoint(x, y + top)));
                }
            }
            continue;
        }
        const QRect shown = toViewport(part);
        for (int y = firstY; y < part.y() - top + part.height(); y += step) {
            const int at = toViewport(QPoint(0, y + top)).y();
            (y % (step * Major) == 0 ? majorLines : minorLines).append(QLine(shown.left(), at, shown.right(), at));
        }
        for (int x = firstX; x < part.x() + part.width(); x += step) {
            const int at = toViewport(QPoint(x, 0)).x();
            (x % (step * Major) == 0 ? majorLines : minorLines).append(QLine(at, shown.top(), at, shown.bottom()));
        }
    }
    if (!isDots) {
        minor.setAlpha(90);
    }
    painter.setPen(minor);
    painter.drawPoints(minorDots.data(), static_cast<int>(minorDots.size()));
    painter.drawLines(minorLines);
    painter.setPen(major);
    painter.drawPoints(majorDots.data(), static_cast<int>(majorDots.size()));
    painter.drawLines(majorLines);
}

void Board::paintSelection(QPainter &painter, const Form &form)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const bool isDragging = m_drag && m_drag->isMoving && !m_drag->isBox;
    painter.setBrush(Qt::NoBrush);
    if (m_selection.band() && !isDragging) {
        // A band is framed on the inside, so that it cannot be taken for a control or for the form.
        const Band *band = findBand(form, *m_selection.band());
        if (band) {
            painter.setPen(QPen(colours.accent, 2, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
            painter.drawRect(
                toViewport(QRect(0, bandTop(form, band->role), form.width, band->height)).adjusted(1, 1, -1, -1));
        }
        return;
    }
    const QList<ControlId> &shown = isDragging && m_drag->isCopy ? m_drag->moving : m_selection.controls();
    const ControlId leadId = shown.isEmpty() ? 0 : shown.last();
    const nabblet::Control *lead = nullptr;
    for (const nabblet::Control &control : form.controls) {
        if (!shown.contains(control.id)) {
            continue;
        }
        const QRect place = toViewport(placeOnForm(form, control));
        const bool isLead = control.id == leadId;
        painter.setPen(QPen(colours.accent, isLead ? 2 : 1, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
        painter.drawRect(isLead ? place.adjusted(-1, -1, 1, 1) : place.adjusted(-2, -2, 1, 1));
        lead = isLead ? &control : lead;
    }
    if (!lead || isDragging || m_preview) {
        return;
    }
    const QRect place = toViewport(placeOnForm(form, *lead));
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colours.accent, 1.4));
    painter.setBrush(m_appearance.colour(Ink::FieldFill));
    if (lead->kind != QLatin1String("caption")) {
        for (const Edges edges : handlesOf(place)) {
            painter.drawEllipse(QRectF(handleRect(place, edges)).adjusted(0.5, 0.5, -0.5, -0.5));
        }
    }
    if (const QRect handle = captionHandle(); !handle.isNull()) {
        painter.drawEllipse(QRectF(handle).adjusted(0.5, 0.5, -0.5, -0.5));
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
    paintLeadTag(painter, form, *lead, place);
}

// The lead's tag names it, and says so where others follow it.
void Board::paintLeadTag(QPainter &painter, const Form &form, const nabblet::Control &lead, const QRect &place)
{
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QString name = lead.column.isEmpty() ? lead.name : lead.column;
    const QString tag = m_selection.controls().size() > 1 ? tr("%1 · lead").arg(name) : name;
    const QFont font = m_appearance.font(TextRole::Note);
    painter.setFont(font);
    const QFontMetrics metrics(font);
    QRect label(0, 0, metrics.horizontalAdvance(tag) + 10, metrics.height() + 1);
    // Behind the box, where it covers nothing; where something stands there, above its right end, where the box above
    // seldom has words.
    label.moveTo(rightOf(place) + 10, place.y() + (std::min(place.height(), 24) - label.height()) / 2);
    const bool isCovering = std::any_of(form.controls.begin(), form.controls.end(), [&](const nabblet::Control &other) {
        return toViewport(placeOnForm(form, other)).intersects(label);
    });
    if (isCovering || rightOf(label) > toViewport(QPoint(form.width, 0)).x()) {
        label.moveTo(rightOf(place) + 2 - label.width(), place.y() - label.height() + 2);
    }
    painter.fillRect(label, colours.accent);
    painter.setPen(colours.accentText);
    painter.drawText(label, Qt::AlignCenter, tag);
}

// What a preview, or a drop that makes others give way, moves: where it stood, dashed.
void Board::paintChanges(QPainter &painter, const Form &form)
{
    if (!m_preview && !(m_dragged && m_drag && !m_drag->isCopy)) {
        return;
    }
    const PanelColours &colours = panelColours(m_appearance.theme());
    const Form &before = m_document->form();
    painter.setPen(QPen(colours.faintText, 1, Qt::DotLine));
    painter.setBrush(Qt::NoBrush);
    const QList<ControlId> &moving = m_drag ? m_drag->moving : m_selection.controls();
    int drawn = 0;
    for (int i = 0; i < before.controls.size() && drawn < 400; ++i) {
        const bool isShared = i < form.controls.size() && form.controls.sharesWith(before.controls, i);
        if (isShared) {
            continue;
        }
        const nabblet::Control &old = before.controls.at(i);
        const nabblet::Control *now = form.controls.find(old.id);
        const bool isMoved = !now || now->place != old.place || now->band != old.band;
        if (isMoved && (m_preview || !moving.contains(old.captionFor != 0 ? old.captionFor : old.id))) {
            painter.drawRect(toViewport(placeOnForm(before, old)).adjusted(0, 0, -1, -1));
            ++drawn;
        }
    }
    if (!m_preview) {
        return;
    }
    // What is new, or stands elsewhere, in the colour of selection.
    QColor tint = colours.accent;
    tint.setAlpha(36);
    painter.setPen(QPen(colours.accent, 1));
    painter.setBrush(tint);
    drawn = 0;
    for (const nabblet::Control &now : form.controls) {
        const nabblet::Control *old = before.controls.find(now.id);
        const bool isMoved = !old || old->place != now.place || old->band != now.band;
        if (isMoved && now.kind != QLatin1String("caption") && drawn < 400) {
            painter.drawRect(toViewport(placeOnForm(form, now)).adjusted(-1, -1, 0, 0));
            ++drawn;
        }
    }
}

// At another width: what stretches, what moves, and what runs into something.
void Board::paintTrial(QPainter &painter, const Form &form)
{
    if (!m_trial) {
        return;
    }
    const PanelColours &colours = panelColours(m_appearance.theme());
    const WidthReport report = widthReport(m_document->form(), m_trialWidth);
    painter.setBrush(Qt::NoBrush);
    for (const nabblet::Control &control : form.controls) {
        const bool isClashing = report.clashing.contains(control.id);
        const bool isStretching = report.stretching.contains(control.id);
        const bool isMoving = report.moving.contains(control.id) && control.kind != QLatin1String("caption");
        if (!isClashing && !isStretching && !isMoving) {
            continue;
        }
        painter.setPen(QPen(isClashing ? colours.alarm : colours.accent, isClashing ? 2 : 1,
                            isClashing || isStretching ? Qt::SolidLine : Qt::DashLine));
        painter.drawRect(toViewport(placeOnForm(form, control)).adjusted(-2, -2, 1, 1));
    }
}

} // namespace nabblet
