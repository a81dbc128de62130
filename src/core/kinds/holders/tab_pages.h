// The pages of tab pages, and where their tabs stand.
#pragma once

#include "core/model/control.h"

namespace nabblet {

struct Page
{
    int id = 0; // names it for as long as it is there
    QString title;

    bool operator==(const Page &) const = default;
};
QList<Page> pagesOf(const Control &container);
void setPages(Control &container, const QList<Page> &pages);

// The place of each page's tab, px from the control's top left corner: as wide as its title needs, narrower where they
// would not all fit.
QList<QRect> tabPlaces(const Control &control);
// The page whose tab is at a point, px from the control's top left corner; 0 for none.
int tabAt(const Control &control, QPoint point);

} // namespace nabblet
