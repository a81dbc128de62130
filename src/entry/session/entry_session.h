// One form at work on one database, without any widget. It follows changes of the form and of the database; its parts,
// each with a job of its own, go among the records, take what is typed, save it and take it back.
#pragma once

#include "entry/reading/control_values.h"
#include "entry/reading/record_place.h"
#include "entry/session/child_sessions.h"
#include "entry/session/record_moves.h"
#include "entry/session/rows_at_hand.h"
#include "entry/session/saving.h"
#include "entry/session/taking_back.h"
#include "entry/session/typing.h"
#include "entry/state/entry_state.h"
#include "entry/state/mail_sender.h"
#include "entry/state/shared_questions.h"

#include <QObject>

#include <memory>

namespace nabblet {

struct SessionParts;
class ReadAhead;

// Gives another form of the project by its name.
using FormReader = std::function<Result<Form>(const QString &name)>;

// Gives the form of the project that shows single records of a table; nothing where it has none.
using FormFinder = std::function<std::optional<Form>(const QString &table)>;

// Whether a session counts the records and finds out where they stand, beside the interface.
enum class Counting { InBackground, No };

// Whether a record may have changed by what was done here, or by other people and programs, which is told.
enum class ChangedBy { Us, Others };

class EntrySession : public QObject
{
    Q_OBJECT

public:
    EntrySession(Connection connection, Catalogue catalogue, Form form, QObject *parent = nullptr);
    ~EntrySession() override;

    // All that is known at the moment, …
    const EntryState &state() const;
    const Form &form() const { return state().form; }
    // … what controls show of it, …
    const ControlValues &values() const;
    // … where the record in hand stands among the others, …
    const RecordPlace &place() const;
    std::optional<qint64> position() const; // the same number, from 0; nothing for a new record
    // … and whether something is typed and not saved, in the record in hand or in rows that belong to it.
    bool hasUnsaved() const;

    RowsAtHand &rows() const;
    RecordMoves &moves() const;
    Typing &typing() const;
    Saving &saving() const;
    TakingBack &takingBack() const;
    ChildSessions &children() const;
    const ReadAhead &readsAhead() const;
    // The row in hand on the form for one row, at work; nullptr where the form has none.
    EntrySession *row() const;
    // The session of the record that these rows belong to, or nullptr.
    EntrySession *parentSession() const { return m_parent; }
    // Another form on the same database, not started.
    std::unique_ptr<EntrySession> another(const Form &form, Counting counting = Counting::InBackground) const;

    void setLocale(const QLocale &locale);
    // Where the forms that its buttons open come from; without it they open none.
    void setFormReader(FormReader reader);
    const FormReader &formReader() const;
    // Where questions are kept for all who work with the project.
    void setSharedQuestions(SharedQuestions shared);
    const SharedQuestions &sharedQuestions() const;
    // How messages are sent; rows inside another form send as that does.
    void setMailSender(MailSender sender);
    const MailSender &mailSender() const;
    // Where the form for a row that a lookup shows comes from; without it, or where it finds none, one is drafted.
    void setFormFinder(FormFinder finder);
    Form formFor(const Table &table) const;
    Counting counting() const;

    // Reads the first record. The error says why there are none to read.
    Outcome start(Counting counting = Counting::InBackground);
    // Brings a changed form into force; the record in hand and what was typed stay. Where the form takes its rows from
    // elsewhere, what was typed is set aside, and back when those rows come back.
    Outcome setForm(const Form &form);
    // Holds this session to rows that belong to a record.
    void holdTo(const HeldTo &heldTo);
    // Shows those records that people ask for, in the order that they choose. The record in hand stays where it is one
    // of them or something is typed in it; else the first of them comes. Where there is none, all stays as it was, and
    // the error says so.
    Outcome want(const Wanted &wanted);
    // The same as another form on the same table asks for, whose boxes need not be on this one.
    Outcome wantAs(const EntrySession &other);
    // Brings a changed database into force: tables, columns and links as they are now.
    Outcome setCatalogue(const Catalogue &catalogue);
    // The database is gone, or can only be read, or can be written again; said above the form. What may be done
    // differs.
    void availabilityChanged(const QString &sentence);
    // Rows were written together: they are shown, and can be taken back in one step.
    void takeSeveral(const LastStep &step, const QString &sentence);
    // Other people may have added, changed or deleted rows: counts and reads anew. What was typed stays.
    void noticeChanges();
    // Reads the record in hand anew, which others may have changed; what was typed stays, and what stands in all other
    // boxes follows.
    void readAgain(ChangedBy who = ChangedBy::Us);
    // Reads at once what painting missed; false when it missed nothing. For pictures, which cannot be painted later.
    bool readMissing();

Q_SIGNALS:
    void valuesRead();           // what painting missed is there
    void refused();              // saving failed: the first box that needs mending wants the keyboard
    void rowsChanged();          // other rows at hand
    void rowsAdded(int movedBy); // more rows at hand; those that were there moved by so many places
    void totalsChanged();
    void recordChanged();                              // another record, or the same with other values
    void changedElsewhere(const QStringList &columns); // of the record in hand, by other people or programs
    void deleted();                                    // the record that was in hand
    void pendingChanged();                             // something was typed or put back
    void messagesChanged();
    void positionChanged();
    void wantedChanged();               // other records are asked for, or in another order
    void said(const QString &sentence); // what was done, for the status line

private:
    friend class ChildSessions; // a session's parts are its own and those of the sessions that it made
    friend class RowSession;
    friend class ReadAhead;

    void setParentSession(EntrySession *parent) { m_parent = parent; }
    // As setForm; what is wrong stands above the form.
    void showForm(const Form &form);
    Outcome readFirst();
    Outcome takeColumns(bool isShownOtherwise);
    Outcome showWanted(const Wanted &wanted, const std::shared_ptr<const RecordSource> &asThere);
    std::optional<int> rowsWanted() const;

    std::unique_ptr<SessionParts> m_parts;
    EntrySession *m_parent = nullptr;
};

} // namespace nabblet
