#include "core/rules/effects.h"

#include "core/text/tr.h"

namespace nabblet {

// A record is not saved while a required box is blank. What is hidden is not required.
Effect requiredEffect()
{
    return {"required",
            Texts::later("Required when"),
            Texts::later("Must be filled in where this SQL condition is true: status = 'withdrawn'."),
            RuleSides::None,
            [](const Kind &kind) { return takesValue(kind); },
            [](Shown &shown, const RuleAt &at) { shown.isRequired = shown.isRequired || at.holds; },
            [](const RuleWords &words) {
                return words.when.isEmpty() ? Texts::tr("%1 is required").arg(words.on)
                                            : Texts::tr("%1 is required when %2").arg(words.on, words.when);
            },
            false,
            false,
            "required-when",
            Texts::later("Change when it is required")};
}

} // namespace nabblet
