// Numbers to words and back, without losing a digit.
#pragma once

#include "core/result.h"

#include <QLocale>
#include <QVariant>

#include <optional>

namespace nabblet {

// Whether the thousands of a number are parted by the locale's sign.
enum class Thousands { Plain, Parted };

// A stored number in words, with at least that many decimals and never fewer than the value has.
QString numberInWords(const QVariant &value, int leastDecimals, const QLocale &locale,
                      Thousands thousands = Thousands::Plain);

// The number, or an error that says which limit it oversteps.
Result<QVariant> withinLimits(const Result<QVariant> &number, std::optional<double> least, std::optional<double> most,
                              const QLocale &locale);

// Typed words as a whole number. Blanks around it and between groups of digits do not matter, with Thousands::Parted
// nor does the locale's sign between the thousands.
Result<QVariant> readWholeNumber(const QString &typed, const QLocale &locale, Thousands thousands = Thousands::Plain);

// Typed words as a decimal number: the locale's decimal sign or a point.
Result<QVariant> readDecimalNumber(const QString &typed, const QLocale &locale, Thousands thousands = Thousands::Plain);

} // namespace nabblet
