#include "core/rules/effects.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

QString says(const RuleWords &words)
{
    const QString must =
        words.rule.asks ? Texts::tr("Asks unless %1").arg(words.when) : Texts::tr("It must be that %1").arg(words.when);
    return words.rule.then.words.isEmpty() ? must : Texts::tr("%1: “%2”").arg(must, words.rule.then.words);
}

} // namespace

// A condition that must hold; core/rules/checking tries it.
Effect checkEffect()
{
    return {"check",
            Texts::later("Must hold"),
            Texts::later("A condition that must be true before the record is saved, and what is said where it is not."),
            RuleSides::Words,
            [](const Kind &kind) { return takesValue(kind); },
            [](Shown &, const RuleAt &) {},
            says,
            false,
            true}; // of the record
}

} // namespace nabblet
