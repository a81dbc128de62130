// What a button may ask of the form that it stands on while people work with it. Entry is one; tests may be another.
#pragma once

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

    // Each saves first what it would lose, asks what is to be asked, and says itself why it does not go on.
    virtual void goFirst() = 0;
    virtual void goPrevious() = 0;
    virtual void goNext() = 0;
    virtual void goLast() = 0;
    virtual void find() = 0;
    virtual void add() = 0;
    virtual void save() = 0;
    virtual void takeBack() = 0;
    virtual void remove() = 0;
    virtual void close() = 0;
    virtual void openForm() = 0; // the one of the project that the button names
    virtual void openRows() = 0; // those that belong to the record, on the form inside the button
};

} // namespace nabblet
