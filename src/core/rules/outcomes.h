// Values for which a condition is true, or false: for test records that show one side of a rule.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/result.h"

#include <QHash>
#include <QVariant>

namespace nabblet {

// Values of columns for which a condition is true (wanted) or not true. Of comparisons, blanks and memberships joined
// by and and or; of anything else the error says what would be needed. rows: the table whose columns they are, with the
// values that a CHECK allows.
Result<QHash<QString, QVariant>> valuesFor(const QString &condition, bool wanted, const Table &rows);

} // namespace nabblet
