// A form as it stands on paper, where nothing is pressed, turned to or scrolled.
#pragma once

#include "core/model/form.h"

#include <QHash>
#include <QSet>

namespace nabblet {

// Without what people only press or choose by; the pages of tab pages stand under one another, each with its title.
Form asOnPaper(const Form &form);

// Without what rules hide, and its room given up.
Form withoutHidden(const Form &form, const QSet<ControlId> &hidden);

// With controls as high as they need to show the whole of what they hold, px; what stands below makes way.
Form withHeights(const Form &form, const QHash<ControlId, int> &heights);

} // namespace nabblet
