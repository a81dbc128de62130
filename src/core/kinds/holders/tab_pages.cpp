#include "core/kinds/holders/tab_pages.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/kind_table.h"
#include "core/kinds/settings/head_height.h"
#include "core/kinds/text_words.h"
#include "core/text/tr.h"

#include <QJsonArray>

#include <algorithm>
#include <numeric>

namespace nabblet {

namespace {

constexpr int Inside = 8;      // px kept free inside the edges
constexpr int TabPadding = 14; // px left and right of a title
constexpr double Letter = 7.5; // px, a letter of usual width and some to spare; titles are centred
constexpr int LeastTab = 24;   // px
constexpr int FrontLine = 3;   // px, the mark under the title of the page in front

// Titles in a line, the one in front marked below; a frame around the page through which the form shows.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    const QSize size = control.place.size();
    BoxStroke frame;
    const int top = std::min(headHeight(control), size.height()) - 1;
    frame.rect = QRect(0, top, size.width(), size.height() - top);
    frame = groupFrame(frame.rect, look);
    frame.radius = 0;
    Picture picture{frame};
    const QList<Page> pages = pagesOf(control);
    const QList<QRect> places = tabPlaces(control);
    for (qsizetype i = 0; i < pages.size(); ++i) {
        const bool isFront = shown.page == 0 ? i == 0 : pages.at(i).id == shown.page;
        TextStroke title;
        title.rect = places.at(i).adjusted(2, 0, -2, 0).intersected(QRect(QPoint(0, 0), size));
        title.text = pages.at(i).title;
        title.role = isFront ? TextRole::Heading : TextRole::Field;
        title.ink = shown.faintPages.contains(pages.at(i).id) ? Ink::Faint
                    : isFront                                 ? Ink::HeadingText
                                                              : Ink::CaptionText;
        title.align = TextAlign::Centre;
        picture.append(title);
        if (isFront) {
            BoxStroke mark;
            mark.rect = QRect(places.at(i).x(), top + 1 - FrontLine, places.at(i).width(), FrontLine)
                            .intersected(QRect(QPoint(0, 0), size));
            mark.fill = mark.outline = Ink::Accent;
            mark.radius = 0;
            picture.append(mark);
        }
    }
    return picture;
}

Insets insets(const Control &control, int)
{
    return {Inside, headHeight(control) + Inside, Inside, Inside};
}

} // namespace

namespace setting {

namespace {

constinit const ControlSetting<QList<Page>> Pages{
    "pages",
    [](const QJsonValue &json) {
        QList<Page> pages;
        const QJsonArray stored = json.toArray();
        for (const auto &each : stored) {
            const QJsonObject page = each.toObject();
            pages.append({page.value(QLatin1String("id")).toInt(), page.value(QLatin1String("title")).toString()});
        }
        return std::optional(pages);
    },
    [](const QList<Page> &pages) {
        QJsonArray stored;
        for (const Page &page : pages) {
            stored.append(QJsonObject{{QStringLiteral("id"), page.id}, {QStringLiteral("title"), page.title}});
        }
        return QJsonValue(stored);
    }};

} // namespace

} // namespace setting

QList<Page> pagesOf(const Control &container)
{
    return container.settings.value(setting::Pages);
}

void setPages(Control &container, const QList<Page> &pages)
{
    container.settings.set(setting::Pages, pages);
}

QList<QRect> tabPlaces(const Control &control)
{
    const int height = headHeight(control);
    const double larger = static_cast<double>(height) / UsualHead; // as the letters are
    QList<int> widths;
    for (const Page &page : pagesOf(control)) {
        widths.append(static_cast<int>(larger * (Letter * static_cast<double>(page.title.size()) + 2 * TabPadding)));
    }
    const int wanted = std::accumulate(widths.begin(), widths.end(), 0);
    const int room = control.place.width();
    QList<QRect> places;
    int x = 0;
    for (const int width : std::as_const(widths)) {
        const int given = wanted <= room ? width : std::max(LeastTab, width * room / std::max(1, wanted));
        places.append(QRect(x, 0, given, height));
        x += given;
    }
    return places;
}

int tabAt(const Control &control, QPoint point)
{
    const QList<Page> pages = pagesOf(control);
    const QList<QRect> places = tabPlaces(control);
    for (qsizetype i = 0; i < pages.size(); ++i) {
        if (places.at(i).contains(point)) {
            return pages.at(i).id;
        }
    }
    return 0;
}

Kind tabPagesKind()
{
    Kind kind{QStringLiteral("tab-pages"),
              Texts::later("Tab pages"),
              QStringLiteral("pages"),
              Editor::None,
              {},
              QSize(400, 200),
              {&setting::Pages, &setting::HeadHeight},
              draw,
              wordsAsStored,
              readNothing,
              Holds::Pages,
              insets};
    kind.casing = Casing::Frame;
    return kind;
}

} // namespace nabblet
