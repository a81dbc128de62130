// What two people changed in one record, side by side: mine, what is stored now, or something else, value by value.
#pragma once

class QWidget;

namespace nabblet {

class EntrySession;

// Settles it and saves; false where the person thought better of it, and all is as it was.
bool settleConflict(EntrySession &session, QWidget *parent);

} // namespace nabblet
