#include "core/rules/rules.h"

#include "core/arrange/containers.h"
#include "core/formula/row_formulas.h"
#include "core/kinds/each/formula.h"
#include "core/rules/belonging.h"

#include <algorithm>
#include <cmath>

namespace nabblet {

bool isTrue(const QVariant &value)
{
    return value.toDouble() != 0;
}

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
        const Result<QStringList> read = columnsReadBy(when, columnNames(*rows), belongingTo(form));
        if (!read) {
            return read.error();
        }
    }
    Form result = form;
    Rule made; // keeps what else was set of the one that it takes the place of
    made.effect = effect;
    bool isFirst = true;
    for (Rule &rule : result.rules) {
        const bool isConcerned =
            rule.effect == effect &&
            std::any_of(controls.begin(), controls.end(), [&](ControlId id) { return rule.on.contains(id); });
        if (isConcerned) {
            made = isFirst ? rule : made;
            made.areas.clear(); // which go on having the rule that they had
            isFirst = false;
        }
    }
    for (auto rule = result.rules.begin(); rule != result.rules.end();) {
        const bool isLeft = rule->effect == effect &&
                            rule->on.removeIf([&](ControlId id) { return controls.contains(id); }) > 0 &&
                            rule->on.isEmpty() && rule->areas.isEmpty();
        rule = isLeft ? result.rules.erase(rule) : rule + 1;
    }
    if (when.isEmpty()) {
        return result;
    }
    made.when = when;
    const auto same = std::find_if(result.rules.begin(), result.rules.end(), [&](const Rule &rule) {
        Rule alike = rule;
        alike.on = made.on;
        return alike == made;
    });
    if (same != result.rules.end()) {
        same->on += controls;
    } else {
        made.on = controls;
        result.rules.append(made);
    }
    return result;
}

namespace {

// A page is named by its container, whatever band that stands on.
Area pageOrBand(Area area)
{
    area.band = area.container != 0 ? BandRole::Body : area.band;
    area.page = area.container != 0 ? area.page : 0;
    return area;
}

// The areas that a control stands in, its band last.
QList<Area> areasAround(const Form &form, const Control &control)
{
    QList<Area> areas;
    if (control.container != 0) {
        areas.append(pageOrBand(areaOf(control)));
        for (const ControlId around : containersAround(form, control.id)) {
            if (const Control *container = form.controls.find(around); container && container->container != 0) {
                areas.append(pageOrBand(areaOf(*container)));
            }
        }
    }
    areas.append(Area{control.band, 0, 0});
    return areas;
}

} // namespace

RuleBook::RuleBook(const Form &form)
{
    QHash<ControlId, QList<int>> on;
    QHash<Area, QList<int>> onAreas;
    for (int i = 0; i < form.rules.size(); ++i) {
        if (form.rules.at(i).isOff) {
            continue;
        }
        for (const ControlId id : form.rules.at(i).on) {
            on[id].append(i);
        }
        bool hasPages = false;
        for (const Area &area : form.rules.at(i).areas) {
            onAreas[pageOrBand(area)].append(i);
            hasPages = hasPages || area.container != 0;
        }
        if (hasPages) {
            m_onPages.append(i);
        }
    }
    if (on.isEmpty() && onAreas.isEmpty()) {
        return;
    }
    for (const Control &control : form.controls) {
        QList<int> about = on.value(control.id);
        // The head of a column of rows belongs to all of them.
        const Control *captioned = on.contains(control.captionFor) ? form.controls.find(control.captionFor) : nullptr;
        if (captioned && captioned->band == control.band) {
            about += on.value(captioned->id);
        }
        if (control.container != 0) {
            for (const ControlId around : containersAround(form, control.id)) {
                about += on.value(around);
            }
        }
        if (!onAreas.isEmpty()) {
            for (const Area &area : areasAround(form, control)) {
                about += onAreas.value(area);
            }
        }
        if (!about.isEmpty()) {
            std::sort(about.begin(), about.end());
            about.erase(std::unique(about.begin(), about.end()), about.end());
            m_about.insert(control.id, about);
        }
    }
}

QSet<Area> pagesHidden(const Form &form, const RuleBook &book, const WorksOut &worksOut)
{
    QSet<Area> hidden;
    for (const int number : book.onPages()) {
        const Rule &rule = form.rules.at(number);
        if (rule.effect == QLatin1String("shown") && !holds(rule, worksOut).value_or(true)) {
            for (const Area &area : rule.areas) {
                if (area.container != 0) {
                    hidden.insert(pageOrBand(area));
                }
            }
        }
    }
    return hidden;
}

QSet<ControlId> reachedBy(const Form &form, const Rule &rule)
{
    QSet<ControlId> reached(rule.on.begin(), rule.on.end());
    if (!rule.areas.isEmpty()) {
        QSet<Area> areas;
        for (const Area &area : rule.areas) {
            areas.insert(pageOrBand(area));
        }
        for (const Control &control : form.controls) {
            const QList<Area> around = areasAround(form, control);
            if (std::any_of(around.begin(), around.end(), [&](const Area &area) { return areas.contains(area); })) {
                reached.insert(control.id);
            }
        }
    }
    return reached + membersOf(form, reached);
}

std::optional<bool> holds(const Rule &rule, const WorksOut &worksOut)
{
    if (rule.when.trimmed().isEmpty()) {
        return true;
    }
    const Result<QVariant> value = worksOut(rule.when);
    return value ? std::optional(isTrue(*value)) : std::nullopt;
}

Shown withRules(const Form &form, const RuleBook &book, const Control &control, const Shown &shown,
                const WorksOut &worksOut)
{
    Shown result = shown;
    for (const int number : book.about(control.id)) {
        const Rule &rule = form.rules.at(number);
        const Effect *effect = findEffect(rule.effect);
        const bool isConcerned = effect && (effect->reachesInside || rule.on.contains(control.id));
        const std::optional<bool> isSo = isConcerned ? holds(rule, worksOut) : std::nullopt;
        if (isSo) {
            effect->apply(result, {rule, control, *isSo, worksOut});
        }
    }
    result.isRequired = result.isRequired && !result.isHidden;
    return result;
}

QStringList expressionsOf(const Form &form, const Rule &rule)
{
    QStringList all{rule.when, rule.then.value, rule.otherwise.value, rule.measured};
    for (const ControlId id : rule.on) {
        const Control *control = form.controls.find(id);
        if (control && !rule.steps.isEmpty()) {
            all.append(measuredBy(rule, *control));
        }
    }
    all.removeIf([](const QString &expression) { return expression.trimmed().isEmpty(); });
    return all;
}

QString columnExpression(const QString &column)
{
    QString name = column;
    return u'"' + name.replace(u'"', QLatin1String("\"\"")) + u'"';
}

QString measuredBy(const Rule &rule, const Control &control)
{
    if (!rule.measured.trimmed().isEmpty()) {
        return rule.measured;
    }
    const QString formula = formulaOf(control);
    return !formula.isEmpty() ? formula : control.column.isEmpty() ? QString() : columnExpression(control.column);
}

const ScaleStep *stepOf(const QList<ScaleStep> &steps, const QVariant &value)
{
    bool isNumber = false;
    const double number = value.toDouble(&isNumber);
    if (value.isNull() || !isNumber || std::isnan(number)) {
        return nullptr;
    }
    for (const ScaleStep &step : steps) {
        if (!step.below || number < *step.below) {
            return &step;
        }
    }
    return nullptr;
}

void markShown(Shown &shown, Mark mark, const QString &words)
{
    if (mark != Mark::None && (shown.mark == Mark::None || mark > shown.mark)) {
        shown.mark = mark;
        shown.note = words.isEmpty() ? shown.note : words;
    }
}

bool isAboutNothing(const Rule &rule)
{
    const Effect *effect = findEffect(rule.effect);
    return rule.on.isEmpty() && rule.areas.isEmpty() && !(effect && effect->isOfRecord);
}

} // namespace nabblet
