// What people ask of the boxes of a form at work: read from their words, and said to them.
#pragma once

#include "core/filter/filter.h"
#include "core/result.h"
#include "data/records/row_filter.h"
#include "entry/state/entry_state.h"

namespace nabblet {

// What words ask of a box. subform: that the box stands in, or nullptr. The error says what cannot be read, or that
// the box cannot be asked. Words that ask nothing give a part without conditions.
Result<FilterPart> partFromWords(const EntryState &state, const Control &box, const Control *subform,
                                 const QString &typed);
// The part that asks for just the value that stands in a box, or, with isNot, for all others; blank where it is blank.
// words: of the value.
std::optional<FilterPart> partForValue(const Control &box, const Control *subform, const QVariant &value,
                                       const QString &words, bool isNot = false);

// "Battery (V) is below 11.8", "Parts fitted: Quantity is above 1".
QString askedInWords(const FilterPart &part, const Form &form);
// "by Battery (V), the highest first".
QString orderInWords(const WantedOrder &order, const EntryState &state);

// The order with a column first; where it is the first already, the other way round.
QList<WantedOrder> sortedBy(const QList<WantedOrder> &order, const Control &box, bool isDescending);

} // namespace nabblet
