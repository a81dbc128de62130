#include "entry/language/spoken_form.h"

#include "core/edit/form_languages.h"
#include "entry/language/language.h"
#include "entry/theme/appearance.h"
#include "entry/theme/theme.h"

namespace nabblet {

Form inPersonsLanguage(const Form &form, const TextMeasure &measure)
{
    const QString code = formLanguageFor(form, wishedLanguages());
    return code.isEmpty() ? form : inLanguage(form, code, measure);
}

std::function<Result<Form>(const QString &)>
readingInPersonsLanguage(const std::function<Result<Form>(const QString &)> &reader, const LookBook &looks)
{
    return [reader, looks](const QString &name) -> Result<Form> {
        const Result<Form> form = reader(name);
        if (!form || form->languages.isEmpty()) {
            return form;
        }
        return inPersonsLanguage(*form, Appearance(form->look, Theme::Light, desktopFont(), looks));
    };
}

} // namespace nabblet
