#include "entry/trial/rule_branches.h"

#include "core/rules/outcomes.h"
#include "core/rules/rule_sentence.h"
#include "core/rules/rules.h"
#include "core/text/tr.h"
#include "entry/trial/test_record.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostLookedAt = 2000; // stored rows

QString measuredOf(const Form &form, const Rule &rule)
{
    const Control *control = rule.on.isEmpty() ? nullptr : form.controls.find(rule.on.first());
    return control ? measuredBy(rule, *control) : QString();
}

bool isSeen(const Form &form, const RuleBranch &branch, const WorksOut &worksOut)
{
    const Rule &rule = form.rules.at(branch.rule);
    const std::optional<bool> isSo = holds(rule, worksOut);
    if (branch.step < 0) {
        return isSo && *isSo == branch.side;
    }
    if (!isSo.value_or(false)) {
        return false;
    }
    const Result<QVariant> value = worksOut(measuredOf(form, rule));
    const ScaleStep *step = value ? stepOf(rule.steps, *value) : nullptr;
    return step && step - rule.steps.constData() == branch.step;
}

// A condition that is true where a scale is in one of its parts.
QString conditionOfStep(const Form &form, const Rule &rule, int step)
{
    const QString measured = measuredOf(form, rule);
    QStringList parts;
    if (!rule.when.trimmed().isEmpty()) {
        parts.append(rule.when);
    }
    if (step > 0 && rule.steps.at(step - 1).below) {
        parts.append(QStringLiteral("%1 >= %2").arg(measured).arg(*rule.steps.at(step - 1).below, 0, 'g', 15));
    }
    if (rule.steps.at(step).below) {
        parts.append(QStringLiteral("%1 < %2").arg(measured).arg(*rule.steps.at(step).below, 0, 'g', 15));
    }
    return parts.join(QStringLiteral(" AND "));
}

} // namespace

RuleBranches::RuleBranches(const Form &form) : m_form(form)
{
    for (int i = 0; i < form.rules.size(); ++i) {
        const Rule &rule = form.rules.at(i);
        if (rule.isOff || !findEffect(rule.effect)) {
            continue;
        }
        for (int step = 0; step < rule.steps.size(); ++step) {
            m_all.append({i, true, step});
        }
        if (rule.steps.isEmpty() && !rule.when.trimmed().isEmpty()) {
            m_all.append({i, true, -1});
            m_all.append({i, false, -1});
        }
    }
    m_missing = m_all;
}

bool RuleBranches::look(const EntrySession &session)
{
    if (!session.state().hasRecord()) {
        return false;
    }
    const WorksOut worksOut = session.values().inHand();
    return m_missing.removeIf([&](const RuleBranch &branch) { return isSeen(m_form, branch, worksOut); }) > 0;
}

void RuleBranches::takeOver(const RuleBranches &before)
{
    if (before.m_form.name != m_form.name || before.m_form.rowsFrom != m_form.rowsFrom) {
        return;
    }
    m_missing.removeIf([&](RuleBranch branch) {
        branch.rule = static_cast<int>(before.m_form.rules.indexOf(m_form.rules.at(branch.rule)));
        return before.m_all.contains(branch) && !before.m_missing.contains(branch);
    });
}

QString RuleBranches::untried(const Rule &rule) const
{
    if (m_form.rules.isEmpty()) {
        return {};
    }
    const int number = static_cast<int>(m_form.rules.indexOf(rule));
    const auto isOfRule = [number](const RuleBranch &branch) { return branch.rule == number; };
    const auto all = std::count_if(m_all.begin(), m_all.end(), isOfRule);
    const auto missing = std::count_if(m_missing.begin(), m_missing.end(), isOfRule);
    const bool hasSides = !rule.steps.isEmpty() || !rule.when.trimmed().isEmpty();
    if (!hasSides || (all > 0 && missing == 0)) {
        return {};
    }
    if (all == missing) {
        return Texts::tr("Not tried yet");
    }
    QStringList parts;
    for (const RuleBranch &branch : m_missing) {
        if (isOfRule(branch)) {
            parts.append(branch.step >= 0 ? Texts::tr("in the part “%1”").arg(markWord(rule.steps.at(branch.step).mark))
                         : branch.side ? Texts::tr("where it is so")
                                       : Texts::tr("where it is not so"));
        }
    }
    return Texts::tr("Not tried %1").arg(parts.join(Texts::tr(", ")));
}

QString RuleBranches::words(const RuleBranch &branch) const
{
    const Rule &rule = m_form.rules.at(branch.rule);
    const QString sentence = ruleSentence(m_form, rule);
    if (branch.step >= 0) {
        return Texts::tr("%1: the part “%2” was not seen").arg(sentence, markWord(rule.steps.at(branch.step).mark));
    }
    return branch.side ? Texts::tr("%1: not seen where it is so").arg(sentence)
                       : Texts::tr("%1: not seen where it is not so").arg(sentence);
}

Outcome goToBranch(EntrySession &session, const RuleBranch &branch)
{
    const EntryState &state = session.state();
    const Form form = state.form;
    const Rule rule = form.rules.at(branch.rule);
    const auto rows = rowsAfter(state.connection, state.source, std::nullopt, MostLookedAt);
    for (const Row &row : rows ? *rows : QList<Row>()) {
        const WorksOut worksOut = [&](const QString &expression) {
            return session.values().workedOutIn(row, expression);
        };
        if (isSeen(form, branch, worksOut)) {
            return session.moves().goToKey(row.key)
                       ? Outcome(Done{})
                       : Outcome(Error{Texts::tr("The record in hand has to be saved or put back first."), {}});
        }
    }
    const Table *table = state.table();
    if (!table) {
        return Error{Texts::tr("The form has no rows."), {}};
    }
    const auto values = branch.step >= 0 ? valuesFor(conditionOfStep(form, rule, branch.step), true, *table)
                                         : valuesFor(rule.when, branch.side, *table);
    if (!values) {
        return values.error();
    }
    return makeTestRecord(session, *values);
}

} // namespace nabblet
