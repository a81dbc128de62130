// The rules of a form: which stand on a control, what they do to it in a row, and how they are set.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "core/result.h"
#include "core/rules/effects.h"

#include <QHash>
#include <QSet>

namespace nabblet {

// The condition of an effect on a control; empty for none.
QString conditionOn(const Form &form, ControlId control, const QString &effect);

// The form with another condition for an effect on some controls; an empty one takes it away. What has the same
// condition and effect is one rule. rows: the table of the form's rows, or nullptr. The error says why the condition
// cannot be.
Result<Form> withCondition(const Form &form, const QList<ControlId> &controls, const QString &effect,
                           const QString &condition, const Table *rows);

// Which rules of a form concern which of its controls: those on a control, on the box that it captions, on what it
// stands in. Found once for a form.
class RuleBook
{
public:
    RuleBook() = default;
    explicit RuleBook(const Form &form);

    // Numbers of rules in Form::rules that are switched on, in their order.
    QList<int> about(ControlId control) const { return m_about.value(control); }
    bool isAbout(ControlId control) const { return m_about.contains(control); }
    bool isEmpty() const { return m_about.isEmpty(); }
    // Those switched on that stand on pages.
    const QList<int> &onPages() const { return m_onPages; }

private:
    QHash<ControlId, QList<int>> m_about;
    QList<int> m_onPages;
};

// What the rules make of what a control shows. A condition that cannot be worked out does nothing.
Shown withRules(const Form &form, const RuleBook &book, const Control &control, const Shown &shown,
                const WorksOut &worksOut);
// The pages that rules hide in a row.
QSet<Area> pagesHidden(const Form &form, const RuleBook &book, const WorksOut &worksOut);
// Whether the condition of a rule is true in a row: an empty one always is. Nothing where it cannot be worked out.
std::optional<bool> holds(const Rule &rule, const WorksOut &worksOut);
// Whether a value is true, as SQL has it: words that are no number are not.
bool isTrue(const QVariant &value);

// The expressions that a rule works out in a row for the controls that it stands on.
QStringList expressionsOf(const Form &form, const Rule &rule);
// An expression for the value of a column, whatever it is called.
QString columnExpression(const QString &column);
// What a scale measures at a control; empty where there is nothing to measure.
QString measuredBy(const Rule &rule, const Control &control);
// The step of a scale in which a value lies; nullptr for what is no number.
const ScaleStep *stepOf(const QList<ScaleStep> &steps, const QVariant &value);
// Marks what a control shows; of several marks the gravest stands, and its words.
void markShown(Shown &shown, Mark mark, const QString &words);

// What a rule stands on, with all that stands in that.
QSet<ControlId> reachedBy(const Form &form, const Rule &rule);
// Whether a rule has nothing left that it could be about. Checks are of the record and need no control.
bool isAboutNothing(const Rule &rule);

} // namespace nabblet
