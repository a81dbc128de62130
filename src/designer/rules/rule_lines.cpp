#include "designer/rules/rule_lines.h"

#include "core/check/rule_faults.h"
#include "core/rules/belonging.h"
#include "core/rules/rule_sentence.h"
#include "core/rules/rules.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// For how many rows it is true, and what stands out in that.
void count(RuleLine &line, const Rule &rule, const RowsCounted &counted, const RuleCounts &counts)
{
    const bool isCheck = rule.effect == QLatin1String("check");
    const bool isShape = rule.effect == QLatin1String("shape");
    const QString of = counts.isSample ? Texts::tr("%L1 of %L2 so far") : Texts::tr("%L1 of %L2");
    if (!rule.steps.isEmpty()) {
        QStringList parts;
        for (const qint64 each : counted.inSteps) {
            parts.append(QStringLiteral("%L1").arg(each));
        }
        line.counts = parts.join(QStringLiteral(" · "));
    } else if (!rule.when.isEmpty() || isShape) {
        line.counts = !isCheck               ? of.arg(counted.isTrue).arg(counts.rows)
                      : counted.isFalse == 0 ? Texts::tr("all hold")
                                             : QString();
    }
    if (isShape && counted.isFalse > 0) {
        line.warning = Texts::tr("%L1 stored values are written otherwise").arg(counted.isFalse);
    } else if (isCheck && counted.isFalse > 0) {
        line.warning = Texts::tr("%L1 of %L2 stored rows do not hold").arg(counted.isFalse).arg(counts.rows);
    } else if (!counts.isSample && !rule.when.isEmpty() && !isCheck && !isShape) {
        line.warning = counted.isTrue == 0             ? Texts::tr("true for no stored row")
                       : counted.isTrue == counts.rows ? Texts::tr("true for every stored row")
                                                       : QString();
    }
    line.hasRows = !counted.kept.isEmpty();
}

// The rules that hang on what stands in a box.
QSet<int> rulesReading(const RuleContext &context, ControlId box)
{
    QSet<int> readers;
    const Control *control = context.form.controls.find(box);
    if (!control || control->column.isEmpty()) {
        return readers;
    }
    RowFormulas formulas(columnNames(context.table), belongingTo(context.form));
    for (int i = 0; i < context.form.rules.size(); ++i) {
        for (const QString &expression : expressionsOf(context.form, context.form.rules.at(i))) {
            const Result<QStringList> read = formulas.columnsRead(expression);
            if (read && read->contains(control->column, Qt::CaseInsensitive)) {
                readers.insert(i);
            }
        }
    }
    return readers;
}

} // namespace

QList<RuleLine> ruleLines(const RuleContext &context, const QList<StandingRule> &standing, const RuleCounts &counts,
                          ControlId about)
{
    const Form &form = context.form;
    QList<RuleLine> lines;
    const QHash<int, QStringList> wrong = wrongWithRules(form, context.table);
    const auto readers = about != 0 ? rulesReading(context, about) : QSet<int>();
    for (int i = 0; i < form.rules.size(); ++i) {
        const Rule &rule = form.rules.at(i);
        const bool isOnPage = std::any_of(rule.areas.begin(), rule.areas.end(),
                                          [about](const Area &area) { return area.container == about; });
        if (about != 0 && !rule.on.contains(about) && !isOnPage && !readers.contains(i)) {
            continue;
        }
        RuleLine line;
        line.rule = i;
        line.sentence = ruleSentence(form, rule) + (rule.isOff ? Texts::tr(" (switched off)") : QString());
        line.subject = onInWords(form, rule);
        line.isOff = rule.isOff;
        line.untried = context.untried && !rule.isOff ? context.untried(rule) : QString();
        if (counts.rows > 0 && i < counts.rules.size() && counts.rules.at(i).mistake.isEmpty()) {
            count(line, rule, counts.rules.at(i), counts);
        }
        if (const QStringList found = wrong.value(i); !found.isEmpty()) {
            line.warning = found.join(QStringLiteral(" "));
            line.isGrave = true;
        }
        lines.append(line);
    }
    for (int i = 0; i < standing.size(); ++i) {
        const StandingRule &rule = standing.at(i);
        if (about != 0 && rule.control != about) {
            continue;
        }
        RuleLine line;
        line.standing = i;
        line.sentence = rule.sentence;
        line.subject = rule.subject;
        const qsizetype place = form.rules.size() + i;
        const bool isOfTable = rule.kind == StandingKind::CheckOfTable || rule.kind == StandingKind::RequiredByTable;
        if (isOfTable && counts.rows > 0 && place < counts.rules.size() && counts.rules.at(place).mistake.isEmpty()) {
            const qint64 isFalse = counts.rules.at(place).isFalse;
            line.counts = isFalse == 0 && !counts.isSample ? Texts::tr("all hold") : QString();
            line.warning =
                isFalse > 0 ? Texts::tr("%L1 of %L2 stored rows do not hold").arg(isFalse).arg(counts.rows) : QString();
            line.hasRows = !counts.rules.at(place).kept.isEmpty();
        }
        lines.append(line);
    }
    return lines;
}

} // namespace nabblet
