// Signs by which stored values are known again without being kept: short sums of their text. A column that was renamed
// holds the values that it held; one that was parted holds their parts.
#pragma once

#include "core/catalogue/profile.h"

#include <QString>
#include <QStringList>

namespace nabblet {

constexpr int MostSigns = 12; // of a column

// Of one value; the case of letters and blanks around them do not count.
QString signOf(const QString &value);
// Of some values of a column, as many as are known; none of values that say nothing, such as flags.
QStringList signsOf(const ColumnProfile &values);

} // namespace nabblet
