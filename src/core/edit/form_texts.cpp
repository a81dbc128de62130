#include "core/edit/form_texts.h"

#include "core/arrange/grouping.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"

#include <QJsonArray>

namespace nabblet {

namespace {

QString placeOf(const Form &form, const Control &control)
{
    const Control *field = control.captionFor != 0 ? form.controls.find(control.captionFor) : &control;
    return field && !field->column.isEmpty() ? field->column : field ? field->name : control.name;
}

} // namespace

QList<FormText> formTexts(const Form &form)
{
    QList<FormText> texts;
    for (const Area &area : areasOf(form)) {
        for (const QList<ControlId> &row : rowsOfArea(form, area)) {
            for (const ControlId id : row) {
                const Control &control = *form.controls.find(id);
                if (!control.text.isEmpty()) {
                    texts.append({id, -1, 0, placeOf(form, control), control.text});
                }
                const QList<Choice> choices = fixedChoices(control);
                for (int i = 0; i < choices.size(); ++i) {
                    texts.append({id, i, 0, placeOf(form, control), choices.at(i).words});
                }
                for (const Page &page : pagesOf(control)) {
                    texts.append({id, -1, page.id, placeOf(form, control), page.title});
                }
            }
        }
    }
    return texts;
}

Form withFormTexts(const Form &form, const QList<FormText> &texts, const TextMeasure &measure)
{
    Form result = form;
    for (const FormText &text : texts) {
        const int index = result.controls.indexOf(text.control);
        if (index < 0 || text.words.trimmed().isEmpty()) {
            continue;
        }
        Control control = result.controls.at(index);
        if (text.page != 0) {
            result = withPageTitle(result, control.id, text.page, text.words);
            continue;
        }
        if (text.choice < 0) {
            if (control.text == text.words) {
                continue;
            }
            result = setCaptionText(result, control.id, text.words, measure);
            continue;
        }
        QList<Choice> choices = fixedChoices(control);
        if (text.choice < choices.size()) {
            choices[text.choice].words = text.words;
            setFixedChoices(control, choices);
            result.controls.replace(index, control);
        }
    }
    return result;
}

QString withCapital(const QString &words)
{
    return words.isEmpty() ? words : words.left(1).toUpper() + words.mid(1);
}

QString withoutEndMarks(const QString &words)
{
    QString result = words.simplified();
    while (result.endsWith(u':') || result.endsWith(u'.') || result.endsWith(u' ')) {
        result.chop(1);
    }
    return result;
}

} // namespace nabblet
