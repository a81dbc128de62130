// The order that a builder's own SELECT asks for, as an order of a form.
#pragma once

#include "core/sorts/sorted_by.h"

#include <optional>

namespace nabblet {

// What stands behind the ORDER BY of the SELECT that a table is made from, as far as it names columns that the SELECT
// gives, by name or number: the values as they are stored, as the database orders them. Nothing where it orders by
// anything else, or takes only some of the rows so ordered.
std::optional<QList<SortedBy>> orderOfSelect(const Table &table);
// The form with its rows in that order, where there is one; else as it is.
Form withOrderOfSelect(const Form &form, const Table &table);

} // namespace nabblet
