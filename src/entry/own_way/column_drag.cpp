#include "entry/own_way/column_drag.h"

#include <QMouseEvent>
#include <QWidget>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LeastDragged = 24; // px

} // namespace

ColumnDrag::ColumnDrag(QWidget *heads) : QObject(heads), m_heads(heads)
{
    m_heads->setMouseTracking(true);
    m_heads->installEventFilter(this);
}

bool ColumnDrag::eventFilter(QObject *, QEvent *event)
{
    switch (event->type()) {
    case QEvent::MouseMove: {
        const QPoint at = static_cast<QMouseEvent *>(event)->pos();
        if (m_dragged) {
            widen(m_dragged->column, std::max(LeastDragged, m_dragged->width + at.x() - m_from));
            return true;
        }
        edgeAt(at) ? m_heads->setCursor(Qt::SplitHCursor) : m_heads->unsetCursor();
        return false;
    }
    case QEvent::MouseButtonPress: {
        const auto *press = static_cast<QMouseEvent *>(event);
        m_dragged = press->button() == Qt::LeftButton ? edgeAt(press->pos()) : std::nullopt;
        m_from = press->pos().x();
        return m_dragged.has_value();
    }
    case QEvent::MouseButtonRelease:
        if (m_dragged) {
            m_dragged.reset();
            done();
            return true;
        }
        return false;
    default:
        return false;
    }
}

} // namespace nabblet
