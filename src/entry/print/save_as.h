// The record, or the rows, as a file of a kind that a button names.
#pragma once

class QString;
class QWidget;

namespace nabblet {

class Appearance;
class EntrySession;

// Asks where to. ending: "pdf" for the record on pages, "csv" and others for rows; empty: people choose among kinds of
// rows. Gives whether it was saved; why not is said by the session.
bool askAndSaveAs(EntrySession &session, const Appearance &appearance, const QString &ending, QWidget *parent);

} // namespace nabblet
