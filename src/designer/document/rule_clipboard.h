// Rules on the clipboard.
#pragma once

#include "core/edit/rule_clip.h"

namespace nabblet {

void putRulesOnClipboard(const Form &form, const QList<int> &rules);
// Whether there are rules, taken as such.
bool hasRulesOnClipboard();
// The clip; an error where there are none.
Result<Form> rulesOnClipboard();

} // namespace nabblet
