// All the words on a form, to be edited in one table: captions, headings, the words of options, titles of pages.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QList>

namespace nabblet {

struct FormText
{
    ControlId control = 0;
    int choice = -1; // the option whose words these are; -1 for the words of a caption or beside a tick box
    int page = 0;    // the page whose title these are, by its id; 0 for all else
    QString place;   // whose words: the column or the name of the control
    QString words;

    bool operator==(const FormText &) const = default;
};

// In the order of the form: header, body, footer, row by row.
QList<FormText> formTexts(const Form &form);

// The form with other words; what is not in the list, or is empty there, stays as it is.
Form withFormTexts(const Form &form, const QList<FormText> &texts, const TextMeasure &measure);

// The first letter a capital, the rest as it is.
QString withCapital(const QString &words);
// Without spaces around it, doubled spaces, and a colon or full stop at the end.
QString withoutEndMarks(const QString &words);

} // namespace nabblet
