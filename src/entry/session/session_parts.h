// The parts that one form at work is made of. Each has one job; they work on the same state, which is changed through
// StateChanges alone.
#pragma once

#include "entry/reading/control_values.h"
#include "entry/reading/record_place.h"
#include "entry/reading/totals.h"
#include "entry/session/child_sessions.h"
#include "entry/session/entry_session.h"
#include "entry/session/in_hand.h"
#include "entry/session/read_ahead.h"
#include "entry/session/reckoning.h"
#include "entry/session/record_moves.h"
#include "entry/session/row_session.h"
#include "entry/session/rows_at_hand.h"
#include "entry/session/saving.h"
#include "entry/session/taking_back.h"
#include "entry/session/typing.h"
#include "entry/session/working_out.h"
#include "entry/state/state_changes.h"

namespace nabblet {

struct SessionParts
{
    SessionParts(EntrySession &session, EntryState atFirst);

    EntrySession &session; // by whose signals they tell what they did
    StateChanges changes;
    const EntryState &state; // as they left it
    Counting counting = Counting::InBackground;
    FormReader formReader;
    FormFinder formFinder;
    SharedQuestions sharedQuestions;
    MailSender mailSender;

    Totals totals;
    ControlValues values;
    ReadAhead ahead;
    RecordPlace place;
    RowsAtHand rows;
    Reckoning reckoning;
    InHand inHand;
    WorkingOut workingOut;
    Typing typing;
    RecordMoves moves;
    Saving saving;
    TakingBack takingBack;
    RowSession row;
    ChildSessions children;
};

} // namespace nabblet
