// One form at work on one database, without any widget: the record in hand, what was typed and not yet saved, moving
// from record to record, saving, taking back. Nothing typed is ever thrown away without being told to.
#pragma once

#include "core/formula/row_formulas.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "data/dialect/transaction.h"
#include "data/records/copied_rows.h"
#include "entry/session/control_values.h"
#include "entry/session/entry_state.h"
#include "entry/session/last_step.h"
#include "entry/session/record_place.h"
#include "entry/session/row_window.h"
#include "entry/session/totals.h"

#include <QJsonObject>
#include <QObject>

#include <memory>
#include <unordered_map>

namespace nabblet {

// Gives another form of the project by its name.
using FormReader = std::function<Result<Form>(const QString &name)>;

// Whether a session counts the records and finds out where they stand, beside the interface.
enum class Counting { InBackground, No };

class EntrySession : public QObject
{
    Q_OBJECT

public:
    EntrySession(Connection connection, Catalogue catalogue, Form form, QObject *parent = nullptr);
    ~EntrySession() override;

    // Reads the first record. The error says why there are none to read.
    Outcome start(Counting counting = Counting::InBackground);
    // Brings a changed form into force; the record in hand and what was typed stay. Where the form takes its rows from
    // elsewhere, what was typed is set aside, and back when those rows come back.
    Outcome setForm(const Form &form);
    // Brings a changed database into force: tables, columns and links as they are now.
    Outcome setCatalogue(const Catalogue &catalogue);
    // Other people may have added, changed or deleted rows: counts and reads anew. What was typed stays.
    void noticeChanges();
    // The database is gone, or can only be read, or can be written again; said above the form. What may be done
    // differs.
    void availabilityChanged(const QString &sentence);

    // All that is known at the moment, …
    const EntryState &state() const { return m_state; }
    // … what controls show of it, …
    const ControlValues &values() const { return m_values; }
    // … and where the record in hand stands among the others.
    const RecordPlace &place() const { return m_place; }
    std::optional<qint64> position() const; // the same number, from 0; nothing for a new record
    const Form &form() const { return m_state.form; }
    const Catalogue &catalogue() const { return m_state.catalogue; }
    const Connection &connection() const { return m_state.connection; }

    // Where the forms that its buttons open come from; without it they open none.
    void setFormReader(FormReader reader) { m_formReader = std::move(reader); }
    void setLocale(const QLocale &locale) { m_state.locale = locale; }

    // The person typed or chose something. Typed words that do not read as a value are kept and reported beside the
    // box.
    void type(const Control &control, const QString &words);
    void choose(const Control &control, const QVariant &value);
    // A row of the control's lookup was chosen, with the values of its value columns; none to choose nothing.
    void chooseRow(const Control &control, const QVariantList &values);
    // Whether something is typed and not saved, in the record in hand or in the rows of one of its subforms.
    bool hasUnsaved() const;
    // What was typed in rows that the form does not show any more; by the words of those rows. Empty for none.
    QStringList setAside() const;
    // What is typed and not saved in the record and in the rows that belong to it, to be kept elsewhere; and taken up
    // again: false where the record is not there any more.
    QJsonObject typedAsJson() const;
    bool takeTyped(const QJsonObject &typed);
    // The keyboard left a box: where what was typed there is no value, says so beside it.
    void boxLeft(const Control &control);
    Question question() const { return m_question; }

    // Each saves first what was changed; when that is refused, it stays and answers false.
    bool goFirst();
    bool goPrevious();
    bool goNext();
    bool goLast();
    bool goTo(qint64 position); // from 0
    // The record with that key, as RecordSource::keyColumns.
    bool goToKey(const QVariantList &key);
    bool add();
    bool leave();

    // Saves the record with what was typed in the rows of its subforms: all of it, or nothing.
    bool save();
    // Saves the record alone.
    bool saveOwn();
    // What deleting the record in hand would do, as sentences for the question that is asked before.
    QString deletionWords() const;
    bool removeRecord();
    // Puts one box back as it is stored; false where nothing was typed in it.
    bool putBack(const Control &control);
    // Puts the record back as it is stored; called again at once, brings what was typed back. With nothing typed and
    // nothing let go, takes the last saved step back.
    bool takeBack();
    bool canTakeBack() const;
    // What taking back would do, in words: "Take back the changes", "Take back: saved “Mussel Scar”".
    QString takeBackWords() const;

    // Answers to question().
    bool keepMine();
    void takeTheirs();

    // The record in hand in words, for messages: "Mussel Scar".
    QString recordWords() const;

    // The rows around the record in hand, for a tabular form; empty for others.
    const RowWindow &window() const { return m_window; }
    // The place of the record in hand among them, -1 when it is not there (or new).
    int windowIndex() const;
    // Goes to one of them, saving first what was changed.
    bool goToRow(int windowIndex);
    void readMoreAfter();
    void readMoreBefore();
    // Reads the rows around the one with that number, without going to it.
    void readRowsAt(qint64 number);

    // The session of the rows that belong to the record in hand, for a control with an inner form; made when it is
    // first asked for and held to the record in hand from then on. nullptr for other controls.
    EntrySession *childOf(const Control &control);
    // The same where it has been made, for painting, which makes none but has it made soon.
    EntrySession *childToPaint(const Control &control);
    // The form that a button opens, at work: at the record whose key the button's link gives, held to the rows that its
    // link gives where they are no key, else at the first record.
    Result<std::unique_ptr<EntrySession>> openedBy(const Control &button) const;
    // Reads the record in hand anew, which others may have changed; what was typed stays.
    void readAgain();
    // Holds this session to the rows that another is held to, which is of the same table.
    void holdAs(const EntrySession &other);
    // The session of the row in hand on the form for one row, made when it is first asked for; it goes where this one
    // goes, and what is saved there stands here. nullptr where the form has none.
    EntrySession *rowSession();
    // The session of the record that these rows belong to, or nullptr.
    EntrySession *parentSession() const { return m_parent; }

    // Reads at once what painting missed; false when it missed nothing. For pictures, which cannot be painted later.
    bool readMissing();

Q_SIGNALS:
    void valuesRead();             // what painting missed is there
    void refused();                // saving failed: the first box that needs mending wants the keyboard
    void rowsChanged(int movedBy); // other rows in the window; those that stay moved by so many places
    void totalsChanged();
    void recordChanged();  // another record, or the same with other values
    void pendingChanged(); // something was typed or put back
    void messagesChanged();
    void positionChanged();
    void said(const QString &sentence); // what was done, for the status line

private:
    struct Saving // of one record, written and not yet taken for saved
    {
        EntrySession *session = nullptr;
        Written written;
        bool wasNew = false;
        Row before;
        QStringList captions;
    };
    struct SetAside // a record that is not in hand any more, with what was typed in it
    {
        QString table;
        RecordInHand record;
        QStringList columns; // of its row
    };
    static QString rowsNameOf(const Form &form);
    void putAside();
    void takeUpSetAside();
    bool writeAll(QList<Saving> &savings);
    bool writeOwn(QList<Saving> &savings);
    bool refuse(QList<FieldMessage> messages);
    void takeSaved(const Saving &saving);
    void linkRowsTo(const Row &row);
    void rowsLinked(const QVariantList &values);
    Outcome takeColumns(bool isShownOtherwise);
    void findPosition();
    void countAgain();
    Row remapped(const Row &row, const RecordSource &before) const;

    // Holds the session to the rows whose link columns hold these values; hasParent: the record they belong to is
    // stored.
    void linkTo(const QStringList &columns, const QVariantList &values, bool hasParent);
    void linkChild(const Control &control, EntrySession &child) const;
    void linkChildren();
    void recordHasChanged();
    Outcome readFromStart();
    void syncWindow();
    void takeMore(const Result<int> &moved);
    void refreshTotals();
    void beginNewRecord();
    void followToRow();
    void takeFromRow();
    bool leaveChildren();
    Result<RecordSource> ownSource() const;
    std::optional<int> rowsWanted() const;

    bool show(const MaybeRow &row, const QString &nothingThere);
    bool take(const Written &written);
    void setMessages(QList<FieldMessage> messages);
    void clearRecord();
    bool canBringTypedBack() const;
    void startMapping(bool findsPosition);
    bool isSmall() const;

    EntryState m_state;
    Totals m_totals;
    ControlValues m_values;
    RecordPlace m_place;
    Counting m_counting = Counting::InBackground;

    Question m_question = Question::None;
    std::optional<Row> m_theirs;
    std::optional<LastStep> m_lastStep;
    struct LetGo // what was typed and put back
    {
        QHash<QString, TypedValue> typed;
        bool wasNew = false;
        RowKey key;
    };
    std::optional<LetGo> m_letGo;
    QHash<QString, SetAside> m_setAside; // by the rows that it belongs to

    RowWindow m_window;
    EntrySession *m_parent = nullptr;
    FormReader m_formReader;
    std::unordered_map<ControlId, std::unique_ptr<EntrySession>> m_children;
    std::unique_ptr<EntrySession> m_rowSession;
    bool m_isFollowing = false; // this session and that of the row bring each other along
};

} // namespace nabblet
