#include "core/kinds/usual_words.h"

#include "core/text/tr.h"

namespace nabblet {

bool isNamedByItsWords(const Control &control)
{
    return kindNamed(control.kind).holds != Holds::Nothing || kindNamed(control.kind).editor == Editor::Button;
}

bool hasNameOfItsKind(const Control &control)
{
    const QString kind = kindNamed(control.kind).shortName;
    const QString rest = control.name.mid(kind.size());
    bool isNumber = false;
    (void)rest.mid(1).toInt(&isNumber);
    return control.name.startsWith(kind) && (rest.isEmpty() || (rest.startsWith(u'_') && isNumber));
}

const Control *withWordsOf(const Form &form, const Control &control)
{
    const bool hasOwn = isCaption(control) || isNamedByItsWords(control);
    return hasOwn ? &control : captionOf(form, control.id);
}

bool wantsWords(const Form &form, const Control &control)
{
    const Control *words = withWordsOf(form, control);
    if (!words) {
        return false;
    }
    const Control *field = words->captionFor != 0 ? form.controls.find(words->captionFor) : nullptr;
    const Kind &kind = kindNamed(field ? field->kind : words->kind);
    return (!field || field->column.isEmpty()) && words->text == usualWords(kind);
}

QString usualWords(const Kind &kind)
{
    return kind.name == QLatin1String("group-box") ? Texts::tr("Group") : kindTitle(kind);
}

} // namespace nabblet
