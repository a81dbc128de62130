// Forms as a hurried hand leaves them.
#pragma once

#include "core/arrange/containers.h"
#include "core/arrange/rails.h"
#include "core/model/form.h"

#include <QRandomGenerator>

namespace nabblet::samples {

constexpr int JitterAcross = 16; // px, either way
constexpr int JitterDown = 10;

inline QList<ControlId> allOf(const Form &form)
{
    QList<ControlId> ids;
    for (const Control &control : form.controls) {
        ids.append(control.id);
    }
    return ids;
}

// Every control somewhat beside its place. Containers stay: what they hold would stick out.
inline Form jittered(const Form &form, QRandomGenerator &random)
{
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        // In braces the numbers are drawn in order, whatever the compiler.
        const QPoint by{random.bounded(-JitterAcross, JitterAcross + 1), random.bounded(-JitterDown, JitterDown + 1)};
        if (holdsOthers(control)) {
            continue;
        }
        const QPoint corner = roomOf(form, areaOf(control)).topLeft();
        control.place.translate(by);
        control.place.moveTopLeft({std::max(corner.x(), control.place.x()), std::max(corner.y(), control.place.y())});
        result.controls.replace(i, withRidesByPlace(form, control));
    }
    return grownToHold(result);
}

} // namespace nabblet::samples
