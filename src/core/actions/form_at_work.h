// What a button may ask of the form that it stands on while people work with it. Entry is one; tests may be another.
#pragma once

#include <QString>

namespace nabblet {

class FormAtWork
{
public:
    virtual ~FormAtWork() = default;

    virtual bool hasRecord() const = 0; // stored or new
    virtual bool hasUnsaved() const = 0;
    virtual bool canGoBack() const = 0; // whether there may be another record that way
    virtual bool canGoOn() const = 0;
    virtual bool canGoLast() const = 0;
    virtual bool canAdd() const = 0;
    virtual bool canDelete() const = 0;
    virtual bool canTakeBack() const = 0;
    virtual bool canFind() const = 0;

    // Each saves first what it would lose, asks what is to be asked, says itself why it does not go on, and gives
    // whether it was done.
    virtual bool goFirst() = 0;
    virtual bool goPrevious() = 0;
    virtual bool goNext() = 0;
    virtual bool goLast() = 0;
    virtual bool find() = 0;
    virtual bool add() = 0;
    virtual bool save() = 0;
    virtual bool takeBack() = 0;
    virtual bool remove() = 0;
    virtual bool close() = 0;
    virtual bool openForm() = 0; // the one of the project that the button names
    virtual bool openRows() = 0; // those that belong to the record, on the form inside the button
    virtual bool send() = 0;     // the message that the button says
    virtual bool print() = 0;
    virtual bool saveAs(const QString &ending) = 0; // the record or the rows as a file; empty: people choose
    virtual bool readAgain() = 0;
    virtual bool putIn(const QString &values) = 0;   // "Status = withdrawn; Laid on = today"
    virtual bool workOut(const QString &boxes) = 0;  // values that rules work out, also over what was typed there
    virtual bool goToPage(const QString &title) = 0; // of tab pages
    virtual bool addRow(const QString &rows) = 0;    // to a subform, by its caption or its table
    virtual bool openLink(const QString &address) = 0;
    virtual bool runStatement(const QString &sql) = 0;
    virtual bool runProgram(const QString &call) = 0;
};

} // namespace nabblet
