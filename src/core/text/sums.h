// Sums that people type where a number is wanted: "12*3.5", "(4+5)/3", "1,5 × 8".
#pragma once

#include <QLocale>
#include <QString>

namespace nabblet {

// The words of what such a sum comes to, with the locale's decimal sign; other words as they are. Numbers with the
// locale's decimal sign or a point; a sum that cannot be worked out, such as by nought, stays as it is.
QString sumMeant(const QString &typed, const QLocale &locale);
// Whether words are a sum and not a number alone.
bool isSum(const QString &typed, const QLocale &locale);

} // namespace nabblet
