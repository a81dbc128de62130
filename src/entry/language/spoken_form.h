// Forms in the language of the person who works with them.
#pragma once

#include "core/looks/files/look_book.h"
#include "core/model/form.h"
#include "core/result.h"
#include "core/text/text_measure.h"

#include <functional>

namespace nabblet {

// The form in the first of wishedLanguages() that it has.
Form inPersonsLanguage(const Form &form, const TextMeasure &measure);

// The same of each form that a reader reads; looks: of the project, by which the words are measured.
std::function<Result<Form>(const QString &)>
readingInPersonsLanguage(const std::function<Result<Form>(const QString &)> &reader, const LookBook &looks);

} // namespace nabblet
