// What a control looks like, on the clipboard, for other forms and other windows.
#pragma once

#include "core/model/form.h"

#include <QList>

namespace nabblet {

// Its role and what is pinned at it, its style among that.
void copyLookToClipboard(const Control &control);
bool clipboardHasLook();
// The form with the look of the clipboard at some controls, in the place of their own. The form as it is where there is
// none.
Form withLookOfClipboard(const Form &form, const QList<ControlId> &controls);

} // namespace nabblet
