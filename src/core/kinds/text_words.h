// Typed text to a stored value.
#pragma once

#include "core/kinds/kind.h"

namespace nabblet {

// Typed text as it stands; empty text is NULL; text longer than the control's length limit is refused.
Result<QVariant> readText(const Control &control, const QString &typed);

} // namespace nabblet
