// The forms right inside a form, changed one by one.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// The form with each form inside its controls, and that of a row, put through a function; what that leaves as it was
// stays shared.
template <typename Change> Form withEachInner(Form form, Change change)
{
    for (int i = 0; i < form.controls.size(); ++i) {
        const Form *inner = form.controls.at(i).inner.get();
        if (!inner) {
            continue;
        }
        const Form inside = change(*inner);
        if (!(inside == *inner)) {
            Control holder = form.controls.at(i);
            holder.inner = InnerForm(inside);
            form.controls.replace(i, holder);
        }
    }
    if (const Form *row = form.rowForm.get()) {
        const Form inside = change(*row);
        form.rowForm = inside == *row ? form.rowForm : InnerForm(inside);
    }
    return form;
}

} // namespace nabblet
