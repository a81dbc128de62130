// What a person did in a form since it was opened: each record with its changes, to be taken back where it still can be.
#pragma once

class QWidget;

namespace nabblet {

class EntrySession;

void showWhatIDid(EntrySession &session, QWidget *parent);

} // namespace nabblet
