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

// The form's controls by the area in which they stand.
using Siblings = QHash<Area, QList<const Control *>>;

Siblings siblingsOf(const Form &form)
{
    Siblings siblings;
    for (const Control &control : form.controls) {
        siblings[areaOf(control)].append(&control);
    }
    return siblings;
}

// The stops of one area and of the containers in it.
// Whether Tab stops there: where people type, choose or press.
bool isStop(const Control &control)
{
    const Kind &kind = kindNamed(control.kind);
    const bool isOnlyRead = kind.isWorkedOut && kind.editor == Editor::Line;
    return hasWidget(control) && !isOnlyRead;
}

void appendStops(QList<ControlId> &sequence, const Siblings &siblings, const Area &area, TabOrder order)
{
    QList<const Control *> stops;
    for (const Control *control : siblings.value(area)) {
        if (isStop(*control) || holdsOthers(*control)) {
            stops.append(control);
        }
    }
    const auto groups = order == TabOrder::Columns ? groupedByLine(stops, leftEdge, firstLine)
                                                   : groupedByLine(stops, firstLine, leftEdge);
    for (const QList<const Control *> &group : groups) {
        for (const Control *control : group) {
            if (!holdsOthers(*control)) {
                sequence.append(control->id);
            }
            for (const Area &inside : areasIn(*control)) {
                appendStops(sequence, siblings, inside, order);
            }
        }
    }
}

} // namespace

QList<QList<ControlId>> rowsOfArea(const Form &form, const Area &area)
{
    QList<QList<ControlId>> rows;
    for (const QList<const Control *> &row : groupedByLine(siblingsOf(form).value(area), firstLine, leftEdge)) {
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
    const Siblings siblings = siblingsOf(form);
    QList<ControlId> sequence;
    for (const Band &band : form.bands) {
        appendStops(sequence, siblings, {band.role, 0, 0}, form.tabOrder);
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
