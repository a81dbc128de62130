#include "core/arrange/rows.h"

#include "core/arrange/lines.h"
#include "core/kinds/kind.h"

#include <QHash>

#include <algorithm>

namespace nabblet {

namespace {

int firstLine(const Control *control)
{
    return firstLineOf(control->place);
}

int leftEdge(const Control *control)
{
    return control->place.x();
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

} // namespace

QList<QList<ControlId>> rowsOfBand(const Form &form, BandRole band)
{
    QList<QList<ControlId>> rows;
    for (const QList<const Control *> &row : groupedByLine(controlsOfBand(form, band), firstLine, leftEdge)) {
        QList<ControlId> ids;
        for (const Control *control : row) {
            ids.append(control->id);
        }
        rows.append(ids);
    }
    return rows;
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
        const auto groups = form.tabOrder == TabOrder::Columns ? groupedByLine(stops, leftEdge, firstLine)
                                                               : groupedByLine(stops, firstLine, leftEdge);
        for (const QList<const Control *> &group : groups) {
            for (const Control *control : group) {
                sequence.append(control->id);
            }
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
