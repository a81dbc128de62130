#include "core/rules/rule_sentence.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/rules/condition_rows.h"
#include "core/rules/effects.h"
#include "core/text/tr.h"

NABBLET_TEXTS(Rules)

namespace nabblet {

QString onInWords(const Form &form, const Rule &rule)
{
    constexpr qsizetype MostNamed = 3;
    QStringList names;
    for (const ControlId id : rule.on) {
        if (const Control *control = form.controls.find(id)) {
            const bool holdsOthers = kindNamed(control->kind).holds != Holds::Nothing;
            names.append(holdsOthers ? Texts::tr("%1 (group)").arg(calledFor(form, *control))
                                     : calledFor(form, *control));
        }
    }
    if (names.size() > MostNamed) {
        const qsizetype left = names.size() - MostNamed;
        names.resize(MostNamed);
        return names.join(Texts::tr(", ")) + Texts::tr(" and %1 more").arg(left);
    }
    return names.join(Texts::tr(", "));
}

QString ruleSentence(const Form &form, const Rule &rule)
{
    const Effect *effect = findEffect(rule.effect);
    if (!effect) {
        return Texts::tr("A rule of a newer version: %1").arg(rule.effect);
    }
    const QString on = onInWords(form, rule);
    return effect->says({rule, on.isEmpty() ? Texts::tr("The record") : on, conditionInWords(form, rule.when)});
}

} // namespace nabblet
