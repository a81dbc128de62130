// The pages as they will be printed, in a window of their own: looked at, set up, printed or saved.
#pragma once

class QWidget;

namespace nabblet {

class Appearance;
class EntrySession;

// Opens it over a form at work; what was printed is said by the session.
void showPrintWindow(EntrySession &session, const Appearance &appearance, QWidget *parent);

} // namespace nabblet
