// The rows that belong to a form's row, as formulas of the row may read them.
#pragma once

#include "core/formula/row_formulas.h"
#include "core/model/form.h"

namespace nabblet {

// Of each subform of a form with rows of a table, and of those inside it: the table, the columns that the subform has
// boxes for, and those that hold its rows to the row around them.
QList<RowsBelonging> belongingTo(const Form &form);
// The subforms on the way to such rows, each inside the one before; the last shows them. Empty without one.
QList<const Control *> subformsTo(const Form &form, const QString &table);

} // namespace nabblet
