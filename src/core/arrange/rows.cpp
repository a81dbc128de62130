#include "core/arrange/rows.h"

#include "core/kinds/kind.h"

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
        if (form.tabOrder == TabOrder::ByHand) {
            for (const Control *control : stops) {
                sequence.append(control->id);
            }
            continue;
        }
        const auto groups =
            form.tabOrder == TabOrder::Rows ? grouped(stops, firstLine, leftEdge) : grouped(stops, leftEdge, firstLine);
        for (const QList<ControlId> &group : groups) {
            sequence.append(group);
        }
    }
    return sequence;
}

} // namespace nabblet
