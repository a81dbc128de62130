#include "core/arrange/rows.h"

#include "core/kinds/kind.h"

#include <QHash>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LineHeight = 24; // px, the height of a box of one line

// The middle of a control's first line.
int firstLine(const Control &control)
{
    return control.place.y() + std::min(control.place.height(), LineHeight) / 2;
}

QList<const Control *> controlsOfBand(const Form &form, BandRole band)
{
    QList<const Control *> controls;
    for (const Control &control : form.controls) {
        if (control.band == band) {
            controls.append(&control);
        }
    }
    return controls;
}

// Groups by nearness along one direction: a control joins the group whose first member lies within half a line.
template <typename Along, typename Across>
QList<QList<ControlId>> grouped(QList<const Control *> controls, Along along, Across across)
{
    std::stable_sort(controls.begin(), controls.end(),
                     [&](const Control *a, const Control *b) { return along(*a) < along(*b); });
    QList<QList<const Control *>> groups;
    for (const Control *control : controls) {
        if (groups.isEmpty() || along(*control) - along(*groups.last().first()) > LineHeight / 2) {
            groups.append(QList<const Control *>());
        }
        groups.last().append(control);
    }
    QList<QList<ControlId>> result;
    for (QList<const Control *> &group : groups) {
        std::stable_sort(group.begin(), group.end(),
                         [&](const Control *a, const Control *b) { return across(*a) < across(*b); });
        QList<ControlId> ids;
        for (const Control *control : group) {
            ids.append(control->id);
        }
        result.append(ids);
    }
    return result;
}

int leftEdge(const Control &control)
{
    return control.place.x();
}

} // namespace

QList<QList<ControlId>> rowsOfBand(const Form &form, BandRole band)
{
    return grouped(controlsOfBand(form, band), firstLine, leftEdge);
}

QList<ControlId> tabSequence(const Form &form)
{
    QList<ControlId> sequence;
    for (const Band &band : form.bands) {
        QList<const Control *> stops;
        for (const Control *control : controlsOfBand(form, band.role)) {
            if (kindNamed(control->kind).editor != Editor::None) {
                stops.append(control);
            }
        }
        const auto groups = form.tabOrder == TabOrder::Columns ? grouped(stops, leftEdge, firstLine)
                                                               : grouped(stops, firstLine, leftEdge);
        for (const QList<ControlId> &group : groups) {
            sequence.append(group);
        }
    }
    if (form.tabOrder != TabOrder::ByHand) {
        return sequence;
    }
    // Those set by hand first; what came to the form since then follows as it stands.
    QHash<ControlId, int> places;
    for (const ControlId id : form.handOrder) {
        places.insert(id, static_cast<int>(places.size()));
    }
    const int last = static_cast<int>(places.size());
    std::stable_sort(sequence.begin(), sequence.end(),
                     [&](ControlId a, ControlId b) { return places.value(a, last) < places.value(b, last); });
    return sequence;
}

} // namespace nabblet
