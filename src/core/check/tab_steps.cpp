#include "core/check/tab_steps.h"

#include "core/arrange/edges.h"
#include "core/arrange/rows.h"

namespace nabblet {

QList<QPair<ControlId, ControlId>> backwardTabSteps(const Form &form)
{
    QList<QPair<ControlId, ControlId>> steps;
    const Control *before = nullptr;
    for (const ControlId id : tabSequence(form)) {
        const Control *control = form.controls.find(id);
        // Onto another page, a form reads on from its top.
        const bool isTurned = before && before->container == control->container && before->page != control->page;
        if (before && before->band == control->band && !isTurned) {
            const bool isSameRow =
                control->place.y() < bottomOf(before->place) && before->place.y() < bottomOf(control->place);
            // To the top of the column behind, a form reads on.
            const bool isUp = bottomOf(control->place) <= before->place.y() && control->place.x() <= before->place.x();
            const bool isLeft =
                isSameRow && control->place.x() < before->place.x() && control->place.y() == before->place.y();
            if (isUp || isLeft) {
                steps.append({before->id, control->id});
            }
        }
        before = control;
    }
    return steps;
}

} // namespace nabblet
