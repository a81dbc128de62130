#include "core/check/rule_faults.h"
#include "core/kinds/control_names.h"

#include "core/arrange/containers.h"
#include "core/catalogue/create_statement.h"
#include "core/formula/row_formulas.h"
#include "core/kinds/settings/choices.h"
#include "core/rules/belonging.h"
#include "core/rules/condition_rows.h"
#include "core/rules/rules.h"
#include "core/rules/worked_out.h"
#include "core/text/spelling.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

struct Faults
{
    const Form &form;
    const Table &rows;
    RowFormulas &formulas;
    QHash<int, QStringList> found = {};

    const Rule &rule(int number) const { return form.rules.at(number); }
    bool is(int number, const char *effect) const { return rule(number).effect == QLatin1String(effect); }
    void say(int number, const QString &sentence)
    {
        if (!found[number].contains(sentence)) {
            found[number].append(sentence);
        }
    }
    QStringList read(const QString &expression) const
    {
        const Result<QStringList> columns =
            expression.trimmed().isEmpty() ? QStringList() : formulas.columnsRead(expression);
        return columns ? *columns : QStringList();
    }
};

void doesNothing(Faults &faults, int number)
{
    const Rule &rule = faults.rule(number);
    const auto isPlain = [](Mark mark) { return mark == Mark::None; };
    if (isAboutNothing(rule)) {
        faults.say(number, Texts::tr("It stands on nothing yet."));
    }
    const bool marksNothing =
        (faults.is(number, "marked") && isPlain(rule.then.mark) && isPlain(rule.otherwise.mark)) ||
        (faults.is(number, "scale") &&
         std::all_of(rule.steps.begin(), rule.steps.end(), [&](const ScaleStep &step) { return isPlain(step.mark); }));
    const bool saysNothing =
        faults.is(number, "note") && rule.then.words.trimmed().isEmpty() && rule.otherwise.words.trimmed().isEmpty();
    const bool givesNothing = faults.is(number, "value") && rule.hold != ValueHold::AsBefore &&
                              rule.then.value.trimmed().isEmpty() && rule.otherwise.value.trimmed().isEmpty();
    const bool hasNoCondition =
        rule.when.trimmed().isEmpty() && (faults.is(number, "shown") || faults.is(number, "check"));
    const QList<Area> there = areasOf(faults.form);
    const auto isGone = [&](const Area &area) {
        return std::none_of(there.begin(), there.end(), [&](const Area &each) {
            return each.container == area.container && each.page == area.page &&
                   (area.container != 0 || each.band == area.band);
        });
    };
    const Effect *effect = findEffect(rule.effect);
    if (std::any_of(rule.areas.begin(), rule.areas.end(), isGone)) {
        faults.say(number, Texts::tr("A page or band that it stands on is not there any more."));
    } else if (effect && !effect->reachesInside && !rule.areas.isEmpty()) {
        faults.say(number, Texts::tr("Bands and pages are shown or locked; nothing else can be done to them."));
    }
    if (!effect) {
        faults.say(number, Texts::tr("No effect is chosen."));
    } else if (marksNothing || saysNothing || givesNothing || hasNoCondition) {
        faults.say(number, Texts::tr("It has no effect yet."));
    }
}

void hasLimitsOutOfOrder(Faults &faults, int number)
{
    std::optional<double> last;
    for (const ScaleStep &step : faults.rule(number).steps) {
        if (step.below && last && *step.below <= *last) {
            faults.say(number, Texts::tr("The limit %1 is not above the one before it, so its part is never reached.")
                                   .arg(QLocale().toString(*step.below, 'g', 12)));
        }
        last = step.below ? step.below : last;
    }
}

void isNotUnderstood(Faults &faults, int number)
{
    if (faults.rows.columns.isEmpty()) {
        return;
    }
    for (const QString &expression : expressionsOf(faults.form, faults.rule(number))) {
        const Result<QStringList> read = faults.formulas.columnsRead(expression);
        if (!read) {
            faults.say(number, read.error().sentence);
        }
    }
}

// The values that a column can have, where they are few and known: by a CHECK, or by the fixed choices of its box.
QStringList possibleValues(const Faults &faults, const Column &column)
{
    QStringList values;
    for (const QVariant &choice : column.choices) {
        values.append(choice.toString());
    }
    for (const Control &control : faults.form.controls) {
        if (control.column == column.name && values.isEmpty() && !takesNewChoices(control) && !takesSeveral(control)) {
            for (const Choice &choice : fixedChoices(control)) {
                values.append(choice.value.toString());
            }
        }
    }
    return values;
}

void comparesWithWhatCannotBe(Faults &faults, int number)
{
    const auto rows = rowsFromCondition(faults.rule(number).when);
    for (const ConditionRow &row : rows.value_or(QList<ConditionRow>())) {
        const Column *column = findColumn(faults.rows, row.column);
        if (!column) {
            continue;
        }
        const bool isNumber = column->type == ColumnType::WholeNumber || column->type == ColumnType::DecimalNumber ||
                              column->type == ColumnType::YesNo;
        const bool isEqual = row.comparison == Comparison::Is || row.comparison == Comparison::IsNot ||
                             row.comparison == Comparison::OneOf || row.comparison == Comparison::NoneOf;
        const QStringList possible = isEqual ? possibleValues(faults, *column) : QStringList();
        for (const CompareValue &value : row.values) {
            if (value.days || !value.column.isEmpty()) {
                continue;
            }
            bool isPlain = false;
            value.text.toDouble(&isPlain);
            const QString caption = calledForColumn(faults.form, column->name);
            if (isNumber && !isPlain) {
                faults.say(number, Texts::tr("%1 holds numbers, and “%2” is none.").arg(caption, value.text));
            } else if (!possible.isEmpty() && !possible.contains(value.text)) {
                faults.say(number, Texts::tr("%1 never is “%2”. The nearest that it can be is “%3”.")
                                       .arg(caption, value.text, nearestName(value.text, possible)));
            }
        }
    }
}

// Who hides a box by its own value, or by one inside what is hidden, can never show it again.
void hidesItsOwnSource(Faults &faults, int number)
{
    if (!faults.is(number, "shown")) {
        return;
    }
    const QStringList read = faults.read(faults.rule(number).when);
    const QSet<ControlId> hidden = reachedBy(faults.form, faults.rule(number));
    for (const Control &control : faults.form.controls) {
        if (hidden.contains(control.id) && !control.column.isEmpty() && read.contains(control.column)) {
            const bool isElsewhere =
                std::any_of(faults.form.controls.begin(), faults.form.controls.end(), [&](const Control &other) {
                    return other.column == control.column && !hidden.contains(other.id);
                });
            if (!isElsewhere) {
                faults.say(
                    number,
                    Texts::tr("It hides %1, by which it could be shown again.").arg(calledFor(faults.form, control)));
            }
        }
    }
}

void hidesWhatIsRequired(Faults &faults, int number)
{
    if (!faults.is(number, "shown")) {
        return;
    }
    const QSet<ControlId> hidden = reachedBy(faults.form, faults.rule(number));
    for (const Control &control : faults.form.controls) {
        const Column *column = control.column.isEmpty() ? nullptr : findColumn(faults.rows, control.column);
        const bool fillsItself = column && (column->hasDefault || column->numbersItself || column->isGenerated);
        if (hidden.contains(control.id) && column && column->isRequired && !fillsItself) {
            faults.say(number, Texts::tr("It can hide %1, without which the table takes no record.")
                                   .arg(calledFor(faults.form, control)));
        }
        if (hidden.contains(control.id) && column && column->isRequired &&
            faults.rule(number).hidden == HiddenValue::Emptied) {
            faults.say(number, Texts::tr("%1 cannot be saved empty.").arg(calledFor(faults.form, control)));
        }
    }
}

bool share(const Rule &a, const Rule &b)
{
    return std::any_of(a.on.begin(), a.on.end(), [&](ControlId id) { return b.on.contains(id); }) ||
           std::any_of(a.areas.begin(), a.areas.end(), [&](const Area &area) { return b.areas.contains(area); });
}

QString withoutBlanks(const QString &condition)
{
    QString text;
    for (const SqlToken &token : sqlTokens(condition)) {
        text += token.text.toLower() + u' ';
    }
    return text;
}

// One condition is the other with NOT before it, or compares for the opposite.
bool areOpposite(const QString &a, const QString &b)
{
    const auto first = rowsFromCondition(a);
    const auto second = rowsFromCondition(b);
    static const QList<QPair<Comparison, Comparison>> pairs{{Comparison::Is, Comparison::IsNot},
                                                            {Comparison::OneOf, Comparison::NoneOf},
                                                            {Comparison::Less, Comparison::AtLeast},
                                                            {Comparison::More, Comparison::AtMost},
                                                            {Comparison::Blank, Comparison::Filled},
                                                            {Comparison::True, Comparison::False},
                                                            {Comparison::Contains, Comparison::ContainsNot}};
    if (first && second && first->size() == 1 && second->size() == 1) {
        const ConditionRow &one = first->first();
        const ConditionRow &other = second->first();
        const bool isPair = std::any_of(pairs.begin(), pairs.end(), [&](const auto &pair) {
            return (pair.first == one.comparison && pair.second == other.comparison) ||
                   (pair.second == one.comparison && pair.first == other.comparison);
        });
        return one.column.compare(other.column, Qt::CaseInsensitive) == 0 && one.values == other.values &&
               (one.isNot == other.isNot ? isPair : one.comparison == other.comparison);
    }
    return false;
}

void contradictsAnother(Faults &faults, int number)
{
    const Rule &rule = faults.rule(number);
    for (int other = 0; other < faults.form.rules.size(); ++other) {
        const Rule &against = faults.rule(other);
        if (other == number || against.isOff || !share(rule, against)) {
            continue;
        }
        const bool isSame = withoutBlanks(rule.when) == withoutBlanks(against.when);
        if (rule.effect == against.effect && (faults.is(number, "shown") || faults.is(number, "locked")) &&
            areOpposite(rule.when, against.when)) {
            faults.say(number, faults.is(number, "shown")
                                   ? Texts::tr("With rule %1 it is never shown: the two contradict.").arg(other + 1)
                                   : Texts::tr("With rule %1 it is always locked.").arg(other + 1));
        }
        const bool isNeedAndLock = (faults.is(number, "required") && faults.is(other, "locked")) ||
                                   (faults.is(number, "locked") && faults.is(other, "required"));
        if (isNeedAndLock && isSame) {
            faults.say(number, Texts::tr("With rule %1 it is required and locked at the same time.").arg(other + 1));
        }
        if (faults.is(number, "value") && faults.is(other, "value") && isSame && other < number) {
            faults.say(number, Texts::tr("Rule %1 works out the same box, and comes first.").arg(other + 1));
        }
        if (rule == against && other < number) {
            faults.say(number, Texts::tr("It is the same as rule %1.").arg(other + 1));
        }
    }
}

// Two formulas over the same columns that differ in a figure or a sign alone: one may be an older copy of the other.
void differsFromItsTwin(Faults &faults, int number)
{
    if (!faults.is(number, "value")) {
        return;
    }
    const QList<SqlToken> own = sqlTokens(faults.rule(number).then.value);
    for (int other = 0; other < number; ++other) {
        const QList<SqlToken> twin = sqlTokens(faults.rule(other).then.value);
        if (!faults.is(other, "value") || own.size() != twin.size() || own.size() < 5) {
            continue;
        }
        int differing = 0;
        bool isLittle = true;
        for (qsizetype i = 0; i < own.size(); ++i) {
            if (own.at(i).kind != twin.at(i).kind ||
                own.at(i).text.compare(twin.at(i).text, Qt::CaseInsensitive) != 0) {
                ++differing;
                isLittle = isLittle && own.at(i).kind == twin.at(i).kind && own.at(i).kind != SqlToken::Word &&
                           own.at(i).kind != SqlToken::QuotedName;
            }
        }
        if (differing == 1 && isLittle) {
            faults.say(number, Texts::tr("It differs from rule %1 in one sign only. Is that meant?").arg(other + 1));
        }
    }
}

void goesInCircles(Faults &faults)
{
    const QStringList circle = circleOf(faults.form, faults.formulas);
    if (circle.isEmpty()) {
        return;
    }
    QStringList captions;
    for (const QString &column : circle) {
        captions.append(calledForColumn(faults.form, column));
    }
    for (int i = 0; i < faults.form.rules.size(); ++i) {
        const Rule &rule = faults.rule(i);
        const bool isIn =
            faults.is(i, "value") && !rule.isOff && std::any_of(rule.on.begin(), rule.on.end(), [&](ControlId id) {
                const Control *control = faults.form.controls.find(id);
                return control && circle.contains(control->column);
            });
        if (isIn) {
            faults.say(i, Texts::tr("It goes in a circle: %1. None of them is worked out.")
                              .arg(captions.join(QStringLiteral(" → "))));
        }
    }
}

} // namespace

QHash<int, QStringList> wrongWithRules(const Form &form, const Table &rows)
{
    RowFormulas formulas(columnNames(rows), belongingTo(form));
    Faults faults{form, rows, formulas};
    for (int i = 0; i < form.rules.size(); ++i) {
        if (form.rules.at(i).isOff) {
            continue;
        }
        for (const auto find : {doesNothing, hasLimitsOutOfOrder, isNotUnderstood, comparesWithWhatCannotBe,
                                hidesItsOwnSource, hidesWhatIsRequired, contradictsAnother, differsFromItsTwin}) {
            find(faults, i);
        }
    }
    goesInCircles(faults);
    return faults.found;
}

} // namespace nabblet
