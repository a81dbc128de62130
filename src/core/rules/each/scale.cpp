#include "core/rules/effects.h"

#include "core/rules/rules.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

void apply(Shown &shown, const RuleAt &at)
{
    const QString measured = measuredBy(at.rule, at.control);
    if (!at.holds || measured.isEmpty()) {
        return;
    }
    const Result<QVariant> value = at.worksOut(measured);
    const ScaleStep *step = value ? stepOf(at.rule.steps, *value) : nullptr;
    if (step) {
        markShown(shown, step->mark, step->words);
    }
}

QString says(const RuleWords &words)
{
    QStringList parts;
    for (const ScaleStep &step : words.rule.steps) {
        const QString mark = markWord(step.mark);
        if (!step.below) {
            parts.append(Texts::tr("else %1").arg(mark));
        } else if (parts.isEmpty()) {
            parts.append(Texts::tr("%1 below %2").arg(mark, QLocale().toString(*step.below, 'g', 12)));
        } else {
            parts.append(Texts::tr("%1 to %2").arg(mark, QLocale().toString(*step.below, 'g', 12)));
        }
    }
    QString sentence = Texts::tr("%1 is marked %2").arg(words.on, parts.join(QStringLiteral(", ")));
    if (!words.rule.measured.isEmpty()) {
        sentence += Texts::tr(", by %1").arg(words.rule.measured.simplified());
    }
    return words.when.isEmpty() ? sentence : Texts::tr("%1, when %2").arg(sentence, words.when);
}

} // namespace

// One rule for several ranges of a number, or of the days since a date.
Effect scaleEffect()
{
    return {"scale",
            Texts::later("Marked by its value"),
            Texts::later("Limits over what is stored: below the first one mark, up to the next another."),
            RuleSides::None,
            [](const Kind &kind) { return takesValue(kind) || kind.isWorkedOut; },
            apply,
            says};
}

} // namespace nabblet
