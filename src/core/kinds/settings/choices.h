// The choices of a drop-down, a list or a set of options, where they are fixed, also as lines of text, as people type
// or paste them: one choice a line, the stored value and the words shown apart by " = " or a tab where they differ
// ("S = Lateral, starboard").
#pragma once

#include "core/catalogue/column_type.h"
#include "core/model/control.h"
#include "core/result.h"

#include <QVariant>

namespace nabblet {

struct Choice
{
    QVariant value;
    QString words;
};

QList<Choice> fixedChoices(const Control &control);
void setFixedChoices(Control &control, const QList<Choice> &choices);
// Whether words that are no choice are stored as they are typed.
bool takesNewChoices(const Control &control);

// The words of the fixed choice that stores a value; the value as it stands where no choice does.
QString choiceWords(const Control &control, const QVariant &value);

// Whether several may be chosen. Their values are stored as one text, with a comma and a blank between them.
bool takesSeveral(const Control &control);
// The parts of such a text, and the text of parts.
QStringList severalParts(const QString &stored);
QString severalText(const QStringList &parts);

QString choiceLines(const Control &control);
// Reads such lines; empty ones are left out. type: of the column that stores the values, where it is known. An error
// names the line: a stored value that comes twice, or no number where numbers are stored.
Result<QList<Choice>> choicesFromLines(const QString &lines, std::optional<ColumnType> type);

namespace setting {

extern const ControlSetting<QList<Choice>> Choices;
extern const ControlSetting<bool> TakesNew;
extern const ControlSetting<bool> Several;

} // namespace setting

} // namespace nabblet
