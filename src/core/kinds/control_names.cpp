#include "core/kinds/control_names.h"

#include "core/kinds/settings/typing.h"
#include "core/text/caption_words.h"

namespace nabblet {

QString calledFor(const Form &form, const Control &control)
{
    const Control *caption = captionOf(form, control.id);
    for (const QString &words :
         {caption ? caption->text.simplified() : QString(), control.text.simplified(), promptOf(control)}) {
        if (!words.isEmpty()) {
            return words;
        }
    }
    if (control.inner && !control.inner.get()->title.isEmpty()) {
        return control.inner.get()->title;
    }
    return control.column.isEmpty() ? control.name : captionFromColumn(control.column, form.rowsFrom);
}

QString calledForColumn(const Form &form, const QString &column)
{
    for (const Control &control : form.controls) {
        if (!control.column.isEmpty() && control.column.compare(column, Qt::CaseInsensitive) == 0) {
            return calledFor(form, control);
        }
    }
    return captionFromColumn(column, form.rowsFrom);
}

} // namespace nabblet
