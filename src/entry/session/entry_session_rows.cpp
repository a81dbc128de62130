// Going among the records: one by one, by number, by key, and the window of rows of a tabular form.
#include "core/kinds/settings/start_value.h"
#include "core/text/tr.h"
#include "entry/session/entry_session.h"

#include <algorithm>

namespace nabblet {

// What every change of the record in hand brings with it: the rows around it, and those that belong to it.
void EntrySession::recordHasChanged()
{
    syncWindow();
    linkChildren();
    Q_EMIT recordChanged();
    followToRow();
    if (!m_state.source.missing.isEmpty() && m_state.messages.isEmpty()) {
        setMessages({{0, m_state.missingWords()}});
    } else if (!m_state.source.note.isEmpty() && m_state.messages.isEmpty()) {
        setMessages({{0, m_state.source.note}});
    }
}

void EntrySession::syncWindow()
{
    if (!isTabular(m_state.form) || !m_state.record.row || m_state.record.isNew) {
        return;
    }
    if (m_window.indexOf(m_state.record.row->key) >= 0) {
        m_window.replace(*m_state.record.row);
    } else {
        if (const Outcome read =
                m_window.readAround(m_state.connection, m_state.source, *m_state.record.row, position());
            !read) {
            setMessages({{0, read.error().sentence}});
        }
        Q_EMIT rowsChanged(0);
    }
}

int EntrySession::windowIndex() const
{
    return m_state.record.row && !m_state.record.isNew ? m_window.indexOf(m_state.record.row->key) : -1;
}

bool EntrySession::goToRow(int windowIndex)
{
    if (windowIndex < 0 || windowIndex >= m_window.rows().size()) {
        return false;
    }
    const Row wanted = m_window.rows().at(windowIndex);
    const bool isHere = m_state.record.row && !m_state.record.isNew && m_state.record.row->key == wanted.key;
    if (isHere) {
        return true;
    }
    if (!leave()) {
        return false;
    }
    const MaybeRow row = rowWithKey(m_state.connection, m_state.source, wanted.key);
    const bool isThere = show(row, tr("Someone else deleted this record meanwhile."));
    const int index = m_window.indexOf(wanted.key);
    if (!isThere) {
        m_window.remove(wanted.key);
        Q_EMIT rowsChanged(0);
        recordHasChanged();
        return false;
    }
    const std::optional<qint64> first = m_window.firstNumber(m_place.count());
    m_place.setPosition(first && index >= 0 ? std::optional(*first + index) : std::nullopt);
    Q_EMIT positionChanged();
    return true;
}

void EntrySession::takeMore(const Result<int> &moved)
{
    if (moved) {
        Q_EMIT rowsChanged(*moved);
    } else if (m_state.messages.isEmpty()) { // said once, not at every turn of the wheel
        setMessages({{0, moved.error().sentence}});
    }
}

void EntrySession::readMoreAfter()
{
    takeMore(m_window.readMoreAfter(m_state.connection, m_state.source));
}

void EntrySession::readMoreBefore()
{
    takeMore(m_window.readMoreBefore(m_state.connection, m_state.source));
}

void EntrySession::readRowsAt(qint64 number)
{
    const std::optional<RowMap> &map = m_place.map();
    if (!map) {
        return;
    }
    const MaybeRow row = rowAt(m_state.connection, m_state.source, *map, std::clamp<qint64>(number, 0, map->count - 1));
    if (row && *row) {
        if (const Outcome read = m_window.readAround(m_state.connection, m_state.source, **row, number); !read) {
            setMessages({{0, read.error().sentence}});
        }
        Q_EMIT rowsChanged(0);
    }
}

void EntrySession::clearRecord()
{
    m_state.record.row.reset();
    m_state.record.isNew = false;
    m_state.record.startValues.clear();
    m_state.record.typed.clear();
    if (!isTabular(m_state.form)) {
        m_values.lookedUp().forgetRows();
    }
    m_question = Question::None;
    m_theirs.reset();
    setMessages({});
}

bool EntrySession::show(const MaybeRow &row, const QString &nothingThere)
{
    if (!row) {
        setMessages({{0, row.error().sentence}});
        return false;
    }
    if (!*row) {
        Q_EMIT said(nothingThere);
        return false;
    }
    clearRecord();
    m_state.record.row = *row;
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
}

// Saves what was typed in the rows of the subforms before another record takes their place.
bool EntrySession::leaveChildren()
{
    const bool isRowLeft = !m_rowSession || m_isFollowing || m_rowSession->leave();
    return isRowLeft &&
           std::all_of(m_children.begin(), m_children.end(), [](const auto &child) { return child.second->leave(); });
}

bool EntrySession::leave()
{
    if (!leaveChildren()) {
        return false;
    }
    if (!m_state.isChanged()) {
        if (m_state.record.isNew && m_state.record.beforeNew) {
            m_state.record.isNew = false;
            m_state.record.row = m_state.record.beforeNew;
            setMessages({});
        }
        return true;
    }
    return save();
}

bool EntrySession::goFirst()
{
    if (!m_state.isStarted || !leave()) {
        return false;
    }
    m_place.setPosition(0);
    return show(firstRow(m_state.connection, m_state.source), tr("There are no records yet."));
}

bool EntrySession::goLast()
{
    if (!m_state.isStarted || !leave()) {
        return false;
    }
    m_place.setLast();
    return show(lastRow(m_state.connection, m_state.source), tr("There are no records yet."));
}

bool EntrySession::goNext()
{
    if (!m_state.isStarted || !leave() || !m_state.record.row) {
        return false;
    }
    const bool isThere =
        show(rowAfter(m_state.connection, m_state.source, m_state.record.row->key), tr("This is the last record."));
    if (isThere) {
        m_place.moveBy(1);
        Q_EMIT positionChanged();
    } else {
        recordHasChanged();
    }
    return isThere;
}

bool EntrySession::goPrevious()
{
    if (!m_state.isStarted) {
        return false;
    }
    const bool wasBlankNew = m_state.record.isNew && !m_state.isChanged();
    if (!leave()) {
        return false;
    }
    if (wasBlankNew || !m_state.record.row) {
        return m_state.record.row ? (recordHasChanged(), Q_EMIT positionChanged(), true) : false;
    }
    const bool isThere =
        show(rowBefore(m_state.connection, m_state.source, m_state.record.row->key), tr("This is the first record."));
    if (isThere) {
        m_place.moveBy(-1);
        Q_EMIT positionChanged();
    }
    return isThere;
}

bool EntrySession::goTo(qint64 wanted)
{
    if (!m_state.isStarted || !leave()) {
        return false;
    }
    if (const std::optional<qint64> count = m_place.count(); count && *count > 0) {
        wanted = std::clamp<qint64>(wanted, 0, *count - 1);
    }
    if (!m_place.map()) {
        Q_EMIT said(tr("The records are still being counted; try again in a moment."));
        return false;
    }
    const bool isThere =
        show(rowAt(m_state.connection, m_state.source, *m_place.map(), wanted), tr("There is no such record."));
    if (isThere) {
        m_place.setPosition(wanted);
        Q_EMIT positionChanged();
    }
    return isThere;
}

bool EntrySession::goToKey(const QVariantList &key)
{
    if (!m_state.isStarted || key.size() != m_state.source.keyColumns.size() || !leave()) {
        return false;
    }
    const bool isThere = show(rowWithKey(m_state.connection, m_state.source, key), tr("There is no such record."));
    if (isThere) {
        m_place.setPosition(std::nullopt);
        if (const int index = windowIndex(); index >= 0 && m_window.firstNumber(m_place.count())) {
            m_place.setPosition(*m_window.firstNumber(m_place.count()) + index);
        }
        findPosition();
        Q_EMIT positionChanged();
    }
    return isThere;
}

// Where the record in hand stands among the others, found out beside the interface.
void EntrySession::findPosition()
{
    m_place.giveUpFinding();
    const Result<RecordSource> source = ownSource();
    const std::optional<RowKey> key = m_state.key();
    if (m_counting == Counting::InBackground && !m_place.position() && key && source && !source->keyColumns.isEmpty()) {
        m_place.find(m_state.connection.address(), *source, *key);
    }
}

bool EntrySession::add()
{
    if (!m_state.canAdd() || !leave()) {
        return false;
    }
    const std::optional<Row> before = m_state.record.row;
    clearRecord();
    m_state.record.beforeNew = before;
    beginNewRecord();
    if (isTabular(m_state.form) && !m_window.hasLast() && !m_window.rows().isEmpty()) {
        // The new row stands behind the last one.
        if (const Outcome read = m_window.readLast(m_state.connection, m_state.source); read) {
            Q_EMIT rowsChanged(0);
        }
    }
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
}

std::optional<qint64> EntrySession::position() const
{
    return m_state.record.isNew ? std::nullopt : m_place.position();
}

// Whether all rows are at hand, so that there is nothing to count.
bool EntrySession::isSmall() const
{
    return m_window.isWhole() && isTabular(m_state.form);
}

// Counts the rows and maps them.
void EntrySession::startMapping(bool findsPosition)
{
    if (!m_state.heldTo.hasParent) {
        m_place.forgetRows();
        return;
    }
    syncWindow();
    if (isSmall()) {
        m_place.takeWhole(m_window.rows(), windowIndex());
        return;
    }
    const Result<RecordSource> source = ownSource();
    if (m_counting == Counting::InBackground && source) {
        m_place.readRows(m_state.connection.address(), *source, findsPosition ? m_state.key() : std::nullopt);
    }
}

// A blank record in hand, with what its controls start with.
void EntrySession::beginNewRecord()
{
    m_state.record.isNew = true;
    m_state.record.startValues.clear();
    for (const Control &control : m_state.form.controls) {
        const std::optional<StartValue> start = startValueOf(control);
        const bool isLinked = m_state.heldTo.columns.contains(control.column); // which fills itself
        if (!start || isLinked || !m_state.source.columns.contains(control.column)) {
            continue;
        }
        QVariant value = start->value;
        if (!start->formula.isEmpty()) {
            const Result<QVariant> worked = m_values.workedOut(
                start->formula, [this](const QString &column) { return m_state.valueBeforeTyping(column); });
            value = worked ? *worked : QVariant();
        }
        if (!value.isNull()) {
            m_state.record.startValues.insert(control.column, value);
        }
    }
}

} // namespace nabblet
