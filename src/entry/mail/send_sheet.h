// A message that a button sends: seen filled in, changed if need be, and sent.
#pragma once

#include "core/kinds/settings/mail.h"

#include <QString>

class QWidget;

namespace nabblet {

class Appearance;
class EntrySession;

// Where messages wait that could not be sent yet.
QString outboxFolder();

// Gives whether it was sent, or handed on; why not is said by the session.
bool sendMessage(EntrySession &session, const Control &button, const Appearance &appearance, QWidget *parent);
// The messages that wait: sent again, or let go.
void showOutbox(EntrySession &session, QWidget *parent);

} // namespace nabblet
