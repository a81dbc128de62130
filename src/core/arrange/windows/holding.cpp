#include "core/arrange/windows/holding.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rails.h"
#include "core/arrange/windows/stretching.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <QHash>
#include <QSet>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

constexpr int Whole = 1000; // thousandths

// The two edges of a control along a direction, and the form's own edges there.
struct Ends
{
    RailId Rides::*start;
    RailId Rides::*end;
    RailId formStart;
    RailId formEnd;
};

Ends endsOf(Direction direction)
{
    return direction == Direction::Across
               ? Ends{&Rides::left, &Rides::right, FixedRail::FormLeft, FixedRail::FormRight}
               : Ends{&Rides::top, &Rides::bottom, FixedRail::BodyTop, FixedRail::BodyBottom};
}

int lengthOf(const Form &form, Direction direction)
{
    return direction == Direction::Across ? form.width : railPosition(form, FixedRail::BodyBottom);
}

void hold(Form &form, Control &control, Direction direction, Holding holding)
{
    const Ends ends = endsOf(direction);
    RailId &start = control.rides.*ends.start;
    RailId &end = control.rides.*ends.end;
    const bool isAcross = direction == Direction::Across;
    const int from = isAcross ? control.place.x() : control.place.y();
    const int to = isAcross ? rightOf(control.place) : bottomOf(control.place);
    const int length = std::max(1, lengthOf(form, direction));
    switch (holding) {
    case Holding::Stays:
        end = FixedRail::None;
        start = shareAt(form, start) == 0 ? start : FixedRail::None;
        break;
    case Holding::Moves:
        start = FixedRail::None;
        end = shareAt(form, end) == Whole ? end : ends.formEnd;
        break;
    case Holding::Stretches:
        start = start != FixedRail::None && shareAt(form, start) == 0 ? start : ends.formStart;
        end = shareAt(form, end) == Whole ? end : ends.formEnd;
        break;
    case Holding::KeepsShare:
        start = railWithShare(form, direction, from, static_cast<int>(std::lround(1.0 * Whole * from / length)));
        end = railWithShare(form, direction, to, static_cast<int>(std::lround(1.0 * Whole * to / length)));
        break;
    }
}

} // namespace

int shareAt(const Form &form, RailId id)
{
    return static_cast<int>(std::lround(shareOf(form, id) * Whole));
}

RailId railWithShare(Form &form, Direction direction, int position, int share)
{
    const Ends ends = endsOf(direction);
    if (share <= 0) {
        return ends.formStart;
    }
    if (share >= Whole) {
        return ends.formEnd;
    }
    QList<Rail> &rails = direction == Direction::Across ? form.rails : form.levelRails;
    for (const Rail &rail : std::as_const(rails)) {
        if (rail.position == position && shareAt(form, rail.id) == share) {
            return rail.id;
        }
    }
    Rail rail;
    rail.id = nextRailId(form);
    rail.name = QStringLiteral("share_%1").arg(rail.id - FixedRail::FirstFree + 1);
    const auto isSo = [&](const Rail &each) { return each.name == rail.name; };
    if (std::any_of(form.rails.begin(), form.rails.end(), isSo) ||
        std::any_of(form.levelRails.begin(), form.levelRails.end(), isSo)) {
        rail.name = NamePool(railNames(form)).take(rail.name);
    }
    rail.position = position;
    rail.hold = Hold::Share;
    rail.share = share;
    rails.append(rail);
    return rail.id;
}

Form withoutIdleShares(const Form &form)
{
    QSet<RailId> ridden;
    for (const Control &control : form.controls) {
        for (const auto edge : RideEdges) {
            ridden.insert(control.rides.*edge);
        }
    }
    Form result = form;
    for (QList<Rail> *rails : {&result.rails, &result.levelRails}) {
        rails->removeIf([&](const Rail &rail) { return rail.share != Rail::ByPlace && !ridden.contains(rail.id); });
    }
    return result;
}

std::optional<Holding> holdingOf(const Form &form, const Control &control, Direction direction)
{
    const Ends ends = endsOf(direction);
    const RailId start = control.rides.*ends.start;
    const RailId end = control.rides.*ends.end;
    const int startShare = shareAt(form, start);
    const int endShare = shareAt(form, end);
    if (start != FixedRail::None && end != FixedRail::None) {
        return startShare == 0 && endShare == 0           ? std::optional(Holding::Stays)
               : startShare == 0 && endShare == Whole     ? std::optional(Holding::Stretches)
               : startShare == Whole && endShare == Whole ? std::optional(Holding::Moves)
               : startShare != endShare                   ? std::optional(Holding::KeepsShare)
                                                          : std::nullopt;
    }
    const int share = start != FixedRail::None ? startShare : endShare;
    return share == 0 ? std::optional(Holding::Stays) : share == Whole ? std::optional(Holding::Moves) : std::nullopt;
}

QString whyNotHeld(const Form &form, const QList<ControlId> &controls, Direction direction)
{
    const QSet<ControlId> stay = inFirstPanes(form, direction == Direction::Across ? Qt::Horizontal : Qt::Vertical);
    if (std::any_of(controls.begin(), controls.end(), [&](ControlId id) { return stay.contains(id); })) {
        return Texts::tr("The first of two panes keeps its size; the second gets all that the window gains.");
    }
    if (direction == Direction::Across) {
        return {};
    }
    if (isTabular(form)) {
        return Texts::tr("In a tabular form, the rows keep their height.");
    }
    const bool isInBody = std::all_of(controls.begin(), controls.end(), [&](ControlId id) {
        const Control *control = form.controls.find(id);
        return !control || control->band == BandRole::Body;
    });
    return isInBody ? QString()
                    : Texts::tr("Only the body gets higher with the window; header and footer keep their height.");
}

Form withHolding(const Form &form, const QList<ControlId> &controls, Direction direction, Holding holding)
{
    if (!whyNotHeld(form, controls, direction).isEmpty()) {
        return form;
    }
    const Ends ends = endsOf(direction);
    Form result = form;
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    QHash<ControlId, int> places;   // in the form's list
    QHash<ControlId, int> captions; // by their box
    for (int i = 0; i < form.controls.size(); ++i) {
        places.insert(form.controls.at(i).id, i);
        if (const ControlId field = form.controls.at(i).captionFor; field != 0) {
            captions.insert(field, i);
        }
    }
    const auto change = [&](int index, Holding wanted) {
        Control control = result.controls.at(index);
        hold(result, control, direction, wanted);
        if (wanted == Holding::Stays && control.rides.*ends.start == FixedRail::None) {
            const RailId there = withRidesByPlace(result, control).rides.*ends.start;
            control.rides.*ends.start = shareAt(result, there) == 0 ? there : FixedRail::None;
        }
        result.controls.replace(index, control);
    };
    QSet<ControlId> around;
    for (const ControlId id : controls) {
        const int index = places.value(id, -1);
        if (index < 0) {
            continue;
        }
        const Control &control = form.controls.at(index);
        if (control.captionFor != 0 && chosen.contains(control.captionFor)) {
            continue; // goes with its box
        }
        const bool keepsItsSize = isCaption(control) && holding != Holding::Moves;
        change(index, keepsItsSize ? Holding::Stays : holding);
        const auto caption = captions.constFind(id);
        if (caption != captions.constEnd() && direction == Direction::Across &&
            (holding == Holding::Moves || holding == Holding::KeepsShare)) {
            // It goes with its box; a rail of its own would keep it back.
            Control freed = result.controls.at(*caption);
            freed.rides.left = freed.rides.right = FixedRail::None;
            result.controls.replace(*caption, freed);
        }
        for (int at = index; holding != Holding::Stays && at >= 0;) {
            const ControlId container = form.controls.at(at).container;
            at = places.value(container, -1);
            if (at < 0 || around.contains(container)) {
                break;
            }
            around.insert(container);
            const std::optional<Holding> now = holdingOf(result, result.controls.at(at), direction);
            if (!now || *now == Holding::Stays) {
                change(at, Holding::Stretches);
            }
        }
    }
    return withoutIdleShares(result);
}

} // namespace nabblet
