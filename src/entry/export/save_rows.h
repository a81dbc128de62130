// "Save the rows as a file": asks where to and writes them, beside the interface where that can be.
#pragma once

class QString;
class QWidget;

namespace nabblet {

class EntrySession;

// What it comes to is said by the session.
void askAndSaveRows(EntrySession &session, QWidget *parent);
// The same once the file is known.
void saveRows(EntrySession &session, const QString &path, QWidget *parent);

} // namespace nabblet
