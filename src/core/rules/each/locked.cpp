#include "core/rules/effects.h"

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

// What is locked shows its value and takes no other one.
Effect lockedEffect()
{
    return {"locked",
            "locked-when",
            T("Locked when"),
            T("Nothing can be typed here, or in it, where this SQL condition is true: status = 'closed'."),
            T("Change when it is locked"),
            [](const Kind &kind) { return takesValue(kind) || kind.holds != Holds::Nothing; },
            [](Shown &shown, bool holds) { shown.mayType = shown.mayType && !holds; }};
}

#undef T

} // namespace nabblet
