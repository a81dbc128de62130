// What people write into a box to say what they look for, as conditions.
#pragma once

#include "core/catalogue/column_type.h"
#include "core/filter/filter.h"
#include "core/model/control.h"
#include "core/result.h"

#include <QLocale>

namespace nabblet {

// Empty words ask for nothing. Besides a value: "> 12", ">= 12", "< 12", "<= 12", "12..20", "12..", "..20", "= Skerry"
// for just that, "Sker*", "?kerry", "not" before any of them, "blank", and several parted by ";", of which one has to
// hold. A date may be a day, a month ("2026-05", "May 2026") or a year. type: of the column; control: whose options
// and ways of writing count. isByWords: it is asked of the words that a lookup shows.
// The error says what cannot be read and what could be.
Result<QList<FilterCondition>> conditionsFromWords(const QString &typed, ColumnType type, const Control &control,
                                                   bool isByWords, const QLocale &locale);

} // namespace nabblet
