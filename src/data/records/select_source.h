// SELECTs of the builder's own that rows come from.
#pragma once

#include "core/model/form.h"
#include "data/dialect/connection.h"

namespace nabblet {

// What a SELECT gives, as a table of that name. The error says what is wrong with it: it is not understood, it is not
// one SELECT alone, it would change the database, or it asks for values that nobody gives.
Result<Table> describeSelect(const Connection &connection, const Catalogue &catalogue, const QString &name,
                             const QString &sql);

// The name by which the rows of a builder's SELECT go in a form that is made from one: no table of the database has it.
QString selectTableName(const Catalogue &catalogue);

// The catalogue with the SELECTs of a form and of the forms inside it as tables, by the names that they go by.
Result<Catalogue> withSelects(const Connection &connection, const Catalogue &catalogue, const Form &form);

} // namespace nabblet
