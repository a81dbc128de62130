#include "core/edit/rule_clip.h"

#include "core/file/form_file.h"
#include "core/kinds/kind.h"
#include "core/rules/condition_rows.h"
#include "core/rules/effects.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

Form ruleClipOf(const Form &form, const QList<int> &rules)
{
    Form clip;
    clip.name = form.name;
    clip.title = form.title;
    clip.rowsFrom = form.rowsFrom;
    clip.bands = form.bands;
    clip.width = form.width;
    QList<ControlId> on;
    for (const int number : rules) {
        clip.rules.append(form.rules.at(number));
        clip.rules.last().areas.removeIf([](const Area &area) { return area.container != 0; }); // of this form alone
        on += form.rules.at(number).on;
    }
    for (const Control &control : form.controls) {
        if (on.contains(control.id)) {
            Control alone = control;
            alone.container = alone.page = alone.captionFor = 0;
            alone.rides = {};
            alone.inner = {};
            clip.controls.append(alone);
        }
    }
    return clip;
}

QByteArray ruleClipText(const Form &form, const QList<int> &rules)
{
    return writeForm(ruleClipOf(form, rules));
}

Result<Form> readRuleClip(const QByteArray &text)
{
    const Result<Form> clip = readForm(text);
    if (!clip || clip->rules.isEmpty()) {
        return Error{Texts::tr("There are no rules on the clipboard."), clip ? QString() : clip.error().detail};
    }
    return clip;
}

Rule ruleFor(const Rule &rule, const Control &before, const Control &now)
{
    Rule result = rule;
    auto rows = rowsFromCondition(rule.when);
    const bool readsItself = rows && !rows->isEmpty() && !before.column.isEmpty() && !now.column.isEmpty() &&
                             std::all_of(rows->begin(), rows->end(), [&](const ConditionRow &row) {
                                 return row.column.compare(before.column, Qt::CaseInsensitive) == 0;
                             });
    if (readsItself) {
        for (ConditionRow &row : *rows) {
            row.column = now.column;
        }
        result.when = conditionFromRows(*rows);
    }
    return result;
}

namespace {

const Control *sameAs(const Form &form, const Control &control)
{
    const Control *byColumn = nullptr;
    for (const Control &each : form.controls) {
        if (each.name == control.name && each.kind == control.kind) {
            return &each;
        }
        byColumn = !byColumn && !control.column.isEmpty() && each.column == control.column ? &each : byColumn;
    }
    return byColumn;
}

} // namespace

PastedRules withPastedRules(const Form &form, const Form &clip, const QList<ControlId> &on)
{
    PastedRules pasted{form, 0};
    for (const Rule &rule : clip.rules) {
        const Effect *effect = findEffect(rule.effect);
        QList<const Control *> targets;
        QList<const Control *> sources;
        for (const ControlId id : rule.on) {
            sources.append(clip.controls.find(id));
        }
        sources.removeAll(nullptr);
        if (on.isEmpty()) {
            for (const Control *source : std::as_const(sources)) {
                targets.append(sameAs(form, *source));
            }
        } else {
            for (const ControlId id : on) {
                targets.append(form.controls.find(id));
            }
        }
        targets.removeIf(
            [&](const Control *target) { return !target || (effect && !effect->concerns(kindNamed(target->kind))); });
        const bool isOfBands = on.isEmpty() && !rule.areas.isEmpty();
        if (targets.isEmpty() && !isOfBands && !(effect && effect->isOfRecord && sources.isEmpty())) {
            continue;
        }
        // Of one box, it may be another rule on each; what is the same on several is one.
        QList<Rule> made;
        for (const Control *target : std::as_const(targets)) {
            Rule copy = sources.size() == 1 ? ruleFor(rule, *sources.first(), *target) : rule;
            copy.on.clear();
            copy.areas = on.isEmpty() ? rule.areas : QList<Area>();
            const auto same = std::find_if(made.begin(), made.end(), [&](Rule other) {
                other.on.clear();
                return other == copy;
            });
            if (same != made.end()) {
                same->on.append(target->id);
            } else {
                copy.on = {target->id};
                made.append(copy);
            }
        }
        if (targets.isEmpty()) {
            made.append(rule);
            made.last().on.clear();
        }
        pasted.form.rules += made;
        pasted.count += static_cast<int>(made.size());
    }
    return pasted;
}

} // namespace nabblet
