#include "core/edit/form_texts.h"

#include "core/actions/action_table.h"
#include "core/arrange/grouping.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/typing.h"

#include <QHash>

#include <map>
#include <tuple>

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
    if (!form.title.isEmpty()) {
        texts.append({TextPart::Title, 0, -1, -1, form.name, form.title});
    }
    for (const Area &area : areasOf(form)) {
        for (const QList<ControlId> &row : rowsOfArea(form, area)) {
            for (const ControlId id : row) {
                const Control &control = *form.controls.find(id);
                const QString place = placeOf(form, control);
                const auto add = [&](TextPart part, const QString &words, int number = -1) {
                    if (!words.isEmpty()) {
                        texts.append({part, id, number, -1, place, words});
                    }
                };
                add(TextPart::Words, control.text);
                const QList<Choice> choices = fixedChoices(control);
                for (int i = 0; i < choices.size(); ++i) {
                    texts.append({TextPart::Choice, id, i, -1, place, choices.at(i).words});
                }
                for (const Page &page : pagesOf(control)) {
                    texts.append({TextPart::Page, id, page.id, -1, place, page.title});
                }
                add(TextPart::Prompt, control.settings.value(setting::Prompt));
                add(TextPart::Question, control.settings.value(setting::Asks));
            }
        }
    }
    for (int i = 0; i < form.rules.size(); ++i) {
        const Rule &rule = form.rules.at(i);
        const Control *on = rule.on.isEmpty() ? nullptr : form.controls.find(rule.on.first());
        const auto add = [&](TextPart part, const QString &words, int number = -1) {
            if (!words.isEmpty()) {
                texts.append({part, on ? on->id : 0, number, i, on ? placeOf(form, *on) : QString(), words});
            }
        };
        add(TextPart::Then, rule.then.words);
        add(TextPart::Otherwise, rule.otherwise.words);
        for (int step = 0; step < rule.steps.size(); ++step) {
            add(TextPart::Step, rule.steps.at(step).words, step);
        }
    }
    return texts;
}

namespace {

using TextKey = std::tuple<int, ControlId, int, int>; // which text it is

TextKey keyOf(const FormText &text)
{
    return {static_cast<int>(text.part), text.control, text.number, text.rule};
}

std::map<TextKey, QString> wordsByKey(const Form &form)
{
    std::map<TextKey, QString> all;
    for (const FormText &text : formTexts(form)) {
        all.insert_or_assign(keyOf(text), text.words);
    }
    return all;
}

// Those that say something else than the form does.
QList<FormText> differing(const Form &form, const QList<FormText> &texts)
{
    const std::map<TextKey, QString> before = wordsByKey(form);
    QList<FormText> others;
    for (const FormText &text : texts) {
        const auto same = before.find(keyOf(text));
        if (same != before.end() && same->second != text.words && !text.words.trimmed().isEmpty()) {
            others.append(text);
        }
    }
    return others;
}

// A form in which one text is another; captions get their room later.
void put(Form &form, const FormText &text)
{
    if (text.rule >= 0) {
        if (text.rule < form.rules.size()) {
            Rule &rule = form.rules[text.rule];
            if (text.part == TextPart::Step) {
                if (text.number < rule.steps.size()) {
                    rule.steps[text.number].words = text.words;
                }
            } else {
                (text.part == TextPart::Then ? rule.then : rule.otherwise).words = text.words;
            }
        }
        return;
    }
    if (text.part == TextPart::Title) {
        form.title = text.words;
        return;
    }
    const int index = form.controls.indexOf(text.control);
    if (index < 0) {
        return;
    }
    Control control = form.controls.at(index);
    switch (text.part) {
    case TextPart::Page:
        form = withPageTitle(form, control.id, text.number, text.words);
        return;
    case TextPart::Choice:
        if (QList<Choice> choices = fixedChoices(control); text.number < choices.size()) {
            choices[text.number].words = text.words;
            setFixedChoices(control, choices);
        }
        break;
    case TextPart::Prompt:
        control.settings.set(setting::Prompt, text.words);
        break;
    case TextPart::Question:
        control.settings.set(setting::Asks, text.words);
        break;
    default:
        return;
    }
    form.controls.replace(index, control);
}

} // namespace

Form showingTexts(const Form &form, const QList<FormText> &texts, const TextMeasure &measure)
{
    Form result = form;
    QHash<ControlId, QString> words;
    for (const FormText &text : differing(form, texts)) {
        if (text.part == TextPart::Words) {
            words.insert(text.control, text.words);
        } else {
            put(result, text);
        }
    }
    return words.isEmpty() ? result : withWords(result, words, measure);
}

Form withFormTexts(const Form &form, const QList<FormText> &texts, const TextMeasure &measure)
{
    Form result = showingTexts(form, texts, measure);
    QHash<QString, QString> changed; // words as they were, and as they are
    const std::map<TextKey, QString> before = wordsByKey(form);
    for (const FormText &text : differing(form, texts)) {
        changed.insert(before.at(keyOf(text)), text.words);
        if (text.part == TextPart::Words) {
            result = withNameByWords(result, text.control);
        }
    }
    for (auto language = result.languages.begin(); language != result.languages.end(); ++language) {
        for (auto each = changed.begin(); each != changed.end(); ++each) {
            if (language->contains(each.key()) && !language->contains(each.value())) {
                language->insert(each.value(), language->value(each.key()));
            }
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
