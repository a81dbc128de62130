// Two lines of changes of one form put together, control by control and setting by setting: for forms in version
// control.
#pragma once

#include "core/model/form.h"
#include "core/result.h"

#include <QByteArray>

namespace nabblet {

struct MergedForm
{
    Form form;         // Form::undecided has what both changed differently; ours stands in the form
    int undecided = 0; // how many those are, in forms inside as well
};

// base: as both began; each is the text of a form file. The error says which of them cannot be read.
Result<MergedForm> mergedForms(const QByteArray &base, const QByteArray &ours, const QByteArray &theirs);

// What two people left undecided, decided: one of Form::undecided, by its place in the list. The form keeps ours, or
// takes theirs.
enum class Side { Ours, Theirs };
Result<Form> withDecided(const Form &form, int undecided, Side side);
// One as a sentence.
QString undecidedInWords(const Form &form, const Undecided &undecided);

} // namespace nabblet
