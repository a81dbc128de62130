// Which kind of control suits a column.
#pragma once

#include "core/catalogue/catalogue.h"

namespace nabblet {

// The kind's name, as in core/kinds.
QString kindForColumn(const Table &table, const Column &column);

// Whether a text column is meant for several lines: no declared length and a name such as "remarks".
bool isMeantForLongText(const Column &column);
// Whether a text column holds web or e-mail addresses, by its name.
bool isMeantForLinks(const Column &column);

} // namespace nabblet
