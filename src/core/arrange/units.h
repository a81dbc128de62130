// Sizes in words: shown and typed in px, mm, inches or grid steps, with arithmetic. A form keeps whole logical pixels,
// 1/96 inch.
#pragma once

#include "core/result.h"

#include <QLocale>
#include <QString>

namespace nabblet {

enum class Unit { Pixels, Millimetres, Inches, GridSteps };

// "104 px", "27.5 mm", "1.08 in", "13 steps".
QString sizeInWords(int pixels, Unit unit, int pitch, const QLocale &locale = QLocale());
// The same without the unit.
QString sizeNumber(int pixels, Unit unit, int pitch, const QLocale &locale = QLocale());
QString unitSign(Unit unit);
// px in a unit: 1 mm is 96 / 25.4 px.
double pixelsOf(Unit unit, int pitch);

// Reads a size that was typed where one of `current` px stands: a number in the unit, or with a unit of its own
// ("12mm", "1in", "3 steps", "40px"); a sum, difference, product or quotient of such ("100+8", "2in/3"); or one that
// goes on from the current size ("+8", "-1mm", "*2", "/3"). An error says what was not understood.
Result<int> readSize(const QString &typed, int current, Unit unit, int pitch);

} // namespace nabblet
