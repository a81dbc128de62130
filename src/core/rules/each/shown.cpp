#include "core/rules/effects.h"

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

// What is not shown keeps its value and its place; the keyboard passes it by.
Effect shownEffect()
{
    return {
        "shown",
        "shown-when",
        T("Shown when"),
        T("An SQL condition over the row's columns, such as status = 'adrift'. Where it is not true, this is not to "
          "be seen, nor what stands in it."),
        T("Change when it is shown"),
        [](const Kind &) { return true; },
        [](Shown &shown, bool holds) { shown.isHidden = shown.isHidden || !holds; }};
}

#undef T

} // namespace nabblet
