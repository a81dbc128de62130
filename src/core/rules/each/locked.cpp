#include "core/rules/effects.h"

#include "core/text/tr.h"

NABBLET_TEXTS(Rules)

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

// What is locked shows its value and takes no other one.
Effect lockedEffect()
{
    return {"locked",
            T("Locked when"),
            T("Nothing can be typed here, or in it, where this SQL condition is true: status = 'closed'."),
            RuleSides::None,
            [](const Kind &kind) { return takesValue(kind) || kind.holds != Holds::Nothing; },
            [](Shown &shown, const RuleAt &at) { shown.mayType = shown.mayType && !at.holds; },
            [](const RuleWords &words) {
                return words.when.isEmpty() ? Texts::tr("%1 is locked").arg(words.on)
                                            : Texts::tr("%1 is locked when %2").arg(words.on, words.when);
            },
            true, // what is inside goes along
            false,
            "locked-when",
            T("Change when it is locked")};
}

#undef T

} // namespace nabblet
