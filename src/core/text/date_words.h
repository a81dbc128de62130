// Dates and times to words and back. Stored values are ISO 8601 texts or Qt's date values; words follow the locale's
// names of months.
#pragma once

#include "core/result.h"

#include <QLocale>
#include <QVariant>

#include <optional>

namespace nabblet {

// How dates are written. Each is read back as the same date.
enum class DateShape {
    ShortMonth, // 30 Sep 2026
    LongMonth,  // 30 September 2026
    Weekday,    // Wed 30 Sep 2026
    Figures,    // 30.09.2026, or 09/30/2026 where the month goes first
    Iso,        // 2026-09-30
};
constexpr int DateShapeCount = 5;
QString dateShapeName(DateShape shape); // in files
std::optional<DateShape> dateShapeNamed(const QString &name);

QString dateInWords(const QVariant &value, const QLocale &locale, DateShape shape = DateShape::ShortMonth);
QString timeInWords(const QVariant &value, const QLocale &locale); // "06:15", with seconds only where there are some
QString dateTimeInWords(const QVariant &value, const QLocale &locale, DateShape shape = DateShape::ShortMonth);

// Typed words as ISO 8601 text ("2026-09-30", "06:15:00", "2026-09-30 06:15:00"). Dates are taken as shown, as
// 2026-09-30, in the locale's short forms, and as day, month, year with any sign between them ("30.9.26", "30 9 2026");
// a year of two figures is the nearest within fifty years. A weekday before it is left out.
Result<QVariant> readDate(const QString &typed, const QLocale &locale);
Result<QVariant> readTime(const QString &typed, const QLocale &locale);
Result<QVariant> readDateTime(const QString &typed, const QLocale &locale);

// Words of people in a hurry, as words that the functions above read; others as they are. "today" and "now"; "+3"
// (days),
// "-2w", "+1m", "+1y" from today; "fri", the next such day, today among them; "5/3", a day of this year in the order in
// which people of the locale write it.
QString dateMeant(const QString &typed, const QLocale &locale);
QString timeMeant(const QString &typed);
QString dateTimeMeant(const QString &typed, const QLocale &locale);

} // namespace nabblet
