#include "designer/colours/colour_plane.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

constexpr int FieldHeight = 116; // px
constexpr int StripHeight = 14;
constexpr int Between = 8;
constexpr double MostChroma = 0.30;
constexpr int Cell = 4; // px that share a colour

} // namespace

ColourPlane::ColourPlane(QWidget *parent) : QWidget(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Any colour"));
    setAccessibleDescription(tr("Left and right: strength. Up and down: lightness. With Shift: hue."));
    setToolTip(accessibleDescription());
    setFixedHeight(sizeHint().height());
}

QSize ColourPlane::sizeHint() const
{
    return {240, FieldHeight + Between + StripHeight};
}

QRect ColourPlane::field() const
{
    return {0, 0, width(), FieldHeight};
}

QRect ColourPlane::strip() const
{
    return {0, FieldHeight + Between, width(), StripHeight};
}

void ColourPlane::setColour(Colour colour)
{
    const Oklch now = toOklch(colour);
    const double hue = now.chroma < 0.004 ? m_at.hue : now.hue; // grey has none
    m_at = now;
    m_at.hue = hue;
    update();
}

void ColourPlane::paintEvent(QPaintEvent *)
{
    QPainter painter(this);
    if (m_picture.isNull() || m_pictureHue != m_at.hue || m_picture.size() != field().size()) {
        m_pictureHue = m_at.hue;
        m_picture = QPixmap(field().size());
        QPainter own(&m_picture);
        for (int y = 0; y < FieldHeight; y += Cell) {
            for (int x = 0; x < width(); x += Cell) {
                const Oklch at{1 - static_cast<double>(y) / (FieldHeight - Cell),
                               MostChroma * x / std::max(1, width() - Cell), m_at.hue};
                own.fillRect(x, y, Cell, Cell, QColor::fromRgb(fromOklch(at)));
            }
        }
    }
    painter.drawPixmap(field(), m_picture);
    for (int x = 0; x < width(); x += Cell) {
        const Oklch at{0.68, 0.15, 360.0 * x / std::max(1, width())};
        painter.fillRect(x, strip().y(), Cell, StripHeight, QColor::fromRgb(fromOklch(at)));
    }
    painter.setRenderHint(QPainter::Antialiasing);
    const QPointF at(std::min(1.0, m_at.chroma / MostChroma) * (width() - 1), (1 - m_at.lightness) * (FieldHeight - 1));
    const auto ring = [&](const QRectF &rect, qreal radius) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(Qt::white, 3));
        painter.drawRoundedRect(rect, radius, radius);
        painter.setPen(QPen(Qt::black, 1));
        painter.drawRoundedRect(rect, radius, radius);
    };
    ring(QRectF(at - QPointF(5, 5), QSizeF(10, 10)), 5);
    ring(QRectF(m_at.hue / 360 * width() - 3, strip().y() + 0.5, 6, StripHeight - 1), 2);
    if (hasFocus()) {
        painter.setPen(QPen(palette().color(QPalette::Highlight), 1));
        painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
    }
}

void ColourPlane::goTo(QPointF point)
{
    if (m_isOnStrip) {
        m_at.hue = std::clamp(point.x() / std::max(1, width()), 0.0, 0.9999) * 360;
    } else {
        m_at.chroma = std::clamp(point.x() / std::max(1, width() - 1), 0.0, 1.0) * MostChroma;
        m_at.lightness = 1 - std::clamp(point.y() / (FieldHeight - 1), 0.0, 1.0);
    }
    update();
    Q_EMIT moved(colour());
}

void ColourPlane::mousePressEvent(QMouseEvent *event)
{
    if (event->button() == Qt::LeftButton) {
        m_isOnStrip = event->position().y() >= FieldHeight;
        goTo(event->position());
    }
}

void ColourPlane::mouseMoveEvent(QMouseEvent *event)
{
    if (event->buttons() & Qt::LeftButton) {
        goTo(event->position());
    }
}

void ColourPlane::mouseReleaseEvent(QMouseEvent *event)
{
    if (event->button() == Qt::LeftButton && !m_isOnStrip) {
        Q_EMIT taken(colour());
    }
}

void ColourPlane::keyPressEvent(QKeyEvent *event)
{
    const bool isShift = event->modifiers().testFlag(Qt::ShiftModifier);
    const int across = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    const int up = event->key() == Qt::Key_Up ? 1 : event->key() == Qt::Key_Down ? -1 : 0;
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        Q_EMIT taken(colour());
    } else if (across != 0 && isShift) {
        m_at.hue = std::fmod(m_at.hue + 360 + 4 * across, 360);
    } else if (across != 0) {
        m_at.chroma = std::clamp(m_at.chroma + 0.01 * across, 0.0, MostChroma);
    } else if (up != 0) {
        m_at.lightness = std::clamp(m_at.lightness + 0.02 * up, 0.0, 1.0);
    } else {
        QWidget::keyPressEvent(event);
        return;
    }
    update();
    if (across != 0 || up != 0) {
        Q_EMIT moved(colour());
    }
}

} // namespace nabblet
