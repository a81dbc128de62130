// Records to try a form with: likely values in the boxes.
#pragma once

#include "entry/session/entry_session.h"

namespace nabblet {

// Fills what is blank in the record in hand with likely values: choices, and what other records have; what has to be
// different in each record is made so. Gives how many boxes were filled.
int fillWithLikelyValues(EntrySession &session);

// A new record that has these values, and likely ones besides. The error says why there is none.
Outcome makeTestRecord(EntrySession &session, const QHash<QString, QVariant> &values);

} // namespace nabblet
