#include "core/arrange/window_size.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rails.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int FewLetters = 48; // px; a stretching box that is narrower says nothing any more

// Whether a control alone is out of order: out of its container or the form, or too narrow though it was not designed
// so.
bool isCramped(const Form &form, const Control &control, const Control &designed)
{
    const int least = std::min(designed.place.width(), FewLetters);
    const Control *container = form.controls.find(control.container);
    if (container && kindNamed(container->kind).scrolls) {
        return false; // what has no room there scrolls
    }
    const int left = container ? container->place.x() : 0;
    const int right = container ? rightOf(container->place) : form.width;
    return control.place.x() < left || rightOf(control.place) > right || control.place.width() < least;
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

Form atWidth(const Form &form, int width)
{
    const Band *body = findBand(form, BandRole::Body);
    return stretchedTo(form, width, body ? body->height : 0, Narrowing::Allowed);
}

WidthReport widthReport(const Form &form, int width)
{
    const Form shown = atWidth(form, width);
    WidthReport report;
    for (int i = 0; i < form.controls.size(); ++i) {
        const Control &before = form.controls.at(i);
        const Control &after = shown.controls.at(i);
        if (before.place.width() != after.place.width()) {
            report.stretching.append(after.id);
        } else if (before.place.x() != after.place.x()) {
            report.moving.append(after.id);
        }
    }
    report.clashing = clashes(form, shown);
    return report;
}

int narrowestWidth(const Form &form)
{
    int least = 8;
    int most = std::max(8, form.width);
    while (least < most) {
        const int middle = (least + most) / 2;
        if (clashes(form, atWidth(form, middle)).isEmpty()) {
            most = middle;
        } else {
            least = middle + 1;
        }
    }
    return most;
}

int leastWindowWidth(const Form &form)
{
    return form.leastWidth > 0 ? form.leastWidth : narrowestWidth(form);
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

// The form's least width on account of one control, px: nothing that stays is cut by what narrows around it, nothing
// that goes along leaves what stays.
int leastWidthFor(const Form &form, const Control &control, const QSet<ControlId> &held)
{
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
                control.place.setWidth(control.place.width() + distance);
            } else {
                control.place.translate(distance, 0);
            }
            result.controls.replace(i, control);
        }
    }
    return withMembersFollowing(form, result);
}

} // namespace nabblet
