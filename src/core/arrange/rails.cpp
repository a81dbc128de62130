#include "core/arrange/rails.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/following.h"
#include "core/arrange/grid.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"

#include <QStringList>

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

// Whether a control stands behind x as a whole. A container does where all that it may hold does.
bool standsBehind(const Control &control, int x)
{
    return control.place.x() >= x ||
           (holdsOthers(control) && control.place.x() + insetsOf(control, FirstPane).left >= x);
}

// Opens (or closes, with a negative distance) space at x through the whole form. Rails that stand at x stay together,
// with the captions that end on them.
void openSpace(Form &form, const QSet<RailId> &at, int x, int distance)
{
    const QSet<ControlId> spanning = containersAcross(form, x);
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        const bool endsThere = at.contains(control.rides.right);
        if (standsBehind(control, x) || endsThere) {
            control.place.translate(distance, 0);
        } else if (spanning.contains(control.id) ||
                   (control.rides.right != FixedRail::None && railPosition(form, control.rides.right) > x)) {
            control.place.setWidth(std::max(LeastSize, control.place.width() + distance));
        }
        form.controls.replace(i, control);
    }
    for (Rail &rail : form.rails) {
        if (at.contains(rail.id) || rail.position > x) {
            rail.position += distance;
        }
        if (!at.contains(rail.id) && rail.isAutomatic && rail.captionsFrom >= x) {
            rail.captionsFrom += distance;
        }
    }
    form.width += distance;
}

// Whether something lies across x that neither ends on those rails nor gets narrower when space closes there.
bool isCrossed(const Form &form, const QSet<RailId> &at, int x)
{
    const QSet<ControlId> spanning = containersAcross(form, x);
    return std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
        const bool isStretching = control.rides.right != FixedRail::None && railPosition(form, control.rides.right) > x;
        return !standsBehind(control, x) && rightOf(control.place) > x && !at.contains(control.rides.right) &&
               !isStretching && !spanning.contains(control.id);
    });
}

// How far a control stands left of the room of its container, px; 0 where it stands inside.
int leftOfItsContainer(const Form &form, const Control &control)
{
    return control.container == 0 ? 0 : std::max(0, roomOf(form, areaOf(control)).x() - control.place.x());
}

// How much farther something stands left of its container than it did before, px. Each by itself: one that stood out
// far does not hide another that comes out now.
int movedOut(const Form &before, const Form &after)
{
    int most = 0;
    for (int i = 0; i < after.controls.size(); ++i) {
        most = std::max(most, leftOfItsContainer(after, after.controls.at(i)) -
                                  leftOfItsContainer(before, before.controls.at(i)));
    }
    return most;
}

// Moves rails and what rides them, and nothing else.
void moveTogether(Form &form, const QSet<RailId> &rails, int distance)
{
    for (int i = 0; i < form.controls.size(); ++i) {
        const Control &control = form.controls.at(i);
        const int leftBy = rails.contains(control.rides.left) ? distance : 0;
        const int rightBy = rails.contains(control.rides.right) ? distance : 0;
        if (leftBy != 0 || rightBy != 0) {
            form.controls.replace(i, followed(control, {leftBy, rightBy, 0, 0}));
        }
    }
    for (Rail &rail : form.rails) {
        rail.position += rails.contains(rail.id) ? distance : 0;
    }
}

// Where an automatic rail stands clear of the longest caption that ends on it, px; -1 where none does.
int leastPosition(const Form &form, const Rail &rail)
{
    int needed = -1;
    for (const Control &control : form.controls) {
        if (control.rides.right != rail.id || !isCaption(control)) {
            continue;
        }
        // In a container, its words begin inside the frame.
        const int from =
            control.container == 0 ? rail.captionsFrom : std::max(rail.captionsFrom, roomOf(form, areaOf(control)).x());
        needed = std::max(needed, from + control.place.width() + std::max(0, rail.position - rightOf(control.place)));
    }
    return needed;
}

// The place of the leftmost automatic rail that is not done.
std::optional<int> nextAutomatic(const Form &form, const QSet<RailId> &done)
{
    std::optional<int> next;
    for (const Rail &rail : form.rails) {
        if (rail.isAutomatic && !done.contains(rail.id)) {
            next = std::min(next.value_or(rail.position), rail.position);
        }
    }
    return next;
}

// What a container holds goes to the right where a caption that no automatic rail keeps clear would stick out of it.
Form withCaptionsInside(const Form &form)
{
    if (!hasContainers(form)) {
        return form;
    }
    Form result = form;
    for (const Control &container : form.controls) {
        for (const Area &area : areasIn(container)) {
            const int left = roomOf(result, area).x();
            int beyond = 0;
            const QList<int> inside = result.controls.index().areas.value(area);
            QSet<ControlId> moving;
            for (const int i : inside) {
                const Control &control = result.controls.at(i);
                beyond = std::max(beyond, isCaption(control) ? left - control.place.x() : 0);
                moving.insert(control.id);
            }
            if (beyond == 0) {
                continue;
            }
            moving += membersOf(result, moving);
            for (int i = 0; i < result.controls.size(); ++i) {
                Control control = result.controls.at(i);
                if (moving.contains(control.id)) {
                    control.place.translate(onGridAtOrAfter(beyond, std::max(1, form.grid.pitch)), 0);
                    result.controls.replace(i, withRidesByPlace(result, control));
                }
            }
        }
    }
    return result;
}

} // namespace

int railPosition(const Form &form, RailId rail)
{
    switch (rail) {
    case FixedRail::FormLeft:
    case FixedRail::BodyTop:
        return 0;
    case FixedRail::FormRight:
        return form.width;
    case FixedRail::BodyBottom: {
        const Band *body = findBand(form, BandRole::Body);
        return body ? body->height : 0;
    }
    default: {
        const Rail *own = findRail(form, rail);
        return own ? own->position : 0;
    }
    }
}

Form moveRail(const Form &form, RailId id, int position)
{
    Form result = form;
    int distance = 0;
    for (QList<Rail> *rails : {&result.rails, &result.levelRails}) {
        for (Rail &rail : *rails) {
            if (rail.id == id) {
                distance = std::max(position, 0) - rail.position;
                if (rail.isAutomatic) {
                    distance = std::max(distance, -rail.captionsFrom);
                    rail.captionsFrom += distance;
                }
                rail.position += distance;
            }
        }
    }
    if (distance == 0) {
        return form;
    }
    const bool isLevel = isLevelRail(form, id);
    const auto by = [&](RailId rail) { return rail == id ? distance : 0; };
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &control = result.controls.at(i);
        const Rides &rides = control.rides;
        const bool isOnIt = isLevel ? control.band == BandRole::Body && (rides.top == id || rides.bottom == id)
                                    : rides.left == id || rides.right == id;
        if (isOnIt) {
            result.controls.replace(
                i, followed(control, {by(rides.left), by(rides.right), by(rides.top), by(rides.bottom)}));
        }
    }
    const Form moved = withMembersFollowing(form, result);
    return grownToHold(isLevel ? withCaptionsFollowing(form, moved) : moved);
}

int captionWidth(const Control &caption, const TextMeasure &measure)
{
    const TextRole role = textRoleNamed(caption.role, TextRole::Caption);
    const auto own = measure.of(caption);
    int widest = 0;
    for (const QString &line : caption.text.split(u'\n')) {
        widest = std::max(widest, own->width(line, role));
    }
    return std::max(widest + 1, LeastSize);
}

namespace {

Form settledOnce(const Form &form, const TextMeasure &measure)
{
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &control = result.controls.at(i);
        if (!isCaption(control)) {
            continue;
        }
        const int width = captionWidth(control, measure);
        if (width == control.place.width()) {
            continue;
        }
        Control caption = control;
        if (caption.rides.right != FixedRail::None || (caption.captionFor != 0 && !sitsAbove(caption))) {
            caption.place.setLeft(rightOf(control.place) - width);
        } else {
            caption.place.setWidth(width);
        }
        result.controls.replace(i, caption);
    }

    // From the left; each moves those behind it.
    QSet<RailId> done;
    for (std::optional<int> x = nextAutomatic(result, done); x; x = nextAutomatic(result, done)) {
        QSet<RailId> there;
        int needed = -1;
        for (const Rail &rail : std::as_const(result.rails)) {
            if (rail.position == *x) {
                there.insert(rail.id);
                needed = rail.isAutomatic ? std::max(needed, leastPosition(result, rail)) : needed;
            }
        }
        done += there;
        const int wanted = onGridAtOrAfter(needed, std::max(1, result.grid.pitch));
        if (needed < 0 || wanted == *x) {
            continue;
        }
        // Space closes up only where nothing lies across it, which what comes nearer would run into, and as far as
        // nothing leaves its container.
        const Form before = result;
        int distance = wanted - *x;
        while (distance != 0) {
            if (distance < 0 && isCrossed(before, there, *x)) {
                moveTogether(result, there, distance);
            } else {
                openSpace(result, there, *x, distance);
            }
            const int beyond = distance < 0 && hasContainers(before) ? movedOut(before, result) : 0;
            if (beyond <= 0) {
                break;
            }
            result = before;
            distance = std::min(0, distance + onGridAtOrAfter(beyond, std::max(1, form.grid.pitch)));
        }
    }
    result = withCaptionsInside(result);
    int beyond = 0; // px that a caption which no rail keeps clear sticks out at the left
    for (const Control &control : result.controls) {
        beyond = std::max(beyond, isCaption(control) ? -control.place.x() : 0);
    }
    if (beyond > 0) {
        openSpace(result, {}, -beyond, onGridAtOrAfter(beyond, std::max(1, form.grid.pitch)));
    }
    return grownToHold(result);
}

} // namespace

Form settled(const Form &form, const TextMeasure &measure)
{
    // A rail that moved may have let another come nearer. It comes to rest in two or three rounds.
    constexpr int MostRounds = 8;
    Form result = form;
    for (int round = 0; round < MostRounds; ++round) {
        const Form before = result;
        result = settledOnce(result, measure);
        if (result == before) {
            break;
        }
    }
    return result;
}

Control withRidesByPlace(const Form &form, const Control &control)
{
    Control result = control;
    const bool isFieldCaption = control.captionFor != 0 && !sitsAbove(control);
    // A container keeps the rails it was given, but takes none by where it comes to stand: it goes with what is in it.
    const bool takesNew = !holdsOthers(control);
    const auto railAt = [&](const QList<Rail> &rails, int edge, RailId before) {
        for (const Rail &rail : rails) {
            if (rail.position == edge && (takesNew || rail.id == before)) {
                return rail.id;
            }
        }
        // A hold on the form's own edges is a wish about the window's size, not about a line to stand on.
        return before < FixedRail::FirstFree ? before : FixedRail::None;
    };
    if (control.captionFor == 0) { // the caption of a box goes with the box
        result.rides.top = railAt(form.levelRails, control.place.y(), control.rides.top);
        result.rides.bottom = railAt(form.levelRails, bottomOf(control.place), control.rides.bottom);
    }
    if (isFieldCaption) {
        result.rides.right = railAt(form.rails, rightOf(control.place) + CaptionGap, control.rides.right);
        return result;
    }
    result.rides.left = railAt(form.rails, control.place.x(), control.rides.left);
    if (control.kind != QLatin1String("caption")) {
        result.rides.right = railAt(form.rails, rightOf(control.place), control.rides.right);
    }
    return result;
}

Control withRidesSince(const Form &form, const QRect &before, const Control &control)
{
    const bool isMovedAcross = before.x() != control.place.x() || rightOf(before) != rightOf(control.place);
    const bool isMovedDown = before.y() != control.place.y() || bottomOf(before) != bottomOf(control.place);
    Control result = control;
    if (isMovedAcross || (isMovedDown && !form.levelRails.isEmpty())) {
        const Rides byPlace = withRidesByPlace(form, control).rides;
        if (isMovedAcross) {
            result.rides.left = byPlace.left;
            result.rides.right = byPlace.right;
        }
        if (isMovedDown) {
            result.rides.top = byPlace.top;
            result.rides.bottom = byPlace.bottom;
        }
    }
    return result;
}

Form grownToHold(const Form &asked)
{
    const Form form = withContainersGrown(asked);
    Form result = form;
    for (const Control &control : form.controls) {
        result.width = std::max(result.width, rightOf(control.place));
        for (Band &band : result.bands) {
            if (band.role == control.band) {
                band.height = std::max(band.height, control.place.y() + control.place.height());
            }
        }
    }
    if (result.width == form.width) {
        return result;
    }
    // What rides the form's right edge goes with it.
    const int distance = result.width - form.width;
    const QSet<ControlId> held = heldToFormRight(form);
    // As far as it does not stick out itself: all of it alike, so that nothing leaves what holds it.
    int overhang = 0;
    for (const Control &control : form.controls) {
        overhang = held.contains(control.id) ? std::max(overhang, rightOf(control.place) - form.width) : overhang;
    }
    for (int i = 0; i < result.controls.size(); ++i) {
        const Control &control = result.controls.at(i);
        if (held.contains(control.id)) {
            result.controls.replace(i, followed(control, {0, distance - overhang, 0, 0}));
        }
    }
    result = withCaptionsFollowing(form, withMembersFollowing(form, result));
    for (int i = 0; i < result.controls.size(); ++i) { // a caption behind its box comes to the edge as well
        Control caption = result.controls.at(i);
        if (caption.captionFor != 0 && rightOf(caption.place) > result.width) {
            caption.place.translate(result.width - rightOf(caption.place), 0);
            result.controls.replace(i, caption);
        }
    }
    return result;
}

} // namespace nabblet
