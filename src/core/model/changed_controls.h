// One change made to several controls of a form.
#pragma once

#include "core/model/form.h"

#include <QList>
#include <QSet>

namespace nabblet {

using ControlSet = QSet<ControlId>;

inline ControlSet setOf(const QList<ControlId> &controls)
{
    return {controls.begin(), controls.end()};
}

// Calls change(control) on each control of the set and stores what it gives.
template <typename Change> Form changed(const Form &form, const ControlSet &controls, Change change)
{
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        if (controls.contains(result.controls.at(i).id)) {
            result.controls.replace(i, change(result.controls.at(i)));
        }
    }
    return result;
}

} // namespace nabblet
