// Each person's own way of a form, kept on this computer.
#pragma once

#include "core/own_way/own_way.h"

namespace nabblet {

class EntrySession;

// Of the form that a session has at work; one inside another form is told from the same rows elsewhere.
OwnWay ownWayOf(const EntrySession &session);
// An empty one is forgotten.
void keepOwnWay(const EntrySession &session, const OwnWay &way);

} // namespace nabblet
