// The order in which people read what stands on a form.
#pragma once

#include "core/arrange/structure.h"

namespace nabblet {

// What stands in one area, in the order in which it reads; indexes into the list. Where columns stand side by side, one
// is read to its end and then the next; what stands beside a box only here and there, such as the town behind its post
// code, belongs to the column of that box and is read row by row. What lies across columns parts those above it from
// those below; a heading comes before what it stands over.
QList<int> readingOrder(const QList<Arranged> &items);
// Controls in that order, those of one area after those of the one before.
QList<ControlId> inReadingOrder(const Form &form, const QList<ControlId> &controls);

} // namespace nabblet
