#include "core/rules/rules.h"

#include "core/arrange/containers.h"
#include "core/formula/row_formulas.h"

#include <algorithm>

namespace nabblet {

namespace {

bool isTrue(const QVariant &value)
{
    return value.toDouble() != 0; // words that are no number are not true, as in SQL
}

} // namespace

QString conditionOn(const Form &form, ControlId control, const QString &effect)
{
    for (const Rule &rule : form.rules) {
        if (rule.effect == effect && rule.on.contains(control)) {
            return rule.when;
        }
    }
    return {};
}

Result<Form> withCondition(const Form &form, const QList<ControlId> &controls, const QString &effect,
                           const QString &condition, const Table *rows)
{
    const QString when = condition.trimmed();
    if (rows && !when.isEmpty()) {
        const Result<QStringList> read = columnsReadBy(when, columnNames(*rows));
        if (!read) {
            return read.error();
        }
    }
    Form result = form;
    for (Rule &rule : result.rules) {
        if (rule.effect == effect) {
            rule.on.removeIf([&](ControlId id) { return controls.contains(id); });
        }
    }
    result.rules.removeIf([](const Rule &rule) { return rule.on.isEmpty(); });
    if (when.isEmpty()) {
        return result;
    }
    const auto same = std::find_if(result.rules.begin(), result.rules.end(),
                                   [&](const Rule &rule) { return rule.effect == effect && rule.when == when; });
    if (same != result.rules.end()) {
        same->on += controls;
    } else {
        result.rules.append({when, effect, controls, {}});
    }
    return result;
}

namespace {

// Whether a rule is about a control: it stands on it, on the box that it captions, or on a container around it.
bool concerns(const Form &form, const Rule &rule, const Control &control)
{
    if (rule.on.contains(control.id)) {
        return true;
    }
    // The head of a column of rows belongs to all of them.
    const Control *captioned = rule.on.contains(control.captionFor) ? form.controls.find(control.captionFor) : nullptr;
    if (captioned && captioned->band == control.band) {
        return true;
    }
    const QList<ControlId> around = containersAround(form, control.id);
    return std::any_of(around.begin(), around.end(), [&](ControlId id) { return rule.on.contains(id); });
}

} // namespace

Shown withRules(const Form &form, const Control &control, const Shown &shown,
                const std::function<Result<QVariant>(const QString &expression)> &worksOut)
{
    Shown result = shown;
    for (const Rule &rule : form.rules) {
        const Effect *effect = concerns(form, rule, control) ? findEffect(rule.effect) : nullptr;
        if (effect) {
            const Result<QVariant> value = worksOut(rule.when);
            if (value) {
                effect->apply(result, isTrue(*value));
            }
        }
    }
    return result;
}

} // namespace nabblet
