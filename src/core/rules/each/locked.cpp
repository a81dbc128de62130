#include "core/rules/effects.h"

#include "core/text/tr.h"

namespace nabblet {

// What is locked shows its value and takes no other one.
Effect lockedEffect()
{
    return {"locked",
            Texts::later("Locked when"),
            Texts::later("Nothing can be typed here, or in it, where this SQL condition is true: status = 'closed'."),
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
            Texts::later("Change when it is locked")};
}

} // namespace nabblet
