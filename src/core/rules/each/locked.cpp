#include "core/rules/effects.h"

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

// What is locked shows its value and takes no other one.
Effect lockedEffect()
{
    return {"locked",
            "locked-when",
            T("Locked when"),
            T("An SQL condition over the row's columns, such as status = 'closed'. Where it is true, nothing can be "
              "typed here, nor in what stands in it."),
            T("Change when it is locked"),
            [](const Kind &kind) { return takesValue(kind) || kind.holds != Holds::Nothing; },
            [](Shown &shown, bool holds) { shown.mayType = shown.mayType && !holds; }};
}

#undef T

} // namespace nabblet
