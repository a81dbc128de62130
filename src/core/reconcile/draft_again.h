// A form drafted again: what a draft of today would make otherwise than the one that the form came from, told from what
// hands changed since.
#pragma once

#include "core/reconcile/proposals.h"

namespace nabblet {

// What the draft of today does otherwise, in the forms inside as well, behind what changed in the tables: a box of
// another kind or size, another caption, a box or rows that the form does not have. What nobody touched since it was
// drafted is ticked, all else is offered. changes: of the form's tables, as tableChanges() gives them; new columns are
// ticked where a draft would take them.
QList<Proposal> draftedAgain(const Form &form, const QList<TableChange> &changes, const ReconcileContext &context);

} // namespace nabblet
