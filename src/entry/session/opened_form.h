// The form that a button opens.
#pragma once

#include "entry/session/entry_session.h"

namespace nabblet {

// That form at work: at the record whose key the button's link gives, held to the rows that its link gives where they
// are no key, else where that form opens.
Result<std::unique_ptr<EntrySession>> formOpenedBy(const Control &button, const EntrySession &session);

} // namespace nabblet
