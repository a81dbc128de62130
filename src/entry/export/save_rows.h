// "Save the rows as a file": asks where to and writes them, beside the interface where that can be.
#pragma once

class QString;
class QWidget;

namespace nabblet {

class EntrySession;

// What it comes to is said by the session. ending: of the kind of file that is offered first, or empty. Gives whether
// they were saved.
bool askAndSaveRows(EntrySession &session, const QString &ending, QWidget *parent);
// The same once the file is known.
bool saveRows(EntrySession &session, const QString &path, QWidget *parent);

} // namespace nabblet
