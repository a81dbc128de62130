// Rules as sentences, as the list of a form's rules has them.
#pragma once

#include "core/model/form.h"

#include <QString>

namespace nabblet {

// The rule as a sentence without a full stop: "Last seen at is shown when Status is “Adrift”".
QString ruleSentence(const Form &form, const Rule &rule);

// A control as something that a rule stands on: "Depth (m)", "Light (group)".
QString targetInWords(const Form &form, const Control &control);
// A band or a page, as something that a rule stands on.
QString areaInWords(const Form &form, const Area &area);
// What a rule stands on, in words: "Battery, Lamp and 3 more"; empty for the record.
QString onInWords(const Form &form, const Rule &rule);

} // namespace nabblet
