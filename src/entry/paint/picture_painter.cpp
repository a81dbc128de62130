#include "entry/paint/picture_painter.h"

#include <QBuffer>
#include <QImage>
#include <QImageReader>
#include <QPainter>
#include <QPainterPath>
#include <QPixmapCache>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int ShadowDepth = 2; // px

// The light and the dark side of an edge, above and below the box; inset ones the other way round.
void paintSides(QPainter &painter, const QRectF &box, qreal radius, bool isInset, const Appearance &appearance)
{
    QColor dark = appearance.colour(Ink::Shade);
    dark.setAlphaF(0.45F);
    QColor light(Qt::white);
    light.setAlphaF(appearance.theme() == Theme::Light ? 0.9F : 0.18F);
    const QRectF inside = box.adjusted(1, 1, -1, -1);
    const auto side = [&](bool isUpper, const QColor &colour) {
        painter.save();
        QPainterPath half; // parted along the diagonals at the two corners where the sides meet
        const qreal cut = std::min(inside.width(), inside.height()) / 2;
        half.moveTo(isUpper ? box.topLeft() : box.bottomRight());
        half.lineTo(box.topRight());
        half.lineTo(box.right() - cut, box.top() + cut);
        half.lineTo(box.left() + cut, box.bottom() - cut);
        half.lineTo(box.bottomLeft());
        half.closeSubpath();
        painter.setClipPath(half, Qt::IntersectClip);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(colour, 1));
        const qreal inner = std::max(0.0, radius - 1);
        painter.drawRoundedRect(inside, inner, inner);
        painter.restore();
    };
    side(true, isInset ? dark : light);
    side(false, isInset ? light : dark);
}

// Two soft lines below and at the right, within the box's own rectangle: a widget at work has no other room.
void paintShadow(QPainter &painter, const QRectF &box, qreal radius, const Appearance &appearance)
{
    painter.setPen(Qt::NoPen);
    for (int depth = ShadowDepth; depth > 0; --depth) {
        QColor shade = appearance.colour(Ink::Shade);
        shade.setAlphaF(depth == ShadowDepth ? 0.18F : 0.30F);
        painter.setBrush(shade);
        painter.drawRoundedRect(box.translated(depth, depth), radius, radius);
    }
}

void paintStroke(QPainter &painter, const BoxStroke &box, const Appearance &appearance)
{
    const bool hasLine = box.isOutlined && box.outlineWidth > 0;
    painter.setRenderHint(QPainter::Antialiasing);
    QRectF rect(box.rect);
    const qreal radius = std::min<qreal>(box.radius, std::min(rect.width(), rect.height()) / 2);
    const bool isSeen = box.isFilled || hasLine;
    if (box.edge == EdgeShape::Shadow && isSeen) {
        rect.adjust(0, 0, -ShadowDepth, -ShadowDepth);
        if (box.isFilled) {
            paintShadow(painter, rect, radius, appearance);
        }
    }
    const qreal inset = hasLine ? box.outlineWidth / 2.0 : 0;
    painter.setBrush(box.isFilled ? QBrush(appearance.colour(box.fill)) : QBrush(Qt::NoBrush));
    painter.setPen(hasLine ? QPen(appearance.colour(box.outline), box.outlineWidth) : QPen(Qt::NoPen));
    const QRectF line = rect.adjusted(inset, inset, -inset, -inset);
    painter.drawRoundedRect(line, radius, radius);
    if (isSeen && (box.edge == EdgeShape::Inset || box.edge == EdgeShape::Raised)) {
        paintSides(painter, line, radius, box.edge == EdgeShape::Inset, appearance);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void paintStroke(QPainter &painter, const TextStroke &text, const Appearance &appearance)
{
    if (text.text.isEmpty() || text.rect.width() <= 0) {
        return;
    }
    QFont font = appearance.font(text.role);
    font.setUnderline(font.underline() || text.isUnderlined);
    painter.setFont(font);
    painter.setPen(appearance.colour(text.ink));
    int flags = text.align == TextAlign::Right    ? Qt::AlignRight
                : text.align == TextAlign::Centre ? Qt::AlignHCenter
                                                  : Qt::AlignLeft;
    if (text.wraps) {
        painter.save();
        painter.setClipRect(text.rect, Qt::IntersectClip);
        painter.drawText(text.rect, flags | Qt::AlignTop | Qt::TextWordWrap, text.text);
        painter.restore();
        return;
    }
    const bool hasLines = text.text.contains(u'\n');
    const QFontMetrics &metrics = appearance.metrics(text.role);
    if (hasLines) {
        painter.drawText(text.rect, flags | Qt::AlignVCenter, text.text);
        return;
    }
    // What does not fit ends with a mark, so that nobody takes a part for the whole.
    const QString fitting = text.role == TextRole::Caption || text.role == TextRole::Title
                                ? text.text
                                : metrics.elidedText(text.text, Qt::ElideRight, text.rect.width());
    // The same rounding as Qt's line edit, so that text stays put when a box gets the focus.
    const int baseline = text.rect.y() + (text.rect.height() - metrics.height() + 1) / 2 + metrics.ascent();
    int x = text.rect.x();
    if (text.align != TextAlign::Left) {
        const int space = text.rect.width() - metrics.horizontalAdvance(fitting);
        x += text.align == TextAlign::Right ? space : space / 2;
    }
    painter.drawText(x, baseline, fitting);
}

void paintStroke(QPainter &painter, const GlyphStroke &glyph, const Appearance &appearance)
{
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(glyph.rect.topLeft());
    painter.scale(glyph.rect.width() / 16.0, glyph.rect.height() / 16.0);
    painter.setPen(QPen(appearance.colour(glyph.ink), 1.4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.setBrush(Qt::NoBrush);
    switch (glyph.shape) {
    case GlyphShape::DropArrow:
        painter.drawPolyline(QPolygonF({{4.5, 6.5}, {8, 10}, {11.5, 6.5}}));
        break;
    case GlyphShape::Tick:
        painter.setPen(QPen(appearance.colour(glyph.ink), 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(QPolygonF({{3.8, 8.4}, {6.8, 11.4}, {12.2, 4.8}}));
        break;
    case GlyphShape::Calendar:
        painter.drawRoundedRect(QRectF(2.5, 3.5, 11, 10), 1.5, 1.5);
        painter.drawLine(QPointF(2.5, 6.5), QPointF(13.5, 6.5));
        painter.drawLine(QPointF(5.5, 2), QPointF(5.5, 4.5));
        painter.drawLine(QPointF(10.5, 2), QPointF(10.5, 4.5));
        break;
    case GlyphShape::Clock:
        painter.drawEllipse(QRectF(2.5, 2.5, 11, 11));
        painter.drawPolyline(QPolygonF({{8, 5}, {8, 8}, {10.2, 9.4}}));
        break;
    case GlyphShape::Follow: // an arrow out of a box
        painter.drawPolyline(QPolygonF({{7, 4.5}, {3.5, 4.5}, {3.5, 12.5}, {11.5, 12.5}, {11.5, 9}}));
        painter.drawLine(QPointF(7, 9), QPointF(13, 3));
        painter.drawPolyline(QPolygonF({{9.5, 2.8}, {13.2, 2.8}, {13.2, 6.5}}));
        break;
    case GlyphShape::Steps: // up and down
        painter.drawPolyline(QPolygonF({{5, 6}, {8, 3}, {11, 6}}));
        painter.drawPolyline(QPolygonF({{5, 10}, {8, 13}, {11, 10}}));
        break;
    case GlyphShape::Search:
        painter.drawEllipse(QRectF(3, 3, 7.5, 7.5));
        painter.drawLine(QPointF(9.6, 9.6), QPointF(13, 13));
        break;
    case GlyphShape::Landscape:
        painter.drawRoundedRect(QRectF(1.5, 2.5, 13, 11), 1.5, 1.5);
        painter.drawPolyline(QPolygonF({{2, 12}, {6, 7.5}, {9, 10.5}, {10.5, 9}, {14, 12.5}}));
        painter.drawEllipse(QPointF(11, 5.8), 1.1, 1.1);
        break;
    }
    painter.restore();
}

QPainterPath pathOf(const QByteArray &drawing)
{
    QPainterPath path;
    const QList<QByteArray> words = drawing.split(' ');
    for (qsizetype i = 0; i < words.size(); ++i) {
        const QByteArray &word = words.at(i);
        const double first = word.mid(1).toDouble();
        const auto next = [&](qsizetype by) { return words.value(i + by).toDouble(); };
        switch (word.isEmpty() ? '\0' : word.at(0)) {
        case 'M':
            path.moveTo(first, next(1));
            break;
        case 'L':
            path.lineTo(first, next(1));
            break;
        case 'Z':
            path.closeSubpath();
            break;
        case 'O':
            path.addEllipse(QPointF(first, next(1)), next(2), next(2));
            break;
        default: // the second figure of one before
            break;
        }
    }
    return path;
}

void paintStroke(QPainter &painter, const DrawingStroke &drawing, const Appearance &appearance)
{
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(drawing.rect.topLeft());
    painter.scale(drawing.rect.width() / 16.0, drawing.rect.height() / 16.0);
    painter.setPen(QPen(appearance.colour(drawing.ink), 1.5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(pathOf(drawing.path));
    painter.restore();
}

// A stored image at the size it is shown in; decoding is slow, so the pixels are kept by Qt's pixmap cache.
// Drawings that have no pixels of their own are read at the size wanted.
QImage readImage(const QByteArray &data, QSize wanted)
{
    QBuffer buffer;
    buffer.setData(data);
    QImageReader reader(&buffer);
    if (reader.format().startsWith("svg")) {
        reader.setScaledSize(reader.size().scaled(wanted, Qt::KeepAspectRatio));
    }
    return reader.read();
}

// In its own pixels; empty where it is no picture.
QSize sizeOfImage(const QByteArray &data)
{
    QBuffer buffer;
    buffer.setData(data);
    return QImageReader(&buffer).size();
}

enum class Enlarged { AsPixels, Smoothly };

QPixmap scaledImage(const QByteArray &data, QSize size, qreal ratio, Enlarged enlarged = Enlarged::AsPixels)
{
    const QString key = QStringLiteral("nabblet %1 %2 %3x%4 %5 %6")
                            .arg(qHash(data), 0, 16)
                            .arg(data.size())
                            .arg(size.width())
                            .arg(size.height())
                            .arg(ratio)
                            .arg(static_cast<int>(enlarged));
    QPixmap pixmap;
    if (!QPixmapCache::find(key, &pixmap)) {
        const QImage image = readImage(data, size * ratio);
        if (!image.isNull()) {
            const bool isSmall =
                enlarged == Enlarged::AsPixels && image.width() < size.width() && image.height() < size.height();
            pixmap = QPixmap::fromImage(image.scaled(size * ratio, Qt::KeepAspectRatio,
                                                     isSmall ? Qt::FastTransformation : Qt::SmoothTransformation));
            pixmap.setDevicePixelRatio(ratio);
        }
        QPixmapCache::insert(key, pixmap);
    }
    return pixmap;
}

void paintStroke(QPainter &painter, const ImageStroke &image, const Appearance &appearance)
{
    const QPixmap pixmap = scaledImage(image.data, image.rect.size(), painter.device()->devicePixelRatioF());
    if (pixmap.isNull()) {
        GlyphStroke sign{QRect(0, 0, 24, 24), GlyphShape::Landscape, Ink::Faint};
        sign.rect.moveCenter(image.rect.center());
        paintStroke(painter, sign, appearance);
        return;
    }
    QRect target(QPoint(0, 0), (QSizeF(pixmap.size()) / pixmap.devicePixelRatio()).toSize());
    target.moveCenter(image.rect.center());
    painter.drawPixmap(target.topLeft(), pixmap);
}

} // namespace

void paintPicture(QPainter &painter, const Picture &picture, QPoint at, const Appearance &appearance)
{
    painter.translate(at);
    for (const Stroke &stroke : picture) {
        std::visit([&](const auto &part) { paintStroke(painter, part, appearance); }, stroke);
    }
    painter.translate(-at);
}

void paintControl(QPainter &painter, const Control &control, const Shown &shown, QPoint origin,
                  const Appearance &appearance, const Ground &ground)
{
    if (!shown.isHidden) {
        const auto own = appearance.dressedFor(control, ground);
        paintPicture(painter, pictureOf(control, shown, own->look()), control.place.topLeft() + origin, *own);
    }
}

QColor colourOf(const Ground &ground, const Appearance &appearance)
{
    return QColor::fromRgb(ground.in(appearance.look(), appearance.theme()));
}

void paintBand(QPainter &painter, BandRole role, const Ground &ground, const QRect &rect, const Appearance &appearance)
{
    painter.fillRect(rect, colourOf(ground, appearance));
    if (role == BandRole::Header || role == BandRole::PageHeader) {
        painter.fillRect(rect.x(), rect.bottom(), rect.width(), 1, appearance.colour(Ink::BandLine));
    } else if (role == BandRole::Footer || role == BandRole::PageFooter) {
        painter.fillRect(rect.x(), rect.y(), rect.width(), 1, appearance.colour(Ink::BandLine));
    }
}

void paintGroundPicture(QPainter &painter, const BandPicture &picture, const QRect &band, const QRect &form,
                        const Appearance &appearance)
{
    const QByteArray &data = picture.picture.picture.image;
    const QRect ground = picture.isOfForm ? form : band;
    QSize size = sizeOfImage(data) * appearance.zoom() / 100;
    if (size.isEmpty()) {
        return;
    }
    const QList<QRect> places = picturePlaces(picture.picture.fit, size, ground);
    const QPixmap pixmap =
        scaledImage(data, places.first().size(), painter.device()->devicePixelRatioF(), Enlarged::Smoothly);
    painter.save();
    painter.setClipRect(band, Qt::IntersectClip);
    painter.setOpacity(painter.opacity() * picture.picture.strength / 100);
    for (const QRect &place : places) {
        painter.drawPixmap(place.topLeft(), pixmap);
    }
    painter.restore();
}

} // namespace nabblet
