#include "core/rules/effects.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

void apply(Shown &shown, const RuleAt &at)
{
    const QString words = (at.holds ? at.rule.then : at.rule.otherwise).words;
    if (!words.isEmpty() && shown.note.isEmpty()) {
        shown.note = words;
    }
}

QString says(const RuleWords &words)
{
    const QString first = Texts::tr("beside %1 stands “%2”").arg(words.on, words.rule.then.words);
    QString sentence = words.when.isEmpty() ? first : Texts::tr("%1 when %2").arg(first, words.when);
    if (!words.rule.otherwise.words.isEmpty()) {
        sentence += Texts::tr(", else “%1”").arg(words.rule.otherwise.words);
    }
    return sentence.left(1).toUpper() + sentence.mid(1);
}

} // namespace

Effect noteEffect()
{
    return {"note",
            Texts::later("A note beside"),
            Texts::later("Words that stand beside the box where the condition is true."),
            RuleSides::Words,
            [](const Kind &) { return true; },
            apply,
            says};
}

} // namespace nabblet
