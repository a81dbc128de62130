#include "designer/panels/arrange_icons.h"

#include <QHash>
#include <QIconEngine>
#include <QPainter>
#include <QPixmap>
#include <QPixmapCache>
#include <QSvgRenderer>

namespace nabblet {

namespace {

// Bodies of SVG drawings. "m" stands for the class of what marks the line or the aim, "b" for boxes.
const QHash<QString, const char *> &drawings()
{
    static const QHash<QString, const char *> Table{
        {QStringLiteral("line-up-left"), "<path class='m' d='M2.5 1.5v13'/><rect class='b' x='4.5' y='3.5' width='8' "
                                         "height='3'/><rect class='b' x='4.5' "
                                         "y='9.5' width='5' height='3'/>"},
        {QStringLiteral("line-up-right"), "<path class='m' d='M13.5 1.5v13'/><rect class='b' x='3.5' y='3.5' width='8' "
                                          "height='3'/><rect class='b' x='6.5' "
                                          "y='9.5' width='5' height='3'/>"},
        {QStringLiteral("line-up-centres"),
         "<path class='m' d='M8 1.5v13'/><rect class='b' x='3.5' y='3.5' width='9' height='3'/><rect class='b' x='5.5' "
         "y='9.5' width='5' height='3'/>"},
        {QStringLiteral("line-up-top"), "<path class='m' d='M1.5 2.5h13'/><rect class='b' x='3.5' y='4.5' width='3' "
                                        "height='8'/><rect class='b' x='9.5' "
                                        "y='4.5' width='3' height='5'/>"},
        {QStringLiteral("line-up-bottom"), "<path class='m' d='M1.5 13.5h13'/><rect class='b' x='3.5' y='3.5' "
                                           "width='3' height='8'/><rect class='b' x='9.5' "
                                           "y='6.5' width='3' height='5'/>"},
        {QStringLiteral("line-up-middles"),
         "<path class='m' d='M1.5 8h13'/><rect class='b' x='3.5' y='3.5' width='3' height='9'/><rect class='b' x='9.5' "
         "y='5.5' width='3' height='5'/>"},
        {QStringLiteral("line-up-baselines"),
         "<path class='m' d='M1.5 12.5h13'/><path class='b' d='M2.5 12l3-8 3 8M3.6 9.5h3.8M10.5 12V7.5a1.7 1.7 0 0 1 3 "
         "0V12M10.5 9.7h3'/>"},
        {QStringLiteral("match-width"),
         "<rect class='b' x='2.5' y='2.5' width='11' height='3'/><rect class='b' x='2.5' y='10.5' width='11' "
         "height='3'/><path class='m' d='M3 8h10M4.8 6.4L3 8l1.8 1.6M11.2 6.4L13 8l-1.8 1.6'/>"},
        {QStringLiteral("match-height"),
         "<rect class='b' x='2.5' y='2.5' width='3' height='11'/><rect class='b' x='10.5' y='2.5' width='3' "
         "height='11'/><path class='m' d='M8 3v10M6.4 4.8L8 3l1.6 1.8M6.4 11.2L8 13l1.6-1.8'/>"},
        {QStringLiteral("match-size"),
         "<rect class='b' x='2.5' y='2.5' width='11' height='11'/><path class='m' d='M5 11l6-6M8 5h3v3M8 11H5V8'/>"},
        {QStringLiteral("gaps-even-across"),
         "<rect class='b' x='1.5' y='4.5' width='2' height='7'/><rect class='b' x='7' y='4.5' width='2' "
         "height='7'/><rect class='b' x='12.5' y='4.5' width='2' height='7'/><path class='m' d='M4.2 8h2M9.8 8h2'/>"},
        {QStringLiteral("gaps-even-down"),
         "<rect class='b' x='4.5' y='1.5' width='7' height='2'/><rect class='b' x='4.5' y='7' width='7' "
         "height='2'/><rect class='b' x='4.5' y='12.5' width='7' height='2'/><path class='m' d='M8 4.2v2M8 9.8v2'/>"},
        {QStringLiteral("gaps-shrink-across"),
         "<rect class='b' x='1.5' y='4.5' width='2' height='7'/><rect class='b' x='12.5' y='4.5' width='2' "
         "height='7'/><path class='m' d='M4.6 8h2.2M5.4 6.8L6.8 8 5.4 9.2M11.4 8H9.2M10.6 6.8L9.2 8l1.4 1.2'/>"},
        {QStringLiteral("gaps-grow-across"),
         "<rect class='b' x='1.5' y='4.5' width='2' height='7'/><rect class='b' x='12.5' y='4.5' width='2' "
         "height='7'/><path class='m' d='M4.8 8h6.4M6.2 6.6L4.8 8l1.4 1.4M9.8 6.6L11.2 8 9.8 9.4'/>"},
        {QStringLiteral("gaps-shrink-down"),
         "<rect class='b' x='4.5' y='1.5' width='7' height='2'/><rect class='b' x='4.5' y='12.5' width='7' "
         "height='2'/><path class='m' d='M8 4.6v2.2M6.8 5.4L8 6.8l1.2-1.4M8 11.4V9.2M6.8 10.6L8 9.2l1.2 1.4'/>"},
        {QStringLiteral("gaps-grow-down"),
         "<rect class='b' x='4.5' y='1.5' width='7' height='2'/><rect class='b' x='4.5' y='12.5' width='7' "
         "height='2'/><path class='m' d='M8 4.8v6.4M6.6 6.2L8 4.8l1.4 1.4M6.6 9.8L8 11.2l1.4-1.4'/>"},
        {QStringLiteral("gaps-set-across"),
         "<rect class='b' x='1.5' y='4.5' width='3' height='7'/><rect class='b' x='11.5' y='4.5' width='3' "
         "height='7'/><path class='m' d='M6.5 5.5l2-1v7'/>"},
        {QStringLiteral("gaps-set-down"),
         "<rect class='b' x='4.5' y='1.5' width='7' height='2.4'/><rect class='b' x='4.5' y='12.1' width='7' "
         "height='2.4'/><path class='m' d='M7 6.2l1.6-.8v5.2'/>"},
        {QStringLiteral("gaps-close-across"), "<rect class='b' x='2.5' y='4.5' width='5.5' height='7'/><rect class='b' "
                                              "x='8' y='4.5' width='5.5' height='7'/>"},
        {QStringLiteral("gaps-close-down"), "<rect class='b' x='4.5' y='2.5' width='7' height='5.5'/><rect class='b' "
                                            "x='4.5' y='8' width='7' height='5.5'/>"},
        {QStringLiteral("fit-all"),
         "<rect class='b' x='1.5' y='4.5' width='13' height='7'/><path class='m' d='M4 8h8M5.5 6.5L4 8l1.5 1.5M10.5 "
         "6.5L12 8l-1.5 1.5'/>"},
        {QStringLiteral("fit-free-space"),
         "<rect class='b' x='1.5' y='5.5' width='6' height='5'/><path class='m' d='M9 8h4M11.5 6.5L13 8l-1.5 "
         "1.5M14.5 3.5v9'/>"},
        {QStringLiteral("fit-words"),
         "<path class='b' d='M3 11.5l2.6-7 2.6 7M4 9h3.2M10 11.5V8.2a1.5 1.5 0 0 1 2.8 0v3.3M10 9.8h2.8'/><path "
         "class='m' d='M1.5 3v10M14.5 3v10'/>"},
        {QStringLiteral("grid-both"),
         "<path class='b' d='M2 4h.01M8 4h.01M14 4h.01M2 8h.01M14 8h.01M2 12h.01M8 12h.01M14 12h.01' "
         "stroke-width='1.8'/><rect class='m' x='5' y='6' width='6' height='4'/>"},
        {QStringLiteral("grid-corners"), "<path class='b' d='M8 4h.01M14 4h.01M2 9h.01M2 14h.01M8 14h.01M14 14h.01' "
                                         "stroke-width='1.8'/><path class='m' "
                                         "d='M2 9V4h5M4.5 6.5h7v5h-7z'/>"},
        {QStringLiteral("centre-across"), "<rect class='b' x='1.5' y='2.5' width='13' height='11'/><path class='m' "
                                          "d='M8 2.5v11'/><rect class='b' x='5.5' "
                                          "y='6.5' width='5' height='3'/>"},
        {QStringLiteral("centre-down"), "<rect class='b' x='1.5' y='2.5' width='13' height='11'/><path class='m' "
                                        "d='M1.5 8h13'/><rect class='b' x='6.5' "
                                        "y='5.5' width='3' height='5'/>"},
        {QStringLiteral("bring-to-front"), "<rect class='b' x='2.5' y='2.5' width='7' height='7'/><rect class='m f' "
                                           "x='6.5' y='6.5' width='7' height='7'/>"},
        {QStringLiteral("send-to-back"), "<rect class='m' x='6.5' y='6.5' width='7' height='7'/><rect class='b f' "
                                         "x='2.5' y='2.5' width='7' height='7'/>"},
        {QStringLiteral("caption-beside"),
         "<path class='m' d='M1.5 8h4'/><rect class='b' x='7.5' y='5.5' width='7' height='5'/>"},
        {QStringLiteral("caption-above"),
         "<path class='m' d='M3.5 4h6'/><rect class='b' x='3.5' y='6.5' width='10' height='6'/>"},
        {QStringLiteral("field-up"),
         "<rect class='b' x='4.5' y='9.5' width='7' height='4'/><path class='m' d='M8 7.5V2.5M5.8 "
         "4.7L8 2.5l2.2 2.2'/>"},
        {QStringLiteral("field-down"),
         "<rect class='b' x='4.5' y='2.5' width='7' height='4'/><path class='m' d='M8 8.5v5M5.8 "
         "11.3L8 13.5l2.2-2.2'/>"},
        {QStringLiteral("insert-row-above"), "<rect class='b' x='2.5' y='9.5' width='11' height='4'/><path class='m' "
                                             "d='M2.5 4.5h3M10.5 4.5h3M8 2.2v4.6M5.7 "
                                             "4.5h4.6'/>"},
        {QStringLiteral("close-up-rows"),
         "<rect class='b' x='2.5' y='1.5' width='11' height='3'/><rect class='b' x='2.5' y='11.5' width='11' "
         "height='3'/><path class='m' d='M8 10.2V6.2M6.2 8L8 6.2 9.8 8'/>"},
        {QStringLiteral("group-box"), "<rect class='b' x='2' y='2.5' width='12' height='11' rx='1.5'/><path class='m' "
                                      "d='M4.5 5.5h5'/><path class='b' "
                                      "d='M4.5 8.5h7M4.5 11h5'/>"},
        {QStringLiteral("tab-pages"),
         "<path class='b' d='M1.5 5.5h13v8h-13z'/><path class='m' d='M1.5 5.5V2.5h4.5v3'/><path class='b' "
         "d='M8 3.5h2.5M12 3.5h2M4 9h8'/>"},
        {QStringLiteral("take-group-off"), "<path class='b' d='M5 2.5H3.5a1.5 1.5 0 0 0-1.5 1.5v8a1.5 1.5 0 0 0 1.5 "
                                           "1.5h9a1.5 1.5 0 0 0 1.5-1.5V9'/><path "
                                           "class='m' d='M9.5 2.5l4 4M13.5 2.5l-4 4'/>"},
        {QStringLiteral("tidy"),
         "<path class='b' d='M2 4.5h6M2 8h9M2 11.5h5'/><path class='m' d='M12.5 2l.8 1.9 1.9.8-1.9.8-.8 "
         "1.9-.8-1.9-1.9-.8 1.9-.8z'/>"},
        {QStringLiteral("flow-columns"),
         "<rect class='b' x='2.5' y='2.5' width='4' height='3'/><rect class='b' x='2.5' y='8.5' width='4' "
         "height='3'/><rect class='b' x='9.5' y='2.5' width='4' height='3'/><path class='m' d='M11.5 8v5.5M9.6 "
         "11.6l1.9 1.9 1.9-1.9'/>"},
        {QStringLiteral("keep-left"),
         "<circle class='m' cx='4.5' cy='3' r='1.6'/><path class='m' d='M4.5 4.6v10'/><rect class='b' x='6.5' y='6.5' "
         "width='7' height='2.4'/><rect class='b' x='6.5' y='11' width='5' height='2.4'/>"},
        {QStringLiteral("copy-look"),
         "<path class='b' d='M3 13.5l6-6M8.2 4.6l3.2 3.2'/><path class='m' d='M8.2 4.6l2-2.2 3.4 3.4-2.2 2'/>"},
    };
    return Table;
}

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

QIcon arrangeIcon(const QString &id, const IconColours &colours)
{
    const char *body = drawings().value(id);
    return body ? QIcon(new DrawnIcon(body, colours)) : QIcon();
}

} // namespace nabblet
