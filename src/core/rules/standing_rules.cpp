#include "core/rules/standing_rules.h"

#include "core/catalogue/check_words.h"
#include "core/kinds/control_names.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/start_value.h"
#include "core/kinds/settings/typing.h"
#include "core/rules/checking.h"
#include "core/text/tr.h"

#include <QLocale>

namespace nabblet {

namespace {

// "at most 60 letters", "1 decimal, 0 to 99.9"; empty where a box takes whatever its kind does.
QString limitsInWords(const Control &control)
{
    const Kind &kind = kindNamed(control.kind);
    QStringList parts;
    const QLocale locale;
    const auto has = [&](const auto &setting) { return kind.settings.contains(&setting); };
    if (const std::optional<int> length = has(setting::Length) ? lengthLimit(control) : std::nullopt) {
        parts.append(counted(*length, Texts::tr("at most 1 letter"), Texts::tr("at most %1 letters")));
    }
    if (const std::optional<int> places = has(setting::Decimals) ? decimalPlaces(control) : std::nullopt) {
        parts.append(counted(*places, Texts::tr("1 decimal"), Texts::tr("%1 decimals")));
    }
    const NumberLimits limits = has(setting::Least) ? numberLimits(control) : NumberLimits();
    const auto words = [&](double number) { return numberInWords(QVariant(number), 0, locale, Thousands::Parted); };
    if (limits.least && limits.most) {
        parts.append(Texts::tr("from %1 to %2").arg(words(*limits.least), words(*limits.most)));
    } else if (limits.least) {
        parts.append(Texts::tr("%1 or more").arg(words(*limits.least)));
    } else if (limits.most) {
        parts.append(Texts::tr("%1 or less").arg(words(*limits.most)));
    }
    return parts.join(Texts::tr(", "));
}

QString startInWords(const Control &control, const StartValue &start)
{
    return start.formula.isEmpty() ? kindNamed(control.kind).words(control, start.value, QLocale()) : start.formula;
}

} // namespace

QList<StandingRule> standingRules(const Form &form, const Table &rows)
{
    QList<StandingRule> all;
    for (const Control &control : form.controls) {
        const QString called = calledFor(form, control);
        if (const QString formula = formulaOf(control); !formula.isEmpty()) {
            all.append(
                {StandingKind::Formula, control.id, Texts::tr("%1 shows %2").arg(called, formula), called, formula});
        }
        if (!takesValue(kindNamed(control.kind))) {
            continue;
        }
        if (const std::optional<StartValue> start = startValueOf(control)) {
            const bool isFormula = !start->formula.isEmpty();
            all.append({isFormula ? StandingKind::StartFormula : StandingKind::StartValue, control.id,
                        Texts::tr("%1 starts with %2").arg(called, startInWords(control, *start)), called,
                        start->formula});
        }
        if (const QString limits = limitsInWords(control); !limits.isEmpty() && !isLocked(control)) {
            all.append({StandingKind::Limits, control.id, Texts::tr("%1 takes %2").arg(called, limits), called, {}});
        }
        const Column *column = findColumn(rows, control.column);
        if (column && column->isRequired && !column->hasDefault && !column->numbersItself && !column->isGenerated) {
            all.append({StandingKind::RequiredByTable,
                        control.id,
                        Texts::tr("%1 is required (by the table)").arg(called),
                        called,
                        {}});
        }
    }
    for (const Check &check : rows.checks) {
        const QStringList columns = columnsOfRule(check, rows);
        const Column *only = columns.size() == 1 ? findColumn(rows, columns.first()) : nullptr;
        if (only && only->type == ColumnType::YesNo) {
            continue; // yes and no are all that its box takes
        }
        StandingRule rule{StandingKind::CheckOfTable, 0, {}, {}, check.expression};
        for (const Control &control : form.controls) {
            if (only && control.column == only->name && rule.control == 0) {
                rule.control = control.id;
            }
        }
        const QString words =
            ruleInWords(check, rows, [&](const QString &column) { return calledForColumn(form, column); });
        rule.sentence = Texts::tr("%1 (by the table)").arg(words);
        rule.subject = only ? calledForColumn(form, only->name) : QString();
        rule.rule = ruleName(check);
        rule.own = rows.sentences.value(rule.rule);
        rule.subject = rule.own.isEmpty() ? rule.subject : QString();
        all.append(rule);
    }
    for (const UniqueKey &key : rows.uniqueKeys) {
        StandingRule rule{StandingKind::UniqueInTable, 0, {}, {}, {}, ruleName(rows, key.columns)};
        QStringList called;
        for (const QString &column : key.columns) {
            called.append(calledForColumn(form, column));
        }
        for (const Control &control : form.controls) {
            if (key.columns.size() == 1 && control.column == key.columns.first() && rule.control == 0) {
                rule.control = control.id;
            }
        }
        rule.own = rows.sentences.value(rule.rule);
        rule.subject = key.columns.size() == 1 ? called.first() : QString();
        rule.sentence =
            !rule.own.isEmpty() ? Texts::tr("%1 (by the table)").arg(rule.own)
            : key.columns.size() == 1
                ? Texts::tr("%1 differs from record to record (by the table)").arg(called.first())
                : Texts::tr("No two records have the same %1 (by the table)").arg(called.join(Texts::tr(" and ")));
        rule.subject = rule.own.isEmpty() ? rule.subject : QString();
        all.append(rule);
    }
    return all;
}

Form withStandingExpression(const Form &form, const StandingRule &rule, const QString &expression)
{
    Form result = form;
    const Control *control = result.controls.find(rule.control);
    if (!control) {
        return result;
    }
    Control changed = *control;
    if (rule.kind == StandingKind::Formula) {
        changed.settings.set(setting::Formula, expression);
    } else if (rule.kind == StandingKind::StartFormula) {
        setStartValue(changed, StartValue{{}, expression});
    }
    result.controls.replace(result.controls.indexOf(rule.control), changed);
    return result;
}

} // namespace nabblet
