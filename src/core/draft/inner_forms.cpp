#include "core/draft/inner_forms.h"

#include "core/draft/maker.h"
#include "core/edit/edits.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/usual_words.h"

#include <algorithm>

namespace nabblet {

const Form *innerAt(const Form &form, const InnerPath &path)
{
    const Form *at = &form;
    for (const ControlId id : path) {
        const Control *control = id == RowFormStep ? nullptr : at->controls.find(id);
        at = id == RowFormStep ? at->rowForm.get() : control ? control->inner.get() : nullptr;
        if (!at) {
            return nullptr;
        }
    }
    return at;
}

Form withInnerAt(const Form &form, const InnerPath &path, const Form &inner)
{
    if (path.isEmpty()) {
        return inner;
    }
    if (path.first() == RowFormStep && form.rowForm) {
        Form result = form;
        result.rowForm = InnerForm(withInnerAt(*form.rowForm.get(), path.mid(1), inner));
        return result;
    }
    const int index = form.controls.indexOf(path.first());
    if (index < 0 || !form.controls.at(index).inner) {
        return form;
    }
    Control control = form.controls.at(index);
    control.inner = InnerForm(withInnerAt(*control.inner.get(), path.mid(1), inner));
    Form result = form;
    result.controls.replace(index, control);
    return result;
}

InnerPath soundPath(const Form &form, const InnerPath &path)
{
    InnerPath sound = path;
    while (!innerAt(form, sound)) {
        sound.removeLast();
    }
    return sound;
}

Form withRowsOf(const Form &form, ControlId subform, const PlannedChild &child, const Catalogue &catalogue,
                const QString &namingPattern, const TextMeasure &measure)
{
    const int index = form.controls.indexOf(subform);
    const Table *table = findTable(catalogue, child.plan.table);
    if (index < 0 || !table) {
        return form;
    }
    DraftPlan plan = child.plan;
    plan.look = form.look;
    plan.namingPattern = namingPattern;
    Control control = form.controls.at(index);
    control.inner = InnerForm(makeForm(catalogue, *table, plan, nullptr, {}, measure, true));
    control.settings.remove(setting::Opens);
    setChildLink(control, child.link);
    Form result = form;
    result.controls.replace(index, control);
    return withRowsCaption(result, subform, plan.title, measure);
}

Form withRowsThatBelong(const Form &form, ControlId subform, const Catalogue &catalogue, const QString &namingPattern,
                        const TextMeasure &measure, const QString &of)
{
    const Table *table = findTable(catalogue, form.rowsFrom);
    if (!table) {
        return form;
    }
    QStringList shown;
    for (const Control &control : form.controls) {
        if (control.inner) {
            shown.append(learnedKey(control.inner.get()->rowsFrom, childLinkOf(control)));
        }
    }
    DraftPlan plan = planWithChildren(catalogue, *table);
    std::stable_partition(plan.children.begin(), plan.children.end(),
                          [](const PlannedChild &child) { return child.isTaken; });
    for (PlannedChild &child : plan.children) {
        if ((of.isEmpty() || child.plan.table == of) && !shown.contains(learnedKey(child.plan.table, child.link))) {
            child.isTaken = true;
            if (child.plan.columns.isEmpty()) {
                completeChild(catalogue, child);
            }
            return withRowsOf(form, subform, child, catalogue, namingPattern, measure);
        }
    }
    return form;
}

Form withRowsCaption(const Form &form, ControlId subform, const QString &title, const TextMeasure &measure)
{
    const Control *caption = captionOf(form, subform);
    const bool isUnwritten = caption && caption->text == usualWords(kindNamed(QStringLiteral("subform")));
    return isUnwritten ? setCaptionText(form, caption->id, title, measure) : form;
}

Form withFormRenamed(const Form &form, const QString &from, const QString &to)
{
    Form result = form;
    for (int i = 0; i < form.controls.size(); ++i) {
        Control control = form.controls.at(i);
        if (projectFormOf(control) == from) {
            control.settings.set(setting::Opens, to);
        }
        if (control.inner) {
            control.inner = InnerForm(withFormRenamed(*control.inner.get(), from, to));
        }
        if (!(control == form.controls.at(i))) {
            result.controls.replace(i, control);
        }
    }
    if (form.rowForm) {
        result.rowForm = InnerForm(withFormRenamed(*form.rowForm.get(), from, to));
    }
    return result;
}

} // namespace nabblet
