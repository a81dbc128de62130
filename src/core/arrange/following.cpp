#include "core/arrange/following.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/kinds/holders/panes.h"

#include <QHash>

#include <algorithm>

namespace nabblet {

namespace {

// An edge pair after the rails it rides moved.
void follow(int &start, int &size, bool startRides, bool endRides, int startBy, int endBy)
{
    if (startRides && endRides) {
        const int end = start + size + endBy;
        start += startBy;
        size = std::max(LeastSize, end - start);
    } else {
        start += startRides ? startBy : endRides ? endBy : 0;
    }
}

bool ridesAcross(const Control &control)
{
    return control.rides.left != FixedRail::None || control.rides.right != FixedRail::None;
}

} // namespace

bool ridesDown(const Control &control)
{
    return control.band == BandRole::Body &&
           (control.rides.top != FixedRail::None || control.rides.bottom != FixedRail::None);
}

Control followed(const Control &control, const RailMoves &by)
{
    Control result = control;
    int x = control.place.x();
    int y = control.place.y();
    int width = control.place.width();
    int height = control.place.height();
    const Rides &rides = control.rides;
    follow(x, width, rides.left != FixedRail::None, rides.right != FixedRail::None, by.left, by.right);
    if (ridesDown(control)) {
        follow(y, height, rides.top != FixedRail::None, rides.bottom != FixedRail::None, by.top, by.bottom);
    }
    if (QSize(width, height) != control.place.size()) {
        pinDivider(result);
    }
    result.place = QRect(x, y, width, height);
    return result;
}

Form withCaptionsFollowing(const Form &before, const Form &after)
{
    QHash<ControlId, QPoint> moved;
    for (int i = 0; i < after.controls.size(); ++i) {
        const Control &now = after.controls.at(i);
        const QPoint by = now.place.topLeft() - before.controls.at(i).place.topLeft();
        if (!by.isNull()) {
            moved.insert(now.id, by);
        }
    }
    Form result = after;
    for (int i = 0; i < after.controls.size() && !moved.isEmpty(); ++i) {
        const Control &caption = after.controls.at(i);
        const auto along = caption.captionFor != 0 ? moved.constFind(caption.captionFor) : moved.constEnd();
        if (along == moved.constEnd() || areaOf(*after.controls.find(caption.captionFor)) != areaOf(caption)) {
            continue;
        }
        const QPoint by = *along;
        const QPoint gone = caption.place.topLeft() - before.controls.at(i).place.topLeft();
        Control there = caption;
        there.place.translate(ridesAcross(caption) ? 0 : by.x() - gone.x(), ridesDown(caption) ? 0 : by.y() - gone.y());
        if (there.place != caption.place) {
            result.controls.replace(i, there);
        }
    }
    return result;
}

} // namespace nabblet
