// What differs between two states of a form, and a form as a text for people: for forms in version control.
#pragma once

#include "core/model/form.h"

#include <QStringList>

namespace nabblet {

// Sentences in the order of the form; empty where nothing differs. Controls are told by their names, as files have
// them.
QStringList formDifferences(const Form &before, const Form &after);
// The controls of a form that the other does not have alike.
QList<ControlId> controlsThatDiffer(const Form &form, const Form &other);

// A form in lines, one for each fact, so that lines that differ say what changed.
QStringList formInLines(const Form &form);

} // namespace nabblet
