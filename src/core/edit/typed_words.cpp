#include "core/edit/typed_words.h"

#include "core/edit/edits.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/kinds/usual_words.h"

namespace nabblet {

namespace {

bool hasPrompt(const Control &control)
{
    return kindNamed(control.kind).settings.contains(&setting::Prompt);
}

// Whether a control is to be given its choices still; those that are there are not taken away by a colon.
bool wantsChoices(const Control &control)
{
    return kindNamed(control.kind).settings.contains(&setting::Choosing) && !lookupOf(control) &&
           fixedChoices(control).isEmpty();
}

Form withWordsOfOne(const Form &form, ControlId id, const QString &typed, const TextMeasure &measure)
{
    const Control *control = form.controls.find(id);
    if (!control) {
        return form;
    }
    Form result = form;
    QString words = typed.trimmed();
    const qsizetype colon = words.indexOf(u':');
    if (colon >= 0 && wantsChoices(*control)) {
        QList<Choice> choices;
        for (const QString &each : words.mid(colon + 1).split(u',', Qt::SkipEmptyParts)) {
            choices.append({each.trimmed(), each.trimmed()});
        }
        words = words.left(colon).trimmed();
        if (!choices.isEmpty()) {
            Control changed = *control;
            setFixedChoices(changed, choices);
            result.controls.replace(result.controls.indexOf(id), changed);
        }
    }
    if (words.isEmpty()) {
        return result;
    }
    if (const Control *holder = withWordsOf(result, *result.controls.find(id))) {
        return setCaptionText(result, holder->id, words, measure);
    }
    return hasPrompt(*control)
               ? withSettings(result, {id}, [&](ControlSettings &settings) { settings.set(setting::Prompt, words); })
               : result;
}

} // namespace

QString typedWordsOf(const Form &form, const Control &control)
{
    const Control *holder = withWordsOf(form, control);
    return holder ? holder->text : control.settings.value(setting::Prompt);
}

bool takesWords(const Form &form, const Control &control)
{
    return withWordsOf(form, control) || hasPrompt(control);
}

Form withTypedWords(const Form &form, const QList<ControlId> &controls, const QString &typed,
                    const TextMeasure &measure)
{
    const QStringList parts = controls.size() > 1 ? typed.split(u';') : QStringList{typed};
    Form result = form;
    for (qsizetype i = 0; i < controls.size() && i < parts.size(); ++i) {
        result = withWordsOfOne(result, controls.at(i), parts.at(i), measure);
    }
    return result;
}

} // namespace nabblet
