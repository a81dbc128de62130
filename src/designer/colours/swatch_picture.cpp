#include "designer/colours/swatch_picture.h"

#include <QPainter>
#include <QWidget>

namespace nabblet {

QPixmap swatchPicture(const QWidget *on, const std::optional<TwoSided> &colour, int side, bool isWrong)
{
    QPixmap picture(QSize(side, side) * on->devicePixelRatioF());
    picture.setDevicePixelRatio(on->devicePixelRatioF());
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF all(0.5, 0.5, side - 1, side - 1);
    painter.setPen(on->palette().color(QPalette::PlaceholderText));
    if (!colour) {
        painter.drawRoundedRect(all, 3, 3);
        painter.drawLine(QPointF(3, side - 3), QPointF(side - 3, 3));
        return picture;
    }
    painter.setBrush(QColor::fromRgb(colour->light));
    painter.drawRoundedRect(all, 3, 3);
    if (colour->dark) {
        painter.setClipRect(QRectF(side / 2.0, 0, side / 2.0, side));
        painter.setBrush(QColor::fromRgb(*colour->dark));
        painter.drawRoundedRect(all, 3, 3);
        painter.setClipping(false);
    }
    if (isWrong) { // in black and white, as the colour may be any
        painter.setPen(QPen(Qt::white, 4, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(QPointF(side / 2.0, 4), QPointF(side / 2.0, side - 8));
        painter.drawPoint(QPointF(side / 2.0, side - 4));
        painter.setPen(QPen(Qt::black, 2, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(QPointF(side / 2.0, 4), QPointF(side / 2.0, side - 8));
        painter.drawPoint(QPointF(side / 2.0, side - 4));
    }
    return picture;
}

} // namespace nabblet
