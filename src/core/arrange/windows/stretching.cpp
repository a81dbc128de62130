#include "core/arrange/windows/stretching.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/following.h"
#include "core/arrange/rails.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/kind.h"

#include <QHash>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

// What happens to the rails of a form that gains, or loses, so much.
struct Gain
{
    const Form &designed;
    int across; // px
    int down;

    int of(RailId id) const
    {
        const int gained = isLevelRail(designed, id) ? down : across;
        return gained == 0 ? 0 : static_cast<int>(std::lround(shareOf(designed, id) * gained));
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

double shareOf(const Form &form, RailId id)
{
    if (id == FixedRail::FormRight || id == FixedRail::BodyBottom) {
        return 1;
    }
    const Rail *rail = findRail(form, id);
    if (!rail || rail->hold != Hold::Share) {
        return rail && rail->hold == Hold::End ? 1 : 0;
    }
    if (rail->share != Rail::ByPlace) {
        return rail->share / 1000.0;
    }
    const int length = isLevelRail(form, id) ? railPosition(form, FixedRail::BodyBottom) : form.width;
    return length == 0 ? 0 : static_cast<double>(rail->position) / length;
}

Form stretchedTo(const Form &form, int width, int bodyHeight, Narrowing narrowing)
{
    const bool mayShrink = narrowing == Narrowing::Allowed;
    Form result = form;
    result.width = mayShrink ? std::max(LeastSize, width) : std::max(form.width, width);
    Gain gain{form, result.width - form.width, 0};
    for (Band &band : result.bands) {
        if (band.role == BandRole::Body) {
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
