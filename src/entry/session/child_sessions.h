// The sessions of the rows that belong to the record in hand, one for each control with an inner form.
#pragma once

#include "core/model/form.h"
#include "data/records/records.h"
#include "entry/state/entry_state.h"

#include <QHash>
#include <QList>
#include <QSet>

#include <memory>
#include <unordered_map>

namespace nabblet {

class EntrySession;
struct SessionParts;

class ChildSessions
{
public:
    explicit ChildSessions(SessionParts &parts);
    ~ChildSessions();

    // That of a control, made when it is first asked for and held to the record in hand from then on. nullptr for
    // controls without an inner form.
    EntrySession *of(const Control &control);
    // The same where it has been made, …
    EntrySession *made(ControlId control) const;
    // … for painting, which makes none but has it made soon; …
    EntrySession *toPaint(const Control &control);
    // … and all of them.
    QList<EntrySession *> all() const;

    // What they would read first of another record: the rows that belong to it. Of tabular ones that are made alone.
    struct RowsWanted
    {
        ControlId control = 0;
        const EntrySession *child = nullptr;
        RecordSource source;
    };
    QList<RowsWanted> rowsOfAnother(const Row &row) const;
    // The control whose session it is; 0 for none.
    ControlId controlOf(const EntrySession &child) const;

    // Holds them to the record in hand.
    void link();
    // The rows that belong to the record in hand as they would be saved, by their table; nothing while they are not
    // read yet. More than MostSummed are an error: a sum of a part of them would be a wrong one.
    std::optional<Result<QList<QVariantList>>> rowsOf(const QString &table, const QStringList &columns);
    // The same as stored, of another row than the one in hand. Reads the database.
    Result<QList<QVariantList>> storedRowsOf(const Row &row, const QString &table, const QStringList &columns) const;
    // Makes the sessions that are asked for them.
    void makeReady(const QString &table);
    // Tables whose rows were typed into, added or deleted since the record in hand came, by tableMark().
    QSet<QString> changedTables() const;
    // Has those with something typed hold the values of a record, while their own state stays.
    void linkUnsavedTo(const Row &row);
    // Saves what was typed in them before another record takes its place; false where that is refused.
    bool leave();
    // The form is another: those of subforms that show another form go on with it.
    void setForm(const Form &form);
    void forget();

private:
    HeldTo heldBy(const Control &control, const std::optional<Row> &row) const;
    void linkOne(const Control &control, EntrySession &child) const;

    void childChanged(EntrySession &child);
    using Values = QList<QVariantList>;
    std::optional<Result<Values>> rowsOfChild(const Control &control, const QStringList &columns);
    std::optional<Result<Values>> rowsFurtherIn(const Control &control, const QString &table,
                                                const QStringList &columns);
    Result<QList<Row>> storedRows(const EntrySession &child);
    const Result<QList<Row>> &readOnce(const QString &table, const RecordSource &source);

    SessionParts &m_parts;
    QHash<QString, Result<QList<Row>>> m_stored; // by table; read for summing, until they may be others
    QSet<QString> m_deletedFrom;                 // tables, by tableMark()
    std::unordered_map<ControlId, std::unique_ptr<EntrySession>> m_children;
};

} // namespace nabblet
