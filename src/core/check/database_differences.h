// What would be different for a form on another database, such as a server in the place of a file.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"

#include <QStringList>

namespace nabblet {

// Sentences about the tables and columns that a form and the forms inside it use and that are not there, or are of
// another sort, in the other catalogue. Empty where the form works there as it stands.
QStringList databaseDifferences(const Form &form, const Catalogue &now, const Catalogue &other);

} // namespace nabblet
