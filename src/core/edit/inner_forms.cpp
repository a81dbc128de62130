#include "core/edit/inner_forms.h"

#include "core/draft/maker.h"

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
    control.settings.remove(QStringLiteral("opens"));
    setChildLink(control, child.link);
    Form result = form;
    result.controls.replace(index, control);
    return result;
}

QString formShownBy(const Control &subform)
{
    return subform.settings.value(QLatin1String("opens")).toString();
}

} // namespace nabblet
