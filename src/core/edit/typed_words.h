// Words typed on the board for one control or for several at once.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// The words of a control, or its prompt where it has neither words nor a caption.
QString typedWordsOf(const Form &form, const Control &control);
// Whether words typed for it have a place.
bool takesWords(const Form &form, const Control &control);

// Gives words to controls, in their order: several are told apart by semicolons, and where there are fewer than
// controls, the last ones keep theirs. What offers choices but has none takes those behind a colon, told apart by
// commas: "Size: small, large". What has no caption gets the words as its prompt.
Form withTypedWords(const Form &form, const QList<ControlId> &controls, const QString &typed,
                    const TextMeasure &measure);

} // namespace nabblet
