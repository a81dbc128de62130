// All that one form at work knows at a moment, as a value: its rows, the record in hand, what was typed and is not
// saved. StateChanges alone changes it; what controls show and may do is worked out of it.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/filter/filter.h"
#include "core/kinds/settings/lookup.h"
#include "core/model/form.h"
#include "data/dialect/connection.h"
#include "data/records/records.h"

#include <QHash>
#include <QLocale>
#include <QVariant>

#include <optional>

namespace nabblet {

// What stands beside a box.
struct FieldMessage
{
    ControlId control = 0; // 0: concerns the record as a whole
    QString sentence;
    bool isNote = false;    // nothing to mend, only good to know
    Mark mark = Mark::None; // of a note

    bool operator==(const FieldMessage &) const = default;
};

// A difficulty that the person decides on.
enum class Question {
    None,
    ChangedMeanwhile,
    DeletedMeanwhile,
    IsItSo,       // a check wants to know whether that is right: RecordInHand::asked
    HiddenValues, // boxes that are hidden hold values: save them, or empty them
};

// What a check asks about the record in hand.
struct Asked
{
    QString sentence;
    QString about; // tells it from the same check with other values

    bool operator==(const Asked &) const = default;
};

// What was typed into one column of the record in hand.
struct TypedValue
{
    QVariant value;
    QString words;            // as typed
    QString mistake;          // why the words are no value; empty when they are
    bool isWorkedOut = false; // put in by a rule, not by a person
};

// The rows to which a form is held, where they belong to the record of another.
struct HeldTo
{
    QStringList columns;
    QVariantList values;
    bool hasParent = true; // the record they belong to is stored
};

// The record that people see, stored or new.
struct RecordInHand
{
    std::optional<Row> row;       // as it was read
    std::optional<Row> beforeNew; // the one that a new record was begun from
    bool isNew = false;
    QHash<QString, TypedValue> typed;       // by column
    QHash<QString, QVariant> startValues;   // of a new record, by column
    Question question = Question::None;     // to be answered before it can be saved
    std::optional<Row> theirs;              // what someone else stored meanwhile
    QList<Asked> asked = {};                // with Question::IsItSo
    QStringList agreed = {};                // to what was asked about before
    std::optional<bool> emptiesHidden = {}; // the answer to Question::HiddenValues
};

struct EntryState
{
    Connection connection;
    Catalogue catalogue;
    Form form;
    int formEdition = 0; // another number for each form that was set
    QLocale locale = {};
    RecordSource source = {};
    bool isStarted = false; // the form has rows
    HeldTo heldTo = {};
    Wanted wanted = {}; // by the person at work
    // The rows of another form on the same table, when it is that one's wishes that count.
    std::shared_ptr<const RecordSource> asThere = {};
    QStringList keptForNext = {}; // columns whose value a new record takes over from the one saved last
    RecordInHand record = {};
    QList<FieldMessage> messages = {};

    bool hasRecord() const { return record.row.has_value() || record.isNew; }
    bool isNew() const { return record.isNew; }
    bool isChanged() const; // something is typed and not saved; what rules put into a new record is not
    // A new record was begun while another was in hand, to which one comes back.
    bool isNewBesideAnother() const { return record.isNew && record.beforeNew; }
    // The key of the record in hand; nothing for none or a new one.
    std::optional<RowKey> key() const;
    // Where it stands in the order of the rows.
    std::optional<RowPlace> place() const;
    bool canAdd() const;
    bool canChange() const; // the record in hand
    bool canDelete() const;
    // Whether a control takes typing now.
    bool mayType(const Control &control) const;
    // Whether the record cannot be stored while a box is blank, by its table.
    bool isNeeded(const Control &control) const;
    bool isNeeded(const Column &column) const;

    // The value that would be saved, or is stored; in a new record, what the database will fill in by itself, as far as
    // that is known before.
    QVariant value(const QString &column) const;
    // What stands in a column when nothing was typed.
    QVariant valueBeforeTyping(const QString &column) const;
    // The rows that the form asks for, held to those it is held to, with the columns that were typed into.
    Result<RecordSource> wantedSource() const;
    RecordSource withWanted(RecordSource shown) const;
    // The table of the form's rows, or nullptr.
    const Table *table() const { return findTable(catalogue, form.rowsFrom); }
    // A row, or all rows of a record, that were read with other columns, as they are with those of now: values that
    // were read stay as they were read, so that a change by someone else is still noticed at saving; others are read
    // now.
    Row remapped(const Row &row, const QStringList &columns) const;
    RecordInHand remapped(const RecordInHand &inHand, const QStringList &columns) const;
    // What a row stores, without what cannot be written.
    ColumnValues valuesOf(const Row &row) const;

    // The control that shows a column, else one that writes it, or nullptr.
    const Control *controlFor(const QString &column) const;
    QString captionFor(const QString &column) const;
    // The boxes in which something was typed, by their captions.
    QStringList changedCaptions() const;
    // Which columns the form asks for and the table does not have, as a sentence; empty where it has them all.
    QString missingWords() const;
    // Why a value that a box takes does not fit into its column; empty where it does.
    QString whyItDoesNotFit(const Control &control, const QVariant &value) const;
    // The records of the form as choices, by the words that tell them apart or those that a jump list asks for; nothing
    // where records cannot be gone to.
    std::optional<Lookup> jumpLookup(const Control &jumpList = {}) const;
};

} // namespace nabblet
