#include "entry/session/rows_at_hand.h"

#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

#include <algorithm>

namespace nabblet {

int RowsAtHand::indexInHand() const
{
    const std::optional<RowKey> key = m_parts.state.key();
    return key ? m_window.indexOf(*key) : -1;
}

bool RowsAtHand::areAll() const
{
    return m_window.isWhole() && isTabular(m_parts.state.form);
}

void RowsAtHand::takeMore(const Result<int> &moved)
{
    if (moved) {
        Q_EMIT m_parts.session.rowsAdded(*moved);
    } else if (m_parts.state.messages.isEmpty()) { // said once, not at every turn of the wheel
        m_parts.changes.setMessages({{0, moved.error().sentence}});
    }
}

void RowsAtHand::readMoreAfter()
{
    takeMore(m_window.readMoreAfter(m_parts.state.connection, m_parts.state.source));
}

void RowsAtHand::readMoreBefore()
{
    takeMore(m_window.readMoreBefore(m_parts.state.connection, m_parts.state.source));
}

void RowsAtHand::readAround(qint64 number)
{
    const std::optional<RowMap> &map = m_parts.place.map();
    if (!map) {
        return;
    }
    const EntryState &state = m_parts.state;
    const MaybeRow row = rowAt(state.connection, state.source, *map, std::clamp<qint64>(number, 0, map->count - 1));
    if (row && *row) {
        if (const Outcome read = m_window.readAround(state.connection, state.source, **row, number); !read) {
            m_parts.changes.setMessages({{0, read.error().sentence}});
        }
        Q_EMIT m_parts.session.rowsChanged();
    }
}

void RowsAtHand::sync()
{
    const EntryState &state = m_parts.state;
    const std::optional<RowKey> key = state.key();
    if (!isTabular(state.form) || !key) {
        return;
    }
    if (m_window.indexOf(*key) >= 0) {
        m_window.replace(*state.record.row);
        return;
    }
    const Outcome read =
        m_window.readAround(state.connection, state.source, *state.record.row, m_parts.place.position());
    if (!read) {
        m_parts.changes.setMessages({{0, read.error().sentence}});
    }
    Q_EMIT m_parts.session.rowsChanged();
}

Outcome RowsAtHand::readFirst()
{
    if (const std::optional<QList<Row>> ahead = m_parts.ahead.firstRows()) {
        m_window.takeFirst(*ahead);
        m_parts.ahead.lookAtRowsAgain();
        return Done{};
    }
    return m_window.readFirst(m_parts.state.connection, m_parts.state.source);
}

void RowsAtHand::readLast()
{
    if (m_window.hasLast() || m_window.rows().isEmpty()) {
        return;
    }
    if (m_window.readLast(m_parts.state.connection, m_parts.state.source)) {
        Q_EMIT m_parts.session.rowsChanged();
    }
}

void RowsAtHand::remove(const RowKey &key)
{
    m_window.remove(key);
    Q_EMIT m_parts.session.rowsChanged();
}

} // namespace nabblet
