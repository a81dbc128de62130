#include "core/rules/effects.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

// Where it always follows, there is nothing to type; the value itself is put in by core/rules/worked_out.
void apply(Shown &shown, const RuleAt &at)
{
    const bool isPutIn = at.holds || !at.rule.otherwise.value.isEmpty();
    shown.mayType = shown.mayType && !(isPutIn && at.rule.hold == ValueHold::Follows);
}

QString says(const RuleWords &words)
{
    const QString value = words.rule.then.value.simplified();
    QString sentence;
    switch (words.rule.hold) {
    case ValueHold::Follows:
        sentence = Texts::tr("%1 is %2").arg(words.on, value);
        break;
    case ValueHold::UntilTyped:
        sentence = Texts::tr("%1 is %2 until something else is typed").arg(words.on, value);
        break;
    case ValueHold::AtFirst:
        sentence = Texts::tr("%1 begins as %2").arg(words.on, value);
        break;
    case ValueHold::AsBefore:
        sentence = Texts::tr("%1 begins as in the record saved last").arg(words.on);
        break;
    }
    if (!words.when.isEmpty()) {
        sentence += Texts::tr(" when %1").arg(words.when);
    }
    if (!words.rule.otherwise.value.isEmpty()) {
        sentence += Texts::tr(", else %1").arg(words.rule.otherwise.value.simplified());
    }
    return sentence;
}

} // namespace

Effect valueEffect()
{
    return {"value",
            Texts::later("Worked out"),
            Texts::later("A value that is put into the column: hours * hourly_rate."),
            RuleSides::Value,
            [](const Kind &kind) { return takesValue(kind); },
            apply,
            says};
}

} // namespace nabblet
