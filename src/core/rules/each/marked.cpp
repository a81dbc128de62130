#include "core/rules/effects.h"

#include "core/rules/rules.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QString says(const RuleWords &words)
{
    const QString mark = markWord(words.rule.then.mark);
    const QString otherwise = markWord(words.rule.otherwise.mark);
    QString sentence = words.when.isEmpty() ? Texts::tr("%1 is marked %2").arg(words.on, mark)
                                            : Texts::tr("%1 is marked %2 when %3").arg(words.on, mark, words.when);
    if (words.rule.otherwise.mark != Mark::None) {
        sentence += Texts::tr(", else %1").arg(otherwise);
    }
    return sentence;
}

} // namespace

Effect markedEffect()
{
    return {"marked",
            Texts::later("Marked"),
            Texts::later("Stands out by a tint, a bar at its edge and a word: steady, watch or alarm."),
            RuleSides::MarkAndWords,
            [](const Kind &) { return true; },
            [](Shown &shown, const RuleAt &at) {
                const RuleSide &side = at.holds ? at.rule.then : at.rule.otherwise;
                markShown(shown, side.mark, side.words);
            },
            says};
}

} // namespace nabblet
