// The tracing sheet: a picture faintly under the form. While it is being moved, the mouse drags it, the wheel and the
// keys + and - scale it, and the arrows shift it; nothing else on the board is touched.
#include "core/arrange/edges.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"
#include "entry/theme/theme.h"

#include <QKeyEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

constexpr int MostPercent = 1000;

} // namespace

void Board::setMovesTracing(bool moves)
{
    const bool wanted = moves && !m_document->form().tracing.file.isEmpty();
    if (moves && !wanted) {
        Q_EMIT said(tr("There is no tracing sheet yet; View, Tracing sheet lays one under the form."));
    }
    if (wanted == m_movesTracing) {
        return;
    }
    m_movesTracing = wanted;
    Q_EMIT said(wanted
                    ? tr("Drag the sheet, turn the wheel or press + and - to scale it, arrows shift it. Escape ends.")
                    : QString());
    viewport()->setCursor(wanted ? Qt::OpenHandCursor : Qt::ArrowCursor);
    viewport()->update();
    Q_EMIT modesChanged();
}

void Board::shiftTracing(QPoint by)
{
    Form form = m_document->form();
    form.tracing.at += by;
    m_document->apply(tr("Move the tracing sheet"), form, QStringLiteral("tracing place"));
}

// Scales the sheet by some percent of its own size; the point at hand, px on the form, stays where it is on the sheet.
void Board::scaleTracing(int percentMore, QPoint stays)
{
    Form form = m_document->form();
    const int percent = std::clamp(form.tracing.percent + percentMore, 1, MostPercent);
    const double factor = static_cast<double>(percent) / form.tracing.percent;
    const QPoint distance = stays - form.tracing.at;
    form.tracing.at = stays - QPoint(static_cast<int>(std::lround(distance.x() * factor)),
                                     static_cast<int>(std::lround(distance.y() * factor)));
    form.tracing.percent = percent;
    m_document->apply(tr("Scale the tracing sheet"), form, QStringLiteral("tracing scale"));
}

// Gives whether the key was one for the sheet.
bool Board::tracingKey(const QKeyEvent &event)
{
    const Form &form = m_document->form();
    const int step = event.modifiers().testFlag(Qt::ControlModifier) ? 1 : std::max(1, form.grid.pitch);
    switch (event.key()) {
    case Qt::Key_Left:
        shiftTracing({-step, 0});
        return true;
    case Qt::Key_Right:
        shiftTracing({step, 0});
        return true;
    case Qt::Key_Up:
        shiftTracing({0, -step});
        return true;
    case Qt::Key_Down:
        shiftTracing({0, step});
        return true;
    case Qt::Key_Plus:
        scaleTracing(1, form.tracing.at);
        return true;
    case Qt::Key_Minus:
        scaleTracing(-1, form.tracing.at);
        return true;
    default:
        return false;
    }
}

QRect Board::tracingRect() const
{
    const TracingSheet &sheet = shownForm().tracing;
    return sheet.file.isEmpty() || m_tracing.isNull()
               ? QRect()
               : toViewport(QRect(sheet.at, m_tracing.size() * sheet.percent / 100));
}

void Board::paintTracing(QPainter &painter, const Form &form)
{
    const QString file = m_document->tracingPath();
    if (file != m_tracingFile) {
        m_tracingFile = file;
        m_tracing = file.isEmpty() ? QPixmap() : QPixmap(file);
        if (!file.isEmpty() && m_tracing.isNull()) {
            // Not while painting: who listens may paint, too.
            QMetaObject::invokeMethod(
                this,
                [this, file] {
                    Q_EMIT said(tr("The tracing sheet %1 is not there or is no picture. Lay another under the form, or "
                                   "clear it in the inspector.")
                                    .arg(file));
                },
                Qt::QueuedConnection);
        }
    }
    if (m_tracing.isNull()) {
        return;
    }
    painter.save();
    painter.setClipRect(toViewport(QRect(0, 0, form.width, formHeight(form))));
    painter.setOpacity(form.tracing.strength / 100.0);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawPixmap(toViewport(QRect(form.tracing.at, m_tracing.size() * form.tracing.percent / 100)), m_tracing);
    painter.restore();
}

// While the sheet is being moved, its outline shows where it lies, beyond the form too.
void Board::paintTracingFrame(QPainter &painter)
{
    const QRect sheet = tracingRect();
    if (!m_movesTracing || sheet.isEmpty()) {
        return;
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(panelColours(m_appearance.theme()).accent, 2, Qt::DashLine));
    painter.drawRect(sheet.adjusted(0, 0, -1, -1));
}

} // namespace nabblet
