#include "core/rules/effects.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

// What is not shown keeps its value, unless the rule says otherwise; the keyboard passes it by.
void apply(Shown &shown, const RuleAt &at)
{
    if (!at.holds) {
        shown.isHidden = true;
        shown.givesWay = shown.givesWay || at.rule.givesWay;
        if (shown.hiddenValue == HiddenValue::Kept) {
            shown.hiddenValue = at.rule.hidden;
        }
    }
}

QString says(const RuleWords &words)
{
    QString sentence = words.when.isEmpty() ? Texts::tr("%1 is shown").arg(words.on)
                                            : Texts::tr("%1 is shown when %2").arg(words.on, words.when);
    if (words.rule.hidden == HiddenValue::Emptied) {
        sentence += Texts::tr("; when hidden, it is saved empty");
    } else if (words.rule.hidden == HiddenValue::Asked) {
        sentence += Texts::tr("; when hidden with a value, saving asks");
    }
    return sentence;
}

} // namespace

Effect shownEffect()
{
    return {"shown",
            Texts::later("Shown when"),
            Texts::later("Not to be seen, with all in it, where this SQL condition is not true: status = 'adrift'."),
            RuleSides::None,
            [](const Kind &) { return true; },
            apply,
            says,
            true, // what is inside goes along
            false,
            "shown-when",
            Texts::later("Change when it is shown")};
}

} // namespace nabblet
