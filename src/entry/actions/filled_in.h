// Words that a builder wrote, with the values of the record in hand.
#pragma once

#include "core/model/control.h"

namespace nabblet {

class EntrySession;

// The control that shows a column, or is called so, in any letters; nullptr for none.
const Control *controlNamed(const EntrySession &session, const QString &name);
// Words with the names of columns, or captions, in braces, filled in from the record in hand; {record} is the record in
// words; what is no such name stays.
QString filledIn(const QString &words, const EntrySession &session);

} // namespace nabblet
