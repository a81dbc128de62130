// Dates and times to words and back. Stored values are ISO 8601 texts or Qt's date values; words follow the locale's
// names of months.
#pragma once

#include "core/result.h"

#include <QLocale>
#include <QVariant>

namespace nabblet {

QString dateInWords(const QVariant &value, const QLocale &locale); // "30 Sep 2026"
QString timeInWords(const QVariant &value, const QLocale &locale); // "06:15", with seconds only where there are some
QString dateTimeInWords(const QVariant &value, const QLocale &locale); // "30 Sep 2026 06:15"

// Typed words as ISO 8601 text ("2026-09-30", "06:15:00", "2026-09-30 06:15:00"). Dates are taken as shown, as
// 2026-09-30, in the locale's short forms, and as day, month, year with any sign between them ("30.9.26", "30 9 2026");
// a year of two figures is the nearest within fifty years.
Result<QVariant> readDate(const QString &typed, const QLocale &locale);
Result<QVariant> readTime(const QString &typed, const QLocale &locale);
Result<QVariant> readDateTime(const QString &typed, const QLocale &locale);

} // namespace nabblet
