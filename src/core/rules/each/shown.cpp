#include "core/rules/effects.h"

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

// What is not shown keeps its value and its place; the keyboard passes it by.
Effect shownEffect()
{
    return {"shown",
            "shown-when",
            T("Shown when"),
            T("Not to be seen, with all in it, where this SQL condition is not true: status = 'adrift'."),
            T("Change when it is shown"),
            [](const Kind &) { return true; },
            [](Shown &shown, bool holds) { shown.isHidden = shown.isHidden || !holds; }};
}

#undef T

} // namespace nabblet
