// The choices of a drop-down or an option set as lines of text, as people type or paste them: one choice a line, the
// stored value and the words shown apart by " = " or a tab where they differ ("S = Lateral, starboard").
#pragma once

#include "core/kinds/kind.h"

namespace nabblet {

QString choiceLines(const Control &control);

// The words of the fixed choice that stores a value; the value as it stands where no choice does.
QString choiceWords(const Control &control, const QVariant &value);

// Reads such lines; empty ones are left out. type: of the column that stores the values, where it is known. An error
// names the line: a stored value that comes twice, or no number where numbers are stored.
Result<QList<Choice>> choicesFromLines(const QString &lines, std::optional<ColumnType> type);

// Gives a control its choices: "choices".
void setFixedChoices(Control &control, const QList<Choice> &choices);

} // namespace nabblet
