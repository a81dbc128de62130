// What people call the controls of a form.
#pragma once

#include "core/model/form.h"

#include <QString>

namespace nabblet {

// Its caption, the words on it or beside it, its prompt, words made of its column's name, and failing all its name.
QString calledFor(const Form &form, const Control &control);
// What people call a column: as the box that shows it, or words made of its name.
QString calledForColumn(const Form &form, const QString &column);

} // namespace nabblet
