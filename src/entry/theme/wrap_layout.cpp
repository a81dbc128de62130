#include "entry/theme/wrap_layout.h"

#include <QWidget>

#include <algorithm>

namespace nabblet {

WrapLayout::WrapLayout(QWidget *parent, int gap) : QLayout(parent), m_gap(gap) {}

WrapLayout::~WrapLayout()
{
    qDeleteAll(m_items);
}

QLayoutItem *WrapLayout::takeAt(int index)
{
    return index >= 0 && index < m_items.size() ? m_items.takeAt(index) : nullptr;
}

int WrapLayout::heightForWidth(int width) const
{
    return laidOut(QRect(0, 0, width, 0), true);
}

QSize WrapLayout::sizeHint() const
{
    const QMargins around = contentsMargins();
    int width = around.left() + around.right();
    int height = 0;
    for (const QLayoutItem *item : m_items) {
        width += item->sizeHint().width() + m_gap;
        height = std::max(height, item->sizeHint().height());
    }
    return {width, height + around.top() + around.bottom()};
}

QSize WrapLayout::minimumSize() const
{
    QSize size;
    for (const QLayoutItem *item : m_items) {
        size = size.expandedTo(item->minimumSize());
    }
    const QMargins around = contentsMargins();
    return size + QSize(around.left() + around.right(), around.top() + around.bottom());
}

void WrapLayout::setGeometry(const QRect &rect)
{
    QLayout::setGeometry(rect);
    laidOut(rect, false);
}

int WrapLayout::laidOut(const QRect &rect, bool isTried) const
{
    const QRect inside = rect.marginsRemoved(contentsMargins());
    int x = inside.x();
    int y = inside.y();
    int line = 0;
    for (QLayoutItem *item : m_items) {
        if (item->isEmpty()) {
            continue;
        }
        const QSize size = item->sizeHint().boundedTo(QSize(std::max(1, inside.width()), 10000));
        if (x > inside.x() && x + size.width() > inside.right() + 1) {
            x = inside.x();
            y += line + m_gap;
            line = 0;
        }
        if (!isTried) {
            item->setGeometry(QRect(QPoint(x, y), size));
        }
        x += size.width() + m_gap;
        line = std::max(line, size.height());
    }
    return y + line - rect.y() + contentsMargins().bottom();
}

} // namespace nabblet
