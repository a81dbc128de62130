#include "core/arrange/windows/window_size.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/following.h"
#include "core/arrange/rails.h"
#include "core/arrange/windows/stretching.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/holders/panes.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int FewLetters = 48; // px; a stretching box that is narrower says nothing any more
constexpr int OneLine = 24;    // px; one that is lower neither
constexpr int FewLines = 80;   // px that stay in sight of what scrolls

// Whether a control alone is out of order: out of its container, band or form, or too small though it was not designed
// so.
bool isCramped(const Form &form, const Control &control, const Control &designed)
{
    const Control *container = control.container != 0 ? form.controls.find(control.container) : nullptr;
    if (container && kindNamed(container->kind).scrolls) {
        return false; // what has no room there scrolls
    }
    const Band *band = findBand(form, control.band);
    const QRect around = container ? container->place : QRect(0, 0, form.width, band ? band->height : 0);
    if (!around.contains(control.place)) {
        return true;
    }
    const QSize size = designed.place.size();
    if (control.place.width() >= size.width() && control.place.height() >= size.height()) {
        return false;
    }
    const bool scrolls = kindNamed(control.kind).scrolls || control.kind == QLatin1String("subform");
    const QSize least(std::min(size.width(), FewLetters), std::min(size.height(), scrolls ? FewLines : OneLine));
    return control.place.width() < least.width() || control.place.height() < least.height();
}

// Controls that clash at that width and did not as designed, found along the form's height.
QList<ControlId> clashes(const Form &designed, const Form &shown)
{
    QSet<ControlId> found;
    QList<int> order;
    for (int i = 0; i < shown.controls.size(); ++i) {
        order.append(i);
        if (isCramped(shown, shown.controls.at(i), designed.controls.at(i)) &&
            !isCramped(designed, designed.controls.at(i), designed.controls.at(i))) {
            found.insert(shown.controls.at(i).id);
        }
    }
    std::sort(order.begin(), order.end(), [&](int a, int b) {
        const Control &first = shown.controls.at(a);
        const Control &second = shown.controls.at(b);
        return std::pair(first.band, first.place.y()) < std::pair(second.band, second.place.y());
    });
    for (qsizetype i = 0; i < order.size(); ++i) {
        const Control &upper = shown.controls.at(order.at(i));
        for (qsizetype j = i + 1; j < order.size(); ++j) {
            const Control &lower = shown.controls.at(order.at(j));
            if (lower.band != upper.band || lower.place.y() >= bottomOf(upper.place)) {
                break;
            }
            if (areaOf(upper) == areaOf(lower) && overlap(upper.place, lower.place) &&
                !overlap(designed.controls.at(order.at(i)).place, designed.controls.at(order.at(j)).place)) {
                found.insert(upper.id);
                found.insert(lower.id);
            }
        }
    }
    QList<ControlId> result;
    for (const Control &control : shown.controls) {
        if (found.contains(control.id)) {
            result.append(control.id);
        }
    }
    return result;
}

} // namespace

QSize designedSize(const Form &form)
{
    return {form.width, shownHeight(form)};
}

Form atSize(const Form &form, QSize size)
{
    const Band *body = findBand(form, BandRole::Body);
    return stretchedTo(form, size.width(), (body ? body->height : 0) + size.height() - shownHeight(form),
                       Narrowing::Allowed);
}

SizeReport sizeReport(const Form &form, QSize size)
{
    const Form shown = atSize(form, size);
    SizeReport report;
    for (int i = 0; i < form.controls.size(); ++i) {
        const Control &before = form.controls.at(i);
        const Control &after = shown.controls.at(i);
        if (before.place.size() != after.place.size()) {
            report.stretching.append(after.id);
        } else if (before.place != after.place) {
            report.moving.append(after.id);
        }
    }
    report.clashing = clashes(form, shown);
    return report;
}

namespace {

// The least number up to `most` for which nothing clashes.
template <typename Shown> int leastWithoutClash(const Form &form, int most, Shown shownAt)
{
    int least = LeastSize;
    while (least < most) {
        const int middle = (least + most) / 2;
        if (clashes(form, shownAt(middle)).isEmpty()) {
            most = middle;
        } else {
            least = middle + 1;
        }
    }
    return most;
}

} // namespace

int narrowestWidth(const Form &form)
{
    return leastWithoutClash(form, std::max(LeastSize, form.width), [&](int width) {
        return atSize(form, {width, shownHeight(form)});
    });
}

namespace {

// At a width at which nothing clashes, so that a window may be as low as that at any width.
int lowestHeightAt(const Form &form, int width)
{
    const Band *body = findBand(form, BandRole::Body);
    if (!body || isTabular(form)) {
        return shownHeight(form);
    }
    const int others = shownHeight(form) - body->height;
    const bool isHeld = std::any_of(form.controls.begin(), form.controls.end(), [](const Control &control) {
        return control.band == BandRole::Body &&
               (control.rides.top != FixedRail::None || control.rides.bottom != FixedRail::None);
    });
    if (!isHeld) { // then nothing moves, and the body ends at its lowest control
        int lowest = LeastSize;
        for (const Control &control : form.controls) {
            lowest = control.band == BandRole::Body && control.container == 0
                         ? std::max(lowest, bottomOf(control.place))
                         : lowest;
        }
        return others + std::min(lowest, body->height);
    }
    return leastWithoutClash(form, shownHeight(form), [&](int height) { return atSize(form, {width, height}); });
}

} // namespace

int lowestHeight(const Form &form)
{
    return lowestHeightAt(form, narrowestWidth(form));
}

QSize leastWindowSize(const Form &form)
{
    if (form.leastWidth > 0 && form.leastHeight > 0) {
        return {form.leastWidth, form.leastHeight};
    }
    const int narrowest = narrowestWidth(form);
    return {form.leastWidth > 0 ? form.leastWidth : narrowest,
            form.leastHeight > 0 ? form.leastHeight : lowestHeightAt(form, narrowest)};
}

namespace {

// How far left something that goes with the form's right edge may come, px: to the left edge of what around it stays.
int leftmostOf(const Form &form, const Control &control)
{
    for (const ControlId around : containersAround(form, control.id)) {
        if (stretches(*form.controls.find(around))) {
            return std::min(control.place.x(), roomOf(form, areaOf(control)).x());
        }
    }
    return std::min(control.place.x(), 0);
}

// Whether something that is not held to the form's right edge goes along all the same: nothing holds it, and its
// container goes.
bool goesWithItsContainer(const Form &form, const Control &control, const QSet<ControlId> &held)
{
    const Control *around = form.controls.find(control.container);
    if (!around || control.rides.left != FixedRail::None || control.rides.right != FixedRail::None) {
        return false;
    }
    return held.contains(around->id) ? !stretches(*around) : goesWithItsContainer(form, *around, held);
}

// Whether a caption goes where its box goes.
bool isCarriedAcross(const Control &control)
{
    return control.captionFor != 0 && control.rides.left == FixedRail::None && control.rides.right == FixedRail::None;
}

// The form's least width on account of one control, px: nothing that stays is cut by what narrows around it, nothing
// that goes along leaves what stays.
int leastWidthFor(const Form &form, const Control &control, const QSet<ControlId> &held)
{
    if (isCarriedAcross(control) && held.contains(control.captionFor)) {
        return stretches(*form.controls.find(control.captionFor)) ? 0 : form.width - std::max(0, control.place.x());
    }
    if (held.contains(control.id)) {
        // What stretches keeps its distance to the edge and at least its least width.
        return form.width +
               (stretches(control) ? LeastSize - control.place.width() : leftmostOf(form, control) - control.place.x());
    }
    if (goesWithItsContainer(form, control, held)) {
        return 0;
    }
    if (control.container == 0) {
        return rightOf(control.place);
    }
    int least = 0;
    Area area = areaOf(control);
    for (const ControlId id : containersAround(form, control.id)) {
        const Control &around = *form.controls.find(id);
        if (held.contains(id) || goesWithItsContainer(form, around, held)) {
            least = std::max(least, form.width - std::max(0, rightOf(roomOf(form, area)) - rightOf(control.place)));
        }
        area = areaOf(around);
    }
    return least;
}

} // namespace

namespace {

constexpr int Unlimited = 16000; // px; wider than any screen

// How much wider a box that stretches gets of use, px: by the letters that its column takes, where that is known, as a
// form measures no text.
std::optional<int> neededMore(const Form &form, const Control &control)
{
    constexpr int Letter = 8; // px, a wide one
    std::optional<int> length;
    for (const BoundColumn &column : form.boundColumns) {
        length = column.column == control.column ? column.length : length;
    }
    if (!length || control.column.isEmpty() || kindNamed(control.kind).editor != Editor::Line) {
        return std::nullopt;
    }
    return std::max(0, boxWidthFor(control, *length * Letter, UsualPadding) - control.place.width());
}

// How far a form grows along a direction, by what rides which rails. hasRows: whether rows or lists get longer there.
int mostAlong(const Form &form, int designed, RailId moving, const QList<Rail> &rails, RailId Rides::*start,
              RailId Rides::*end, bool isDown)
{
    bool grows = false;
    bool isKnown = true; // how much, of all that stretches
    bool hasStretching = false;
    int more = 0;
    for (const Control &control : form.controls) {
        if (isDown && control.band != BandRole::Body) {
            continue;
        }
        const auto moves = [&](RailId id) {
            const auto rail = std::find_if(rails.begin(), rails.end(), [&](const Rail &each) { return each.id == id; });
            return id == moving || (rail != rails.end() && rail->hold == Hold::End);
        };
        const bool isStretching =
            moves(control.rides.*end) && control.rides.*start != FixedRail::None && !moves(control.rides.*start);
        if (isStretching && !isDown) {
            const std::optional<int> needed = neededMore(form, control);
            hasStretching = true;
            isKnown = isKnown && needed.has_value();
            more = std::max(more, needed.value_or(0));
        }
        for (const RailId id : {control.rides.*start, control.rides.*end}) {
            const auto rail = std::find_if(rails.begin(), rails.end(), [&](const Rail &each) { return each.id == id; });
            if (rail != rails.end() && rail->hold == Hold::Share) {
                return Unlimited;
            }
            const bool isMoving = moves(id);
            const Kind &kind = kindNamed(control.kind);
            const bool hasRows = kind.scrolls || kind.editor == Editor::Rows;
            if (isMoving && isDown && hasRows) {
                return Unlimited;
            }
            grows = grows || isMoving;
        }
    }
    if (hasStretching && isKnown) {
        return std::min(designed + more, designed * 3 / 2);
    }
    return grows ? designed * 3 / 2 : designed;
}

} // namespace

QSize mostWindowSize(const Form &form)
{
    const int height = shownHeight(form);
    return {mostAlong(form, form.width, FixedRail::FormRight, form.rails, &Rides::left, &Rides::right, false),
            isTabular(form)
                ? Unlimited
                : mostAlong(form, height, FixedRail::BodyBottom, form.levelRails, &Rides::top, &Rides::bottom, true)};
}

bool stretches(const Control &control)
{
    return control.rides.right == FixedRail::FormRight && control.rides.left != FixedRail::None;
}

Form setFormWidth(const Form &form, int width)
{
    const QSet<ControlId> held = heldToFormRight(form);
    int least = LeastSize;
    for (const Control &control : form.controls) {
        least = std::max(least, leastWidthFor(form, control, held));
    }
    const int wanted = std::max(width, least);
    const int distance = wanted - form.width;
    Form result = form;
    result.width = wanted;
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (held.contains(control.id)) {
            if (stretches(control)) {
                pinDivider(control);
                control.place.setWidth(control.place.width() + distance);
            } else {
                control.place.translate(distance, 0);
            }
            result.controls.replace(i, control);
        }
    }
    return withCaptionsFollowing(form, withMembersFollowing(form, result));
}

namespace {

// The body's least height on account of one control, px, as leastWidthFor() has it for widths.
int leastHeightFor(const Form &form, int height, const Control &control, const QSet<ControlId> &held)
{
    const bool isHeldAtTop = control.rides.top != FixedRail::None;
    if (control.captionFor != 0 && held.contains(control.captionFor)) { // goes along with its box
        const bool stays = form.controls.find(control.captionFor)->rides.top != FixedRail::None;
        return stays ? bottomOf(control.place) : height - std::max(0, control.place.y());
    }
    if (held.contains(control.id)) {
        // What moves comes as far up as what around it stays.
        const QList<ControlId> around = containersAround(form, control.id);
        const bool isInStaying = std::any_of(around.begin(), around.end(), [&](ControlId id) {
            return form.controls.find(id)->rides.top != FixedRail::None;
        });
        const int room = control.place.y() - (isInStaying ? roomOf(form, areaOf(control)).y() : 0);
        return height - (isHeldAtTop ? control.place.height() - LeastSize : std::max(0, room));
    }
    if (control.container == 0) {
        return bottomOf(control.place);
    }
    const Control &around = *form.controls.find(control.container);
    const bool isCut = held.contains(around.id) && around.rides.top != FixedRail::None &&
                       !kindNamed(around.kind).scrolls; // where it gets lower around what stays
    return isCut ? height - std::max(0, bottomOf(roomOf(form, areaOf(control))) - bottomOf(control.place)) : 0;
}

} // namespace

Form setBodyHeight(const Form &form, int asked)
{
    const Band *body = findBand(form, BandRole::Body);
    if (!body) {
        return form;
    }
    const QSet<ControlId> held = heldToBodyBottom(form);
    int height = std::max(asked, 0);
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Body) {
            height = std::max(height, leastHeightFor(form, body->height, control, held));
        }
    }
    const int by = height - body->height;
    Form result = form;
    for (Band &band : result.bands) {
        band.height += band.role == BandRole::Body ? by : 0;
    }
    for (int i = 0; by != 0 && i < result.controls.size(); ++i) {
        if (held.contains(result.controls.at(i).id)) {
            result.controls.replace(i, followed(result.controls.at(i), {0, 0, 0, by}));
        }
    }
    return grownToHold(withCaptionsFollowing(form, withMembersFollowing(form, result)));
}

} // namespace nabblet
