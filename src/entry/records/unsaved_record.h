// Asking what becomes of a record that was typed in and not saved.
#pragma once

class QWidget;

namespace nabblet {

class EntrySession;

// True when the record was saved or may be let go; false when the person stays, or saving was refused.
bool mayLeaveRecord(EntrySession *session, QWidget *parent);

} // namespace nabblet
