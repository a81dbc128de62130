// How the board is drawn: the form with its values, the grid, what is selected. What lies over it is in
// board_marks.cpp.
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/windows/window_size.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"
#include "entry/paint/form_painter.h"
#include "entry/paint/picture_painter.h"
#include "entry/theme/theme.h"

#include <QPaintEvent>
#include <QPainter>
#include <QSet>

#include <algorithm>
#include <cmath>
#include <vector>

namespace nabblet {

void Board::paintForm(QPainter &painter) const
{
    const Form &form = shownForm();
    for (const Band &band : form.bands) {
        paintBand(painter, band.role, band.tone, QRect(0, bandTop(form, band.role), form.width, band.height),
                  m_appearance);
    }
    const Form inSight = seen(form);
    for (const nabblet::Control &control : inSight.controls) {
        paintControlWithRows(painter, control, shownOf(control), m_values == BoardValues::Blank ? nullptr : m_session,
                             QPoint(0, bandTop(form, control.band)), m_appearance);
    }
}

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
        const nabblet::Control &upper = form.controls.at(order.at(i));
        for (qsizetype j = i + 1; j < order.size(); ++j) {
            const nabblet::Control &lower = form.controls.at(order.at(j));
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

void Board::paintEvent(QPaintEvent *event)
{
    QPainter painter(viewport());
    const PanelColours &colours = panelColours(m_appearance.theme());
    const Form &form = shownForm();
    const QPoint origin = toViewport(QPoint(0, 0));
    paintGround(painter, form, event->rect());
    paintRails(painter, form);
    painter.save();
    painter.setClipRect(QRect(LeftSide - 2, RulerHeight, viewport()->width(), viewport()->height()), Qt::IntersectClip);
    painter.translate(origin);
    painter.scale(m_zoom / 100.0, m_zoom / 100.0);
    m_painted = 0;
    const QSet<ControlId> behind = behindOtherPages(form, m_fronts);
    for (const nabblet::Control &control : form.controls) {
        if (behind.contains(control.id)) {
            continue;
        }
        const QRect place = placeOnForm(form, control);
        if (event->region().intersects(toViewport(place).adjusted(-1, -1, 1, 1))) {
            paintShown(painter, control, place);
            ++m_painted;
        }
    }
    painter.restore();
    if (!m_drag && !m_preview) { // a quiet hatching where something lies over something else
        QColor hatch = colours.alarm;
        hatch.setAlpha(120);
        const QList<QRect> overlaps = overlapsOf(seen(form));
        for (const QRect &place : overlaps) {
            painter.fillRect(toViewport(place), QBrush(hatch, Qt::BDiagPattern));
        }
    }
    painter.setPen(colours.panelLine);
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(toViewport(QRect(0, 0, form.width, formHeight(form))).adjusted(-1, -1, 0, 0));
    paintContainers(painter, form);
    paintTrial(painter, form);
    paintChanges(painter, form);
    paintSelection(painter, form);
    paintGuides(painter);
    paintPills(painter);
    paintTabOrder(painter, form);
    paintTracingFrame(painter);
    if (m_drag && m_drag->isBox && m_drag->isMoving) {
        const bool isRightwards = m_drag->now.x() >= m_drag->start.x();
        QColor tint = colours.accent;
        tint.setAlpha(28);
        painter.setBrush(tint);
        painter.setPen(QPen(colours.accent, 1, isRightwards ? Qt::SolidLine : Qt::DashLine));
        painter.drawRect(toViewport(QRect(m_drag->start, m_drag->now).normalized()));
    }
    if (event->rect().x() < LeftSide) {
        paintSpine(painter, form);
        paintSideRuler(painter, form);
    }
    if (event->rect().y() < RulerHeight) {
        paintRuler(painter, form);
    }
}

// The table, the paper and the grid, which stay the same while controls change: painted once and kept.
void Board::paintGround(QPainter &painter, const Form &form, const QRect &dirty)
{
    const Ground now{form.width, form.bands,        form.grid, form.tracing, toViewport(QPoint(0, 0)),
                     m_zoom,     viewport()->size()};
    if (m_ground.isNull() || !(now == m_groundShows)) {
        const qreal ratio = viewport()->devicePixelRatioF();
        m_ground = QPixmap(viewport()->size() * ratio);
        m_ground.setDevicePixelRatio(ratio);
        m_groundShows = now;
        QPainter own(&m_ground);
        own.fillRect(viewport()->rect(), panelColours(m_appearance.theme()).board);
        own.save();
        own.translate(now.origin);
        own.scale(m_zoom / 100.0, m_zoom / 100.0);
        for (const Band &band : form.bands) {
            paintBand(own, band.role, band.tone, QRect(0, bandTop(form, band.role), form.width, band.height),
                      m_appearance);
        }
        own.restore();
        paintTracing(own, form);
        const QRect seen = viewport()->rect();
        paintGrid(own, form, QRect(toForm(seen.topLeft()), toForm(seen.bottomRight() + QPoint(1, 1)) + QPoint(1, 1)));
    }
    const qreal ratio = m_ground.devicePixelRatio();
    painter.drawPixmap(QRectF(dirty), m_ground, QRectF(QPointF(dirty.topLeft()) * ratio, QSizeF(dirty.size()) * ratio));
}

// A control at its place on the form. While something is dragged at full size, from the picture kept of it.
void Board::paintShown(QPainter &painter, const nabblet::Control &control, const QRect &place)
{
    constexpr int Spare = 4; // px around, for what a kind draws beyond its edges
    EntrySession *session = m_values == BoardValues::Blank ? nullptr : m_session;
    const Shown shown = shownOf(control);
    const bool isKept = m_drag && m_drag->isMoving && m_zoom == 100 && !control.inner;
    if (!isKept) {
        paintControlWithRows(painter, control, shown, session, QPoint(0, place.y() - control.place.y()), m_appearance);
        return;
    }
    nabblet::Control still = control;
    still.place.moveTopLeft(QPoint(Spare, Spare));
    still.rides = {};
    Painted &kept = m_paintedControls[control.id];
    if (kept.pixmap.isNull() || !(kept.control == still) || !(kept.shown == shown)) {
        const qreal ratio = viewport()->devicePixelRatioF();
        kept = {still, shown, QPixmap((still.place.size() + QSize(2 * Spare, 2 * Spare)) * ratio)};
        kept.pixmap.setDevicePixelRatio(ratio);
        kept.pixmap.fill(Qt::transparent);
        QPainter own(&kept.pixmap);
        paintControlWithRows(own, still, shown, session, QPoint(0, 0), m_appearance);
    }
    painter.drawPixmap(place.topLeft() - QPoint(Spare, Spare), kept.pixmap);
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
    const QRect seen = viewport()->rect().adjusted(-4, -4, 4, 4);
    for (const ControlId id : shown) {
        const nabblet::Control *found = form.controls.find(id);
        if (!found) {
            continue;
        }
        const nabblet::Control &control = *found;
        const QRect place = toViewport(placeOnForm(form, control));
        if (!seen.intersects(place) && id != leadId) {
            continue;
        }
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
    paintHolds(painter);
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
        return !holdsOthers(other) && toViewport(placeOnForm(form, other)).intersects(label);
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
    const QList<ControlId> &listed = m_drag ? m_drag->moving : m_selection.controls();
    const QSet<ControlId> moving(listed.begin(), listed.end());
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

// In a window of another size: what stretches, what moves, and what runs into something.
void Board::paintTrial(QPainter &painter, const Form &form)
{
    if (!m_trial) {
        return;
    }
    const PanelColours &colours = panelColours(m_appearance.theme());
    const SizeReport report = sizeReport(m_document->form(), m_trialSize);
    painter.setBrush(Qt::NoBrush);
    const Form inSight = seen(form);
    for (const nabblet::Control &control : inSight.controls) {
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
