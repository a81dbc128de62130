// Rows of a file put into the rows of a form: which column goes where, what would come of it, and then all in one step.
#pragma once

class QString;
class QWidget;

namespace nabblet {

class EntrySession;

// Asks for the file first.
void askAndImport(EntrySession &session, QWidget *parent);
void importFile(EntrySession &session, const QString &path, QWidget *parent);

} // namespace nabblet
