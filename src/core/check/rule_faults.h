// What is wrong with the rules of a form, as far as the form and its tables say: what is stored says more, and is
// counted elsewhere (data/records/rule_counts).
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"

#include <QHash>
#include <QStringList>

namespace nabblet {

// Sentences by the number of the rule that they are about. rows: the table of the form's rows; without columns where it
// is not known.
QHash<int, QStringList> wrongWithRules(const Form &form, const Table &rows);

} // namespace nabblet
