// A form in the language of the person who works with it: its words as they were given for that language, and its sides
// changed where people read from right to left.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QStringList>

namespace nabblet {

// Whether a wish such as "de-AT" is for a language.
bool isOfLanguage(const QString &wish, const QString &code);

// The language in which the form is shown to somebody who wishes these, the first before the others: a code of
// form.languages, or empty for the form's own words. "de" is there for who wishes "de-AT".
QString formLanguageFor(const Form &form, const QStringList &wished);

// The form in one of its languages, with the forms inside it in theirs. Words that it does not have there stay as they
// are; captions get the room of theirs, as settled() gives it.
Form inLanguage(const Form &form, const QString &code, const TextMeasure &measure);

// The form with left and right changed, and Tab going through it as before.
Form mirrored(const Form &form);

// Its own words that have no others in a language, each once, in the order of the form. Without those of the forms
// inside it.
QStringList wordsMissingIn(const Form &form, const QString &code);

// Whether a language, by its code, is written from right to left.
bool isWrittenRightToLeft(const QString &code);

} // namespace nabblet
