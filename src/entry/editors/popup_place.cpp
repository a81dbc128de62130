#include "entry/editors/popup_place.h"

#include <QScreen>
#include <QWidget>

#include <algorithm>

namespace nabblet {

QPoint popupPlace(const QWidget *box, const QSize &size)
{
    constexpr int Gap = 1; // px
    QPoint at = box->mapToGlobal(QPoint(0, box->height() + Gap));
    const QRect screen = box->screen()->availableGeometry();
    if (at.y() + size.height() > screen.bottom()) {
        at.setY(std::max(screen.top(), box->mapToGlobal(QPoint(0, -Gap - size.height())).y()));
    }
    at.setX(std::max(screen.left(), std::min(at.x(), screen.right() + 1 - size.width())));
    return at;
}

} // namespace nabblet
