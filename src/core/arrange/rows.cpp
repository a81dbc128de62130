#include "core/arrange/rows.h"

#include "core/arrange/lines.h"
#include "core/arrange/reading.h"
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

// Whether Tab stops there: where people type, choose or press.
bool isStop(const Control &control)
{
    const Kind &kind = kindNamed(control.kind);
    const bool isOnlyRead = kind.isWorkedOut && kind.editor == Editor::Line;
    return hasWidget(control) && !isOnlyRead;
}

// What stands in an area, in that order.
QList<const Control *> ordered(const Form &form, const QList<const Control *> &controls, TabOrder order)
{
    QList<const Control *> result;
    if (order == TabOrder::Rows || order == TabOrder::Columns) {
        QList<const Control *> stops = controls;
        stops.removeIf([](const Control *control) { return !isStop(*control) && !holdsOthers(*control); });
        for (const QList<const Control *> &group : order == TabOrder::Columns
                                                       ? groupedByLine(stops, leftEdge, firstLine)
                                                       : groupedByLine(stops, firstLine, leftEdge)) {
            result += group;
        }
        return result;
    }
    QList<ControlId> ids; // captions too: a box reads with its own
    for (const Control *control : controls) {
        ids.append(control->id);
    }
    const QList<Arranged> items = arrangedOf(form, ids);
    for (const int i : readingOrder(items)) {
        result.append(form.controls.find(items.at(i).control));
    }
    return result;
}

// The stops of one area and of the containers in it.
void appendStops(QList<ControlId> &sequence, const Form &form, const Siblings &siblings, const Area &area,
                 TabOrder order)
{
    const QList<const Control *> controls = ordered(form, siblings.value(area), order);
    for (const Control *control : controls) {
        if (isStop(*control) && !holdsOthers(*control)) {
            sequence.append(control->id);
        }
        for (const Area &inside : areasIn(*control)) {
            appendStops(sequence, form, siblings, inside, order);
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
        appendStops(sequence, form, siblings, {band.role, 0, 0}, form.tabOrder);
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
