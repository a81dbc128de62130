#include "entry/session/entry_session.h"

#include "core/arrange/rows.h"
#include "core/catalogue/column_limits.h"
#include "core/catalogue/create_statement.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/list_lines.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/settings/typing.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/records/select_source.h"

#include <algorithm>

namespace nabblet {

EntrySession::EntrySession(Connection connection, Catalogue catalogue, Form form, QObject *parent)
    : QObject(parent), m_state{std::move(connection), std::move(catalogue), std::move(form)},
      m_totals([this] { Q_EMIT totalsChanged(); }),
      m_values(m_state, m_totals,
               [this] {
                   QMetaObject::invokeMethod(
                       this, [this] { readMissing(); }, Qt::QueuedConnection);
               }),
      m_place([this] { Q_EMIT positionChanged(); })
{
}

EntrySession::~EntrySession() = default;

Outcome EntrySession::start(Counting counting)
{
    m_counting = counting;
    const Result<Catalogue> catalogue = withSelects(m_state.connection, m_state.catalogue, m_state.form);
    if (!catalogue) {
        return catalogue.error();
    }
    m_state.catalogue = *catalogue;
    const Result<RecordSource> source = ownSource();
    if (!source) {
        return source.error();
    }
    const Result<RecordSource> ready = readable(m_state.connection, *source, rowsWanted());
    if (!ready) {
        return ready.error();
    }
    m_state.source = *ready;
    for (auto &[id, child] : m_children) {
        child.release()->deleteLater(); // views let go of it when they next show the form
    }
    m_children.clear();
    m_values.catalogueChanged();
    m_place.forgetRows();
    m_state.isStarted = true;
    m_place.setPosition(0);
    clearRecord();
    const Outcome read = readFromStart();
    takeUpSetAside();
    return read;
}

// What a form's rows are called, so that those of another table or SELECT are told from them.
QString EntrySession::rowsNameOf(const Form &form)
{
    return form.rowsFrom + u'\n' + form.select;
}

// Keeps what was typed in the record in hand, before other rows take its place.
void EntrySession::putAside()
{
    if (m_state.isChanged()) {
        m_setAside.insert(rowsNameOf(m_state.form),
                          SetAside{m_state.form.rowsFrom, m_state.record, m_state.source.columns});
    }
}

// The rows in which something was typed and not saved are back.
void EntrySession::takeUpSetAside()
{
    const auto found = m_setAside.constFind(rowsNameOf(m_state.form));
    if (found == m_setAside.constEnd()) {
        return;
    }
    const SetAside kept = *found;
    m_setAside.erase(found);
    RecordSource before;
    before.columns = kept.columns;
    m_state.record = kept.record;
    if (m_state.record.row) {
        m_state.record.row = remapped(*m_state.record.row, before);
    }
    if (m_state.record.beforeNew) {
        m_state.record.beforeNew = remapped(*m_state.record.beforeNew, before);
    }
    if (m_state.key()) {
        m_place.setPosition(std::nullopt);
        findPosition();
    }
    recordHasChanged();
    Q_EMIT pendingChanged();
    Q_EMIT positionChanged();
}

QStringList EntrySession::setAside() const
{
    QStringList tables;
    for (const SetAside &kept : m_setAside) {
        tables.append(titleFromTable(kept.table));
    }
    tables.sort();
    return tables;
}

// A row read with other columns, as this session has them: values that were read stay as they were read, so that a
// change by someone else is still noticed at saving; others are read now.
Row EntrySession::remapped(const Row &row, const RecordSource &before) const
{
    Row result;
    result.key = row.key;
    std::optional<Row> now;
    for (const QString &column : m_state.source.columns) {
        const qsizetype at = before.columns.indexOf(column);
        if (at < 0 && !now) {
            const MaybeRow read = rowWithKey(m_state.connection, m_state.source, row.key);
            now = read && *read ? **read : Row{row.key, QVariantList(m_state.source.columns.size())};
        }
        result.values.append(at >= 0 ? row.values.value(at) : valueOf(m_state.source, *now, column));
    }
    return result;
}

Outcome EntrySession::readFromStart()
{
    m_place.setPosition(0);
    m_window.clear();
    if (m_state.heldTo.hasParent && !m_state.form.permissions.see) {
        return add() ? Outcome(Done{})
                     : Outcome(Error{tr("People may neither see nor add records with this form."), {}});
    }
    if (!m_state.heldTo.hasParent) {
        m_state.record.row.reset();
    } else if (isTabular(m_state.form)) {
        const Outcome read = m_window.readFirst(m_state.connection, m_state.source);
        if (!read) {
            return read.error();
        }
        m_state.record.row = m_window.rows().isEmpty() ? std::nullopt : std::optional(m_window.rows().first());
    } else {
        const MaybeRow first = firstRow(m_state.connection, m_state.source);
        if (!first) {
            return first.error();
        }
        m_state.record.row = *first;
    }
    if (!m_state.record.row) {
        m_place.setPosition(std::nullopt);
        // Nothing is there yet: what is typed begins the first record. Previews show that there is none.
        if (m_counting == Counting::InBackground && m_state.canAdd()) {
            m_state.record.beforeNew.reset();
            beginNewRecord();
        }
    }
    startMapping(false);
    refreshTotals();
    Q_EMIT rowsChanged(0);
    recordHasChanged();
    Q_EMIT positionChanged();
    return Done{};
}

// A preview shows the first rows; of a view or SELECT it copies no more than a screen may hold.
std::optional<int> EntrySession::rowsWanted() const
{
    constexpr int RowsOfAPreview = 300;
    return m_counting == Counting::No ? std::optional(RowsOfAPreview) : std::nullopt;
}

Result<RecordSource> EntrySession::ownSource() const
{
    Result<RecordSource> source = recordSourceOf(m_state.form, m_state.catalogue);
    if (!source) {
        return source;
    }
    // What was typed into a box that is gone is saved all the same.
    const Table *table = m_state.table();
    for (auto typed = m_state.record.typed.constBegin(); typed != m_state.record.typed.constEnd(); ++typed) {
        if (!source->columns.contains(typed.key()) && table && findColumn(*table, typed.key())) {
            source->columns.append(typed.key());
        }
    }
    return linkedTo(*source, m_state.heldTo.columns, m_state.heldTo.values);
}

Outcome EntrySession::setForm(const Form &form)
{
    const bool hasOtherRows = rowsNameOf(form) != rowsNameOf(m_state.form);
    const bool isShownOtherwise = isTabular(form) != isTabular(m_state.form);
    // The rows of a subform that shows another form go on with it; those of one that is gone stay while something typed
    // in them is not saved, since the subform may come back by undo.
    for (auto child = m_children.begin(); child != m_children.end();) {
        const Control *is = form.controls.find(child->first);
        const bool stays = is && is->inner;
        if (stays && !(child->second->m_state.form == *is->inner.get())) {
            const Outcome changed = child->second->setForm(*is->inner.get());
            if (!changed) {
                child->second->setMessages({{0, changed.error().sentence}});
            }
        }
        const bool isKept = stays || child->second->hasUnsaved();
        if (!isKept) {
            child->second.release()->deleteLater(); // views let go of it when they next show the form
        }
        child = isKept ? std::next(child) : m_children.erase(child);
    }
    if (m_rowSession && (form.rowPanel == RowPanel::None || !form.rowForm)) {
        m_rowSession.release()->deleteLater();
    } else if (m_rowSession && !(m_rowSession->m_state.form == *form.rowForm.get())) {
        const Outcome changed = m_rowSession->setForm(*form.rowForm.get());
        if (!changed) {
            m_rowSession->setMessages({{0, changed.error().sentence}});
        }
    }
    if (hasOtherRows) {
        putAside();
    }
    m_state.form = form;
    m_values.lookedUp().forgetChoices();
    if (!m_state.isStarted || hasOtherRows) {
        return form.rowsFrom.isEmpty() ? Outcome(Done{}) : start(m_counting);
    }
    const Outcome taken = takeColumns(isShownOtherwise);
    linkChildren(); // by their links as they are now
    return taken;
}

// The columns that the form needs now, of the same rows.
Outcome EntrySession::takeColumns(bool isShownOtherwise)
{
    const RecordSource before = m_state.source;
    const Result<RecordSource> source = ownSource();
    if (!source) {
        return source.error();
    }
    if (source->columns == before.columns && source->missing == before.missing && !isShownOtherwise) {
        refreshTotals();
        return Done{};
    }
    const Result<RecordSource> ready = readable(m_state.connection, *source, rowsWanted());
    if (!ready) {
        return ready.error();
    }
    m_state.source = *ready;
    if (m_state.record.row && m_state.isChanged()) {
        m_state.record.row = remapped(*m_state.record.row, before);
    } else if (m_state.record.row) {
        const MaybeRow again = rowWithKey(m_state.connection, m_state.source, m_state.record.row->key);
        if (!again) {
            return again.error();
        }
        m_state.record.row = *again;
    }
    if (m_state.record.beforeNew) {
        m_state.record.beforeNew = remapped(*m_state.record.beforeNew, before);
    }
    m_window.clear();
    m_values.lookedUp().forgetRows();
    if (isShownOtherwise && isTabular(m_state.form) && (!m_state.record.row || m_state.record.isNew)) {
        const Outcome read = m_window.readFirst(m_state.connection, m_state.source);
        if (!read) {
            return read.error();
        }
    }
    refreshTotals();
    recordHasChanged();
    return Done{};
}

Outcome EntrySession::setCatalogue(const Catalogue &catalogue)
{
    m_state.catalogue = catalogue;
    m_values.catalogueChanged();
    Outcome outcome = Done{};
    if (!m_state.form.rowsFrom.isEmpty()) {
        const Result<Catalogue> whole = withSelects(m_state.connection, m_state.catalogue, m_state.form);
        if (!whole) {
            outcome = whole.error();
        } else {
            m_state.catalogue = *whole;
            m_values.catalogueChanged();
            const bool isThere = m_state.table() != nullptr;
            outcome = !m_state.isStarted && isThere ? start(m_counting) : takeColumns(true);
        }
    }
    for (const auto &[id, child] : m_children) {
        const Outcome taken = child->setCatalogue(catalogue);
        outcome = outcome ? taken : outcome;
    }
    if (m_rowSession) {
        const Outcome taken = m_rowSession->setCatalogue(catalogue);
        outcome = outcome ? taken : outcome;
    }
    QList<FieldMessage> messages = m_state.messages;
    messages.removeIf([](const FieldMessage &message) { return message.control == 0; });
    if (!outcome) {
        messages.append({0, outcome.error().sentence});
    } else if (const QString gone = m_state.missingWords(); !gone.isEmpty()) {
        messages.append({0, gone});
    }
    setMessages(messages);
    return outcome;
}

bool EntrySession::readMissing()
{
    bool hasRead = m_values.lookedUp().readMissing();
    for (const auto &[id, child] : m_children) {
        hasRead = child->readMissing() || hasRead;
    }
    if (hasRead) {
        Q_EMIT valuesRead();
    }
    return hasRead;
}

void EntrySession::type(const Control &control, const QString &words)
{
    if (!m_state.mayType(control) || isJumpList(control)) {
        return;
    }
    const QVariant stored = m_state.valueBeforeTyping(control.column);
    const Kind &kind = kindNamed(control.kind);
    const bool isAsStored = stored.isNull() ? words.isEmpty() : words == kind.words(control, stored, m_state.locale);
    if (isAsStored) {
        m_state.record.typed.remove(control.column);
    } else {
        const Result<QVariant> read = kind.read(control, words, m_state.locale);
        m_state.record.typed.insert(control.column,
                                    TypedValue{read ? *read : QVariant(), words,
                                               read ? m_state.whyItDoesNotFit(control, *read) : read.error().sentence});
    }
    QList<FieldMessage> messages = m_state.messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
}

void EntrySession::boxLeft(const Control &control)
{
    const auto pending = m_state.record.typed.constFind(control.column);
    if (pending == m_state.record.typed.constEnd() || pending->mistake.isEmpty()) {
        return;
    }
    QList<FieldMessage> messages = m_state.messages;
    messages.removeIf([&](const FieldMessage &message) { return message.control == control.id; });
    messages.append({control.id, pending->mistake});
    setMessages(messages);
}

void EntrySession::choose(const Control &control, const QVariant &value)
{
    chooseRow(control, {value});
}

void EntrySession::chooseRow(const Control &control, const QVariantList &values)
{
    if (!m_state.mayType(control)) {
        return;
    }
    if (isJumpList(control)) {
        if (!values.isEmpty()) {
            goToKey(values); // refused: says so itself
        }
        return;
    }
    const std::optional<Lookup> lookup = lookupOf(control);
    const QStringList columns = lookup ? lookup->columns : QStringList{control.column};
    for (qsizetype i = 0; i < columns.size(); ++i) {
        const QVariant chosen = values.value(i);
        const QVariant stored = m_state.valueBeforeTyping(columns.at(i));
        const bool isSame = stored.isNull() == chosen.isNull() && stored.toByteArray() == chosen.toByteArray();
        if (isSame || m_state.heldTo.columns.contains(columns.at(i))) {
            m_state.record.typed.remove(columns.at(i));
        } else {
            m_state.record.typed.insert(columns.at(i), TypedValue{chosen, QString(), QString()});
        }
    }
    m_values.lookedUp().forgetRows(); // read anew: the row chosen may have been changed meanwhile
    QList<FieldMessage> messages = m_state.messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
}

QString EntrySession::recordWords() const
{
    const Table *table = m_state.table();
    const QString naming = table ? namingColumn(*table) : QString();
    const QString named = m_state.value(naming).toString().simplified();
    if (table && namesRows(*table, naming) && !named.isEmpty()) {
        return named;
    }
    // Nothing names these rows: what stands first in the form does, as it is shown.
    constexpr int Enough = 2;
    QStringList words;
    for (const ControlId id : tabSequence(m_state.form)) {
        const Control &control = *m_state.form.controls.find(id);
        const Editor editor = kindNamed(control.kind).editor;
        const bool isShort = editor == Editor::Line || editor == Editor::Choice;
        if (!isShort || control.column.isEmpty() || isJumpList(control) || m_state.value(control.column).isNull()) {
            continue;
        }
        const QString each = m_values.shown(control).words.simplified();
        if (!each.isEmpty() && words.size() < Enough) {
            words.append(each);
        }
    }
    return words.isEmpty() ? named : words.join(QStringLiteral(", "));
}

void EntrySession::setMessages(QList<FieldMessage> messages)
{
    m_state.messages = std::move(messages);
    Q_EMIT messagesChanged();
}

} // namespace nabblet
