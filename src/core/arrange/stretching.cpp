#include "core/arrange/stretching.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/kind.h"

#include <QHash>

#include <algorithm>
#include <cmath>

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

bool ridesDown(const Control &control)
{
    return control.band == BandRole::Body &&
           (control.rides.top != FixedRail::None || control.rides.bottom != FixedRail::None);
}

bool ridesAcross(const Control &control)
{
    return control.rides.left != FixedRail::None || control.rides.right != FixedRail::None;
}

// How far a rail goes along when what it lies across gains so much, px.
int goesAlong(const Rail &rail, int gained, int designed)
{
    switch (rail.hold) {
    case Hold::Start:
        return 0;
    case Hold::End:
        return gained;
    case Hold::Share:
        break;
    }
    const double share = rail.share != Rail::ByPlace ? rail.share / 1000.0
                         : designed == 0             ? 0.0
                                                     : static_cast<double>(rail.position) / designed;
    return static_cast<int>(std::lround(share * gained));
}

// What happens to the rails of a form that gains, or loses, so much.
struct Gain
{
    const Form &designed;
    int bodyHeight; // as designed
    int across;     // px
    int down;

    int of(RailId id) const
    {
        switch (id) {
        case FixedRail::None:
        case FixedRail::FormLeft:
        case FixedRail::BodyTop:
            return 0;
        case FixedRail::FormRight:
            return across;
        case FixedRail::BodyBottom:
            return down;
        default:
            break;
        }
        const Rail *rail = findRail(designed, id);
        const bool isLevel = isLevelRail(designed, id);
        return !rail ? 0 : isLevel ? goesAlong(*rail, down, bodyHeight) : goesAlong(*rail, across, designed.width);
    }
    // What stands in a first pane gains nothing: its end stays.
    QSet<ControlId> stayAcross = inFirstPanes(designed, Qt::Horizontal);
    QSet<ControlId> stayDown = inFirstPanes(designed, Qt::Vertical);

    RailMoves forControl(const Control &control) const
    {
        const bool goesAcross = !stayAcross.contains(control.id);
        const bool goesDown = control.band == BandRole::Body && !stayDown.contains(control.id);
        return {goesAcross ? of(control.rides.left) : 0, goesAcross ? of(control.rides.right) : 0,
                goesDown ? of(control.rides.top) : 0, goesDown ? of(control.rides.bottom) : 0};
    }
};

// Whether what has no room around a control scrolls, at any depth.
bool isOnWhatScrolls(const Form &form, const Control &control)
{
    const QList<ControlId> around = containersAround(form, control.id);
    return std::any_of(around.begin(), around.end(),
                       [&](ControlId id) { return kindNamed(form.controls.find(id)->kind).scrolls; });
}

// What stands below something whose lower edge moves, in the same area and not held itself, goes along with it.
class Below
{
public:
    Below(const Form &form, const Gain &gain)
    {
        for (const Control &control : form.controls) {
            const bool getsHigher = control.band == BandRole::Body && control.rides.top != FixedRail::None &&
                                    control.rides.bottom != FixedRail::None;
            const int by = getsHigher ? gain.forControl(control).bottom : 0;
            if (by != 0) {
                m_movers[areaOf(control)].append({bottomOf(control.place), by});
            }
        }
    }
    int of(const Control &control) const
    {
        int most = 0;
        const auto movers = m_movers.constFind(areaOf(control));
        if (movers != m_movers.constEnd()) {
            for (const auto &[bottom, by] : *movers) {
                most = control.place.y() >= bottom && std::abs(by) > std::abs(most) ? by : most;
            }
        }
        return most;
    }

private:
    QHash<Area, QList<std::pair<int, int>>> m_movers;
};

} // namespace

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

Form stretchedTo(const Form &form, int width, int bodyHeight, Narrowing narrowing)
{
    const bool mayShrink = narrowing == Narrowing::Allowed;
    Form result = form;
    result.width = mayShrink ? std::max(LeastSize, width) : std::max(form.width, width);
    Gain gain{form, 0, result.width - form.width, 0};
    for (Band &band : result.bands) {
        if (band.role == BandRole::Body) {
            gain.bodyHeight = band.height;
            const int wanted = mayShrink ? std::max(LeastSize, bodyHeight) : std::max(band.height, bodyHeight);
            gain.down = isTabular(form) ? 0 : wanted - band.height;
            band.height += gain.down;
        }
    }
    if (gain.across == 0 && gain.down == 0) {
        return form;
    }
    for (QList<Rail> *rails : {&result.rails, &result.levelRails}) {
        for (Rail &rail : *rails) {
            rail.position += gain.of(rail.id);
        }
    }
    const Below below(form, gain);
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &designed = form.controls.at(i);
        Control control = followed(designed, gain.forControl(designed));
        if (!ridesDown(designed) && designed.band == BandRole::Body) {
            control.place.translate(0, below.of(designed));
        } else if (gain.down < 0 && control.place.height() < designed.place.height() &&
                   isOnWhatScrolls(form, designed)) {
            control.place.setHeight(designed.place.height());
        }
        result.controls.replace(i, control);
    }
    return withCaptionsFollowing(form, withMembersFollowing(form, result));
}

} // namespace nabblet
