// What buttons do that their builders wrote themselves: values put in, addresses, statements, programs. What reaches
// beyond the form is asked about the first time on each computer.
#pragma once

class QString;
class QWidget;

namespace nabblet {

class EntrySession;

// Words with the names of columns, or captions, in braces, filled in from the record in hand; what is no such name
// stays.
QString filledIn(const QString &words, const EntrySession &session);

// Each gives whether it was done, and says itself why not.
bool putInValues(EntrySession &session, const QString &values);
bool workOutAgain(EntrySession &session, const QString &boxes);
bool openAddress(EntrySession &session, const QString &address, QWidget *parent);
bool runStatement(EntrySession &session, const QString &statement, QWidget *parent);
bool runProgram(EntrySession &session, const QString &call, QWidget *parent);

} // namespace nabblet
