// Going among the records: one by one, by number, by key, and the window of rows of a tabular form.
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
    if (!m_source.missing.isEmpty() && m_messages.isEmpty()) {
        setMessages({{0, missingWords()}});
    } else if (!m_source.note.isEmpty() && m_messages.isEmpty()) {
        setMessages({{0, m_source.note}});
    }
}

void EntrySession::syncWindow()
{
    if (!isTabular(m_form) || !m_row || m_isNew) {
        return;
    }
    if (m_window.indexOf(m_row->key) >= 0) {
        m_window.replace(*m_row);
    } else {
        if (const Outcome read = m_window.readAround(m_connection, m_source, *m_row, position()); !read) {
            setMessages({{0, read.error().sentence}});
        }
        Q_EMIT rowsChanged(0);
    }
}

int EntrySession::windowIndex() const
{
    return m_row && !m_isNew ? m_window.indexOf(m_row->key) : -1;
}

bool EntrySession::goToRow(int windowIndex)
{
    if (windowIndex < 0 || windowIndex >= m_window.rows().size()) {
        return false;
    }
    const Row wanted = m_window.rows().at(windowIndex);
    const bool isHere = m_row && !m_isNew && m_row->key == wanted.key;
    if (isHere) {
        return true;
    }
    if (!leave()) {
        return false;
    }
    const MaybeRow row = rowWithKey(m_connection, m_source, wanted.key);
    const bool isThere = show(row, tr("Someone else deleted this record meanwhile."));
    const int index = m_window.indexOf(wanted.key);
    if (!isThere) {
        m_window.remove(wanted.key);
        Q_EMIT rowsChanged(0);
        recordHasChanged();
        return false;
    }
    const std::optional<qint64> first = m_window.firstNumber(m_count);
    m_position = first && index >= 0 ? std::optional(*first + index) : std::nullopt;
    m_fromEnd.reset();
    Q_EMIT positionChanged();
    return true;
}

void EntrySession::takeMore(const Result<int> &moved)
{
    if (moved) {
        Q_EMIT rowsChanged(*moved);
    } else if (m_messages.isEmpty()) { // said once, not at every turn of the wheel
        setMessages({{0, moved.error().sentence}});
    }
}

void EntrySession::readMoreAfter()
{
    takeMore(m_window.readMoreAfter(m_connection, m_source));
}

void EntrySession::readMoreBefore()
{
    takeMore(m_window.readMoreBefore(m_connection, m_source));
}

void EntrySession::readRowsAt(qint64 number)
{
    if (!m_map) {
        return;
    }
    const MaybeRow row = rowAt(m_connection, m_source, *m_map, std::clamp<qint64>(number, 0, m_map->count - 1));
    if (row && *row) {
        if (const Outcome read = m_window.readAround(m_connection, m_source, **row, number); !read) {
            setMessages({{0, read.error().sentence}});
        }
        Q_EMIT rowsChanged(0);
    }
}

void EntrySession::clearRecord()
{
    m_row.reset();
    m_isNew = false;
    m_startValues.clear();
    m_pending.clear();
    if (!isTabular(m_form)) {
        m_lookedUp->forgetRows();
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
    m_row = *row;
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
    if (!isChanged()) {
        if (m_isNew && m_rowBeforeNew) {
            m_isNew = false;
            m_row = m_rowBeforeNew;
            setMessages({});
        }
        return true;
    }
    return save();
}

bool EntrySession::goFirst()
{
    if (!m_isStarted || !leave()) {
        return false;
    }
    m_position = 0;
    m_fromEnd.reset();
    return show(firstRow(m_connection, m_source), tr("There are no records yet."));
}

bool EntrySession::goLast()
{
    if (!m_isStarted || !leave()) {
        return false;
    }
    m_fromEnd = 0;
    m_position.reset();
    return show(lastRow(m_connection, m_source), tr("There are no records yet."));
}

bool EntrySession::goNext()
{
    if (!m_isStarted || !leave() || !m_row) {
        return false;
    }
    const std::optional<qint64> from = position();
    const bool isThere = show(rowAfter(m_connection, m_source, m_row->key), tr("This is the last record."));
    if (isThere) {
        m_position = from ? std::optional(*from + 1) : std::nullopt;
        m_fromEnd.reset();
        Q_EMIT positionChanged();
    } else {
        recordHasChanged();
    }
    return isThere;
}

bool EntrySession::goPrevious()
{
    if (!m_isStarted) {
        return false;
    }
    const bool wasBlankNew = m_isNew && !isChanged();
    if (!leave()) {
        return false;
    }
    if (wasBlankNew || !m_row) {
        return m_row ? (recordHasChanged(), Q_EMIT positionChanged(), true) : false;
    }
    const std::optional<qint64> from = position();
    const std::optional<qint64> fromEnd = m_fromEnd;
    const bool isThere = show(rowBefore(m_connection, m_source, m_row->key), tr("This is the first record."));
    if (isThere) {
        m_position = from ? std::optional(*from - 1) : std::nullopt;
        m_fromEnd = !from && fromEnd ? std::optional(*fromEnd + 1) : std::nullopt;
        Q_EMIT positionChanged();
    }
    return isThere;
}

bool EntrySession::goTo(qint64 wanted)
{
    if (!m_isStarted || !leave()) {
        return false;
    }
    if (m_count && *m_count > 0) {
        wanted = std::clamp<qint64>(wanted, 0, *m_count - 1);
    }
    if (!m_map) {
        Q_EMIT said(tr("The records are still being counted; try again in a moment."));
        return false;
    }
    const bool isThere = show(rowAt(m_connection, m_source, *m_map, wanted), tr("There is no such record."));
    if (isThere) {
        m_position = wanted;
        m_fromEnd.reset();
        Q_EMIT positionChanged();
    }
    return isThere;
}

bool EntrySession::goToKey(const QVariantList &key)
{
    if (!m_isStarted || key.size() != m_source.keyColumns.size() || !leave()) {
        return false;
    }
    const bool isThere = show(rowWithKey(m_connection, m_source, key), tr("There is no such record."));
    if (isThere) {
        m_position.reset();
        m_fromEnd.reset();
        if (const int index = windowIndex(); index >= 0 && m_window.firstNumber(m_count)) {
            m_position = *m_window.firstNumber(m_count) + index;
        }
        findPosition();
        Q_EMIT positionChanged();
    }
    return isThere;
}

// Where the record in hand stands among the others, found out beside the interface.
void EntrySession::findPosition()
{
    m_placing.giveUp();
    const Result<RecordSource> source = ownSource();
    if (m_counting == Counting::No || m_position || !m_row || m_isNew || !source || source->keyColumns.isEmpty()) {
        return;
    }
    m_placing.start(m_connection.address(),
                    [this, source = *source, key = m_row->key](const Connection &connection, const std::atomic<bool> &,
                                                               const BackgroundWork::Report &report) {
                        if (const Result<qint64> before = countRowsBefore(connection, source, key)) {
                            report([this, found = *before, key] {
                                if (m_row && m_row->key == key) {
                                    m_position = found;
                                    Q_EMIT positionChanged();
                                }
                            });
                        }
                    });
}

bool EntrySession::add()
{
    if (!canAdd() || !leave()) {
        return false;
    }
    const std::optional<Row> before = m_row;
    clearRecord();
    m_rowBeforeNew = before;
    beginNewRecord();
    if (isTabular(m_form) && !m_window.hasLast() && !m_window.rows().isEmpty()) {
        // The new row stands behind the last one.
        if (const Outcome read = m_window.readLast(m_connection, m_source); read) {
            Q_EMIT rowsChanged(0);
        }
    }
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
}

std::optional<qint64> EntrySession::position() const
{
    if (m_isNew) {
        return std::nullopt;
    }
    if (m_position) {
        return m_position;
    }
    if (m_fromEnd && m_count) {
        return *m_count - 1 - *m_fromEnd;
    }
    return std::nullopt;
}

// Counts the rows and maps them beside the interface.
void EntrySession::startMapping(bool findPosition)
{
    m_mapping.giveUp();
    m_countsAgain = false;
    m_map.reset();
    if (!m_hasParentRecord) {
        m_count.reset();
        return;
    }
    syncWindow();
    if (m_window.isWhole() && isTabular(m_form)) {
        // All rows are at hand; there is nothing to count.
        m_count = m_window.rows().size();
        const int index = windowIndex();
        m_position = index >= 0 ? std::optional<qint64>(index) : std::nullopt;
        m_map =
            RowMap{*m_count, m_window.rows().isEmpty() ? QList<RowKey>() : QList<RowKey>{m_window.rows().first().key}};
        return;
    }
    const Result<RecordSource> source = ownSource();
    if (m_counting == Counting::No || !source) {
        return;
    }
    const std::optional<RowKey> key = findPosition && m_row ? std::optional(m_row->key) : std::nullopt;
    m_mapping.start(m_connection.address(),
                    [this, source = *source, key](const Connection &connection, const std::atomic<bool> &isCancelled,
                                                  const BackgroundWork::Report &report) {
                        const Result<RecordSource> ready = readable(connection, source);
                        if (!ready || isCancelled) {
                            return;
                        }
                        if (const Result<qint64> count = countRows(connection, *ready)) {
                            report([this, counted = *count] {
                                m_count = counted;
                                Q_EMIT positionChanged();
                            });
                        }
                        if (key && !isCancelled) {
                            if (const Result<qint64> before = countRowsBefore(connection, *ready, *key)) {
                                report([this, found = *before, wanted = *key] {
                                    if (m_row && m_row->key == wanted) {
                                        m_position = found;
                                        Q_EMIT positionChanged();
                                    }
                                });
                            }
                        }
                        const auto map = mapRows(connection, *ready, isCancelled);
                        if (map && *map) {
                            report([this, mapped = **map] {
                                m_map = mapped;
                                m_count = mapped.count;
                                Q_EMIT positionChanged();
                                if (m_countsAgain) {
                                    recount();
                                }
                            });
                        }
                    });
}

} // namespace nabblet
