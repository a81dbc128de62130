#include "core/kinds/scaled_parts.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/head_height.h"
#include "core/kinds/settings/sign_scale.h"

#include <cmath>

namespace nabblet {

bool hasHead(const Control &control)
{
    const Kind &kind = kindNamed(control.kind);
    return kind.settings.contains(&setting::HeadHeight) &&
           (kind.holds == Holds::Pages || (isFramed(control) && !control.text.isEmpty()));
}

void scaleParts(Control &control, double by)
{
    if (kindNamed(control.kind).settings.contains(&setting::SignScale)) {
        scaleSigns(control, by);
    }
    if (hasHead(control)) {
        setHeadHeight(control, static_cast<int>(std::lround(headHeight(control) * by)));
    }
}

} // namespace nabblet
