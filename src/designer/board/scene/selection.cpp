#include "designer/board/scene/selection.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/kinds/kind.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

template <typename Test> QList<ControlId> thoseThat(const Form &form, Test test)
{
    QList<ControlId> ids;
    for (const Control &control : form.controls) {
        if (test(control)) {
            ids.append(control.id);
        }
    }
    return ids;
}

} // namespace

void Selection::set(const QList<ControlId> &controls)
{
    clear();
    m_controls = controls;
}

void Selection::setBand(BandRole band)
{
    clear();
    m_band = band;
}

void Selection::setRail(RailId rail)
{
    clear();
    m_rail = rail;
}

void Selection::choose(ControlId control)
{
    if (m_controls.contains(control)) {
        m_controls.removeOne(control);
        m_controls.append(control);
    } else {
        set({control});
    }
}

void Selection::toggle(ControlId control)
{
    m_band.reset();
    m_rail = FixedRail::None;
    if (!m_controls.removeOne(control)) {
        m_controls.append(control);
    }
}

void Selection::add(const QList<ControlId> &controls)
{
    const QSet<ControlId> added(controls.begin(), controls.end());
    m_controls.removeIf([&](ControlId control) { return added.contains(control); });
    m_controls += controls;
}

void Selection::keepOnly(const Form &form)
{
    QSet<ControlId> there;
    for (const Control &control : form.controls) {
        there.insert(control.id);
    }
    m_controls.removeIf([&](ControlId control) { return !there.contains(control); });
    if (m_band && !findBand(form, *m_band)) {
        m_band.reset();
    }
    if (!findRail(form, m_rail)) {
        m_rail = FixedRail::None;
    }
}

QList<ControlId> controlsInBox(const Form &form, const QRect &box, Reach reach)
{
    return thoseThat(form, [&](const Control &control) {
        const QRect place = placeOnForm(form, control);
        return reach == Reach::WhollyInside ? box.contains(place) : box.intersects(place);
    });
}

namespace {

// Whether a point takes hold of a control. A container is held by its heading and its edges; inside, it is the ground
// for what stands in it.
bool isHeldAt(const Form &form, const Control &control, QPoint point, int room)
{
    const QRect place = placeOnForm(form, control);
    if (!place.adjusted(-room, -room, room, room).contains(point)) {
        return false;
    }
    if (!holdsOthers(control)) {
        return true;
    }
    constexpr int LeastEdge = 4; // px that take hold where a container keeps no space free
    const Insets insets = insetsOf(control);
    return !place
                .adjusted(std::max(LeastEdge, insets.left), std::max(LeastEdge, insets.top),
                          -std::max(LeastEdge, insets.right), -std::max(LeastEdge, insets.bottom))
                .contains(point);
}

} // namespace

ControlId containerAt(const Form &form, QPoint point, const QSet<ControlId> &without)
{
    for (int i = form.controls.size() - 1; i >= 0; --i) {
        const Control &control = form.controls.at(i);
        if (holdsOthers(control) && !without.contains(control.id) && placeOnForm(form, control).contains(point)) {
            return control.id;
        }
    }
    return 0;
}

QList<ControlId> controlsAt(const Form &form, QPoint point, int slack)
{
    QList<ControlId> found;
    for (const int room : {0, slack}) {
        for (int i = form.controls.size() - 1; i >= 0; --i) {
            const Control &control = form.controls.at(i);
            if (isHeldAt(form, control, point, room)) {
                found.append(control.id);
            }
        }
        if (!found.isEmpty()) {
            break;
        }
    }
    return found;
}

ControlId controlAt(const Form &form, QPoint point, int slack)
{
    const QList<ControlId> found = controlsAt(form, point, slack);
    return found.isEmpty() ? 0 : found.first();
}

QList<ControlId> controlsBetween(const Form &form, ControlId from, ControlId to)
{
    const auto stopFor = [&](ControlId id) {
        const Control *control = form.controls.find(id);
        return control && control->captionFor != 0 ? control->captionFor : id;
    };
    const QList<ControlId> order = tabSequence(form);
    const qsizetype first = order.indexOf(stopFor(from));
    const qsizetype last = order.indexOf(stopFor(to));
    if (first < 0 || last < 0) {
        return {to};
    }
    QList<ControlId> between = order.mid(std::min(first, last), std::abs(last - first) + 1);
    if (last < first) {
        std::reverse(between.begin(), between.end());
    }
    return between;
}

QList<ControlId> controlsInBand(const Form &form, BandRole band)
{
    return thoseThat(form, [&](const Control &control) { return control.band == band; });
}

QList<ControlId> controlsOfKind(const Form &form, const QString &kind)
{
    return thoseThat(form, [&](const Control &control) { return control.kind == kind; });
}

namespace {

// What stands in the area of a control, and the place of that among it; -1 for none.
struct AreaOf
{
    QList<Arranged> items;
    int own = -1;
};
AreaOf areaAround(const Form &form, ControlId of)
{
    const Control *lead = form.controls.find(of);
    AreaOf area{lead ? arrangedIn(form, areaOf(*lead)) : QList<Arranged>(), -1};
    for (int i = 0; i < area.items.size(); ++i) {
        area.own = isAmong(area.items.at(i), {of}) ? i : area.own;
    }
    return area;
}

QList<ControlId> controlsOf(const QList<Arranged> &items, const QList<int> &members)
{
    QList<ControlId> controls;
    for (const int member : members) {
        controls.append(items.at(member).control);
    }
    return controls;
}

} // namespace

QList<ControlId> controlsOfRow(const Form &form, ControlId of)
{
    const AreaOf area = areaAround(form, of);
    for (const FieldRow &row : fieldRows(area.items)) {
        if (row.members.contains(area.own)) {
            return controlsOf(area.items, row.members);
        }
    }
    return {};
}

QList<ControlId> controlsOfColumn(const Form &form, ControlId of)
{
    const AreaOf area = areaAround(form, of);
    return area.own < 0 ? QList<ControlId>() : controlsOf(area.items, columnOf(area.items, area.own));
}

QList<ControlId> captionsAmong(const Form &form, const QList<ControlId> &controls)
{
    const QSet<ControlId> named(controls.begin(), controls.end());
    return thoseThat(form, [&](const Control &control) {
        return isCaption(control) &&
               (named.isEmpty() || named.contains(control.id) || named.contains(control.captionFor));
    });
}

QList<ControlId> boxesAmong(const Form &form, const QList<ControlId> &controls)
{
    QSet<ControlId> named(controls.begin(), controls.end());
    for (const Control &control : form.controls) {
        if (named.contains(control.id) && control.captionFor != 0) {
            named.insert(control.captionFor);
        }
    }
    return thoseThat(form, [&](const Control &control) {
        return !isCaption(control) && (named.isEmpty() || named.contains(control.id));
    });
}

} // namespace nabblet
