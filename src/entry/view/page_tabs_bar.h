// The tabs of tab pages at work. What is seen of them is the control's own picture, painted by the band; this takes the
// clicks, and tells a screen reader which pages there are and which is in front.
#pragma once

#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"

#include <QTabBar>

namespace nabblet {

class PageTabsBar : public QTabBar
{
    Q_OBJECT

public:
    explicit PageTabsBar(QWidget *parent);

    // Shows the pages of a control as it is laid out, with that page in front.
    void showPages(const Control &control, int front);

Q_SIGNALS:
    void pageChosen(int page);

protected:
    QSize tabSizeHint(int index) const override;
    QSize minimumTabSizeHint(int index) const override { return tabSizeHint(index); }
    void paintEvent(QPaintEvent *) override {}

private:
    QList<QRect> m_places;
    QList<Page> m_pages;
};

} // namespace nabblet
