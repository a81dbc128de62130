// Typed text to a stored value.
#pragma once

#include "core/kinds/kind.h"

namespace nabblet {

// Typed text as it stands; empty text is NULL; text longer than the control's length limit is refused.
Result<QVariant> readText(const Control &control, const QString &typed);

// A stored value as it stands, and no reading: for kinds that show no value, or whose value is chosen and not typed.
QString wordsAsStored(const Control &control, const QVariant &value, const QLocale &locale);
Result<QVariant> readNothing(const Control &control, const QString &typed, const QLocale &locale);

} // namespace nabblet
