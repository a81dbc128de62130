// All the words on a form, to be edited in one table: its title, captions, headings, the words of options, titles of
// pages, prompts, and what its rules and buttons say.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QList>

namespace nabblet {

// Which words of a form, or of a control.
enum class TextPart {
    Title,     // of the form's window
    Words,     // of a caption or button, beside a tick box, over a group
    Choice,    // of an option
    Page,      // its title
    Prompt,    // faint in the empty box
    Question,  // what a button asks first
    Then,      // what a rule says where it is so, …
    Otherwise, // … and where it is not
    Step       // what a scale says in one of its parts
};

struct FormText
{
    TextPart part = TextPart::Words;
    ControlId control = 0;
    int number = -1; // of the option, of the page by its id, of the part of a scale
    int rule = -1;   // which of the form's rules
    QString place;   // whose words: the column or the name of the control
    QString words;

    bool operator==(const FormText &) const = default;
};

// In the order of the form: its title, header, body, footer, row by row; then what rules say.
QList<FormText> formTexts(const Form &form);

// The form with other words; what is not in the list, or is empty there, stays as it is. Its words in other languages
// stay with the words that they were given for.
Form withFormTexts(const Form &form, const QList<FormText> &texts, const TextMeasure &measure);

// The same, with the names of controls and the words in other languages as they are: a form that one person sees.
Form showingTexts(const Form &form, const QList<FormText> &texts, const TextMeasure &measure);

// The first letter a capital, the rest as it is.
QString withCapital(const QString &words);
// Without spaces around it, doubled spaces, and a colon or full stop at the end.
QString withoutEndMarks(const QString &words);

} // namespace nabblet
