#include "designer/panels/arrange_icons.h"

#include <QIconEngine>
#include <QPainter>
#include <QPixmap>
#include <QPixmapCache>
#include <QSvgRenderer>

namespace nabblet {

namespace {

// The drawing in two colours, 16 px square.
QByteArray drawingIn(const char *body, const QColor &line, const QColor &mark)
{
    return QStringLiteral("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16'><g fill='none' "
                          "stroke-width='1.2' stroke-linecap='round' stroke-linejoin='round'>%1</g></svg>")
        .arg(QString::fromLatin1(body)
                 .replace(QStringLiteral("class='b f'"),
                          QStringLiteral("stroke='%1' fill='%1' fill-opacity='0.25'").arg(line.name()))
                 .replace(QStringLiteral("class='m f'"),
                          QStringLiteral("stroke='%1' fill='%1' fill-opacity='0.25'").arg(mark.name()))
                 .replace(QStringLiteral("class='b'"), QStringLiteral("stroke='%1'").arg(line.name()))
                 .replace(QStringLiteral("class='m'"), QStringLiteral("stroke='%1'").arg(mark.name())))
        .toUtf8();
}

// Draws only what is looked at, at the size of the screen: most icons stand in menus that nobody opens.
class DrawnIcon : public QIconEngine
{
public:
    DrawnIcon(const char *body, const IconColours &colours) : m_body(body), m_colours(colours) {}

    void paint(QPainter *painter, const QRect &rect, QIcon::Mode mode, QIcon::State) override
    {
        const bool isOff = mode == QIcon::Disabled;
        QSvgRenderer renderer(
            drawingIn(m_body, isOff ? m_colours.off : m_colours.line, isOff ? m_colours.off : m_colours.mark));
        renderer.render(painter, rect);
    }
    QPixmap pixmap(const QSize &size, QIcon::Mode mode, QIcon::State state) override
    {
        const QString key = QStringLiteral("nabblet-arrange-%1-%2-%3-%4-%5-%6")
                                .arg(reinterpret_cast<quintptr>(m_body))
                                .arg(m_colours.line.name(), m_colours.mark.name(), m_colours.off.name())
                                .arg(size.width())
                                .arg(mode == QIcon::Disabled);
        QPixmap drawn;
        if (!QPixmapCache::find(key, &drawn)) {
            drawn = QPixmap(size);
            drawn.fill(Qt::transparent);
            QPainter painter(&drawn);
            paint(&painter, QRect(QPoint(), size), mode, state);
            QPixmapCache::insert(key, drawn);
        }
        return drawn;
    }
    QIconEngine *clone() const override { return new DrawnIcon(m_body, m_colours); }

private:
    const char *m_body;
    IconColours m_colours;
};

} // namespace

QIcon arrangeIcon(const ArrangeOperation &operation, const IconColours &colours)
{
    return operation.drawing ? QIcon(new DrawnIcon(operation.drawing, colours)) : QIcon();
}

} // namespace nabblet
