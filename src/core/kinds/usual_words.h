// The words and names that controls have before anybody gave them others.
#pragma once

#include "core/kinds/kind.h"
#include "core/model/form.h"

namespace nabblet {

// Whether what a control is called comes from the words on it.
bool isNamedByItsWords(const Control &control);
// A name that nobody gave: the kind's, and a number.
bool hasNameOfItsKind(const Control &control);
// What holds the words of a control: itself, or its caption; nullptr where it has none.
const Control *withWordsOf(const Form &form, const Control &control);
// The words that a new control of a kind has until it gets its own, and whether a control still has those.
QString usualWords(const Kind &kind);
bool wantsWords(const Form &form, const Control &control);

} // namespace nabblet
