#include "entry/view/page_tabs_bar.h"

#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/head_height.h"

#include <QSignalBlocker>

namespace nabblet {

PageTabsBar::PageTabsBar(QWidget *parent) : QTabBar(parent)
{
    setObjectName(QStringLiteral("pageTabs"));
    setFocusPolicy(Qt::NoFocus); // the keyboard stays in the boxes; Ctrl+PgDown turns pages
    setDocumentMode(true);
    setDrawBase(false);
    setExpanding(false);
    setUsesScrollButtons(false);
    setElideMode(Qt::ElideNone);
    connect(this, &QTabBar::currentChanged, this, [this](int index) {
        if (index >= 0 && index < m_pages.size()) {
            Q_EMIT pageChosen(m_pages.at(index).id);
        }
    });
}

void PageTabsBar::showPages(const Control &control, int front)
{
    const QSignalBlocker blocker(this);
    const QList<Page> pages = pagesOf(control);
    const QList<QRect> places = tabPlaces(control);
    if (pages != m_pages || places != m_places) {
        m_pages = pages;
        m_places = places;
        while (count() > 0) {
            removeTab(count() - 1);
        }
        for (const Page &page : pages) {
            addTab(QString(page.title).replace(u'&', QStringLiteral("&&")));
        }
    }
    for (qsizetype i = 0; i < pages.size(); ++i) {
        if (pages.at(i).id == front) {
            setCurrentIndex(static_cast<int>(i));
        }
    }
    setAccessibleName(control.name);
    setGeometry(control.place.x(), control.place.y(), control.place.width(), headHeight(control));
}

QSize PageTabsBar::tabSizeHint(int index) const
{
    return m_places.value(index).size();
}

} // namespace nabblet
