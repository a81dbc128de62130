#include "core/rules/rule_sentence.h"

#include "core/kinds/control_names.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/rules/condition_rows.h"
#include "core/rules/effects.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"

namespace nabblet {

QString targetInWords(const Form &form, const Control &control)
{
    const QString called = calledFor(form, control);
    switch (kindNamed(control.kind).holds) {
    case Holds::Nothing:
        break;
    case Holds::Controls:
        return Texts::tr("%1 (group)").arg(called);
    case Holds::Panes:
        return Texts::tr("%1 (panes)").arg(called);
    case Holds::Pages: {
        QStringList titles;
        for (const Page &page : pagesOf(control)) {
            titles.append(page.title);
        }
        return Texts::tr("%1 (all pages)").arg(titles.join(Texts::tr(", ")));
    }
    }
    return called;
}

QString areaInWords(const Form &form, const Area &area)
{
    if (area.container == 0) {
        return Texts::tr("%1 (band)").arg(bandTitle(area.band));
    }
    const Control *container = form.controls.find(area.container);
    if (container && kindNamed(container->kind).holds == Holds::Panes) {
        const QString called = calledFor(form, *container);
        return area.page == SecondPane ? Texts::tr("%1 (second pane)").arg(called)
                                       : Texts::tr("%1 (first pane)").arg(called);
    }
    if (container && kindNamed(container->kind).holds == Holds::Controls) {
        return Texts::tr("%1 (group)").arg(calledFor(form, *container));
    }
    for (const Page &page : container ? pagesOf(*container) : QList<Page>()) {
        if (page.id == area.page) {
            return Texts::tr("%1 (page)").arg(page.title);
        }
    }
    return Texts::tr("A page that is gone");
}

QString onInWords(const Form &form, const Rule &rule)
{
    constexpr qsizetype MostNamed = 3;
    QStringList names;
    for (const ControlId id : rule.on) {
        if (const Control *control = form.controls.find(id)) {
            names.append(targetInWords(form, *control));
        }
    }
    for (const Area &area : rule.areas) {
        names.append(areaInWords(form, area));
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
