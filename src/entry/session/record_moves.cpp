#include "entry/session/record_moves.h"

#include "core/catalogue/unique_columns.h"
#include "core/form_settings/opens_at.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

#include <algorithm>

namespace nabblet {

bool RecordMoves::leave()
{
    // The record and its rows are saved together; after that, leaving the rows only lets go of blank new ones.
    if (!m_parts.saving.save() || !m_parts.row.leave() || !m_parts.children.leave()) {
        return false;
    }
    if (m_parts.state.isNewBesideAnother()) {
        RecordInHand record = m_parts.state.record;
        record.isNew = false;
        record.row = record.beforeNew;
        m_parts.changes.setRecord(record);
        m_parts.changes.setMessages({});
    }
    return true;
}

bool RecordMoves::mayGo()
{
    return m_parts.state.isStarted && leave();
}

bool RecordMoves::show(const MaybeRow &row, const QString &nothingThere, bool isAhead)
{
    if (!row) {
        m_parts.changes.setMessages({{0, row.error().sentence}});
        return false;
    }
    if (!*row) {
        Q_EMIT m_parts.session.said(nothingThere);
        return false;
    }
    const bool isFar = m_parts.state.connection.isFar();
    m_parts.inHand.take(*row, isFar ? InHand::Anew::No : InHand::Anew::Yes);
    m_parts.inHand.hasChanged();
    Q_EMIT m_parts.session.positionChanged();
    if (isAhead) {
        m_parts.ahead.lookAgain();
    }
    return true;
}

bool RecordMoves::canGoBack() const
{
    const EntryState &state = m_parts.state;
    const std::optional<qint64> position = m_parts.session.position();
    return state.hasRecord() && (state.isNew() ? m_parts.place.count() != 0 : position != 0);
}

bool RecordMoves::canGoOn() const
{
    const EntryState &state = m_parts.state;
    return state.hasRecord() && !state.isNew() && !m_parts.place.isLast();
}

bool RecordMoves::canGoLast() const
{
    return m_parts.state.isNew() ? canGoBack() : canGoOn();
}

bool RecordMoves::goFirst()
{
    if (!mayGo()) {
        return false;
    }
    m_parts.place.setPosition(0);
    return show(firstRow(m_parts.state.connection, m_parts.state.source), Texts::tr("There are no records yet."));
}

bool RecordMoves::goLast()
{
    if (!mayGo()) {
        return false;
    }
    m_parts.place.setLast();
    return show(lastRow(m_parts.state.connection, m_parts.state.source), Texts::tr("There are no records yet."));
}

bool RecordMoves::goNext()
{
    if (!mayGo() || !m_parts.state.record.row) {
        return false;
    }
    const EntryState &state = m_parts.state;
    const std::optional<Row> ahead = m_parts.ahead.after(state.record.row->key);
    const bool isThere = show(
        ahead ? MaybeRow(ahead) : rowAfter(state.connection, state.source, placeOf(state.source, *state.record.row)),
        Texts::tr("This is the last record."), ahead.has_value());
    if (isThere) {
        m_parts.place.moveBy(1);
        Q_EMIT m_parts.session.positionChanged();
    } else {
        m_parts.inHand.hasChanged();
    }
    return isThere;
}

bool RecordMoves::goPrevious()
{
    const EntryState &state = m_parts.state;
    const bool wasBlankNew = state.record.isNew && !state.isChanged();
    if (!mayGo()) {
        return false;
    }
    if (wasBlankNew || !state.record.row) { // back from the blank record
        if (state.record.row) {
            m_parts.inHand.hasChanged();
            Q_EMIT m_parts.session.positionChanged();
        }
        return state.record.row.has_value();
    }
    const std::optional<Row> ahead = m_parts.ahead.before(state.record.row->key);
    const bool isThere = show(
        ahead ? MaybeRow(ahead) : rowBefore(state.connection, state.source, placeOf(state.source, *state.record.row)),
        Texts::tr("This is the first record."), ahead.has_value());
    if (isThere) {
        m_parts.place.moveBy(-1);
        Q_EMIT m_parts.session.positionChanged();
    }
    return isThere;
}

bool RecordMoves::goTo(qint64 wanted)
{
    if (!mayGo()) {
        return false;
    }
    if (const std::optional<qint64> count = m_parts.place.count(); count && *count > 0) {
        wanted = std::clamp<qint64>(wanted, 0, *count - 1);
    }
    const std::optional<RowMap> &map = m_parts.place.map();
    if (!map) {
        Q_EMIT m_parts.session.said(Texts::tr("The records are still being counted; try again in a moment."));
        return false;
    }
    const MaybeRow row = rowAt(m_parts.state.connection, m_parts.state.source, *map, wanted);
    const bool isThere = show(row, Texts::tr("There is no such record."));
    if (isThere) {
        m_parts.place.setPosition(wanted);
        Q_EMIT m_parts.session.positionChanged();
    }
    return isThere;
}

bool RecordMoves::goToKey(const QVariantList &key)
{
    const EntryState &state = m_parts.state;
    if (!state.isStarted || key.size() != state.source.keyColumns.size() || !leave()) {
        return false;
    }
    const bool isThere = show(rowWithKey(state.connection, state.source, key), Texts::tr("There is no such record."));
    if (isThere) {
        m_parts.place.setPosition(std::nullopt);
        const std::optional<qint64> first = m_parts.rows.window().firstNumber(m_parts.place.count());
        if (const int index = m_parts.rows.indexInHand(); index >= 0 && first) {
            m_parts.place.setPosition(*first + index);
        }
        m_parts.reckoning.findPosition();
        Q_EMIT m_parts.session.positionChanged();
    }
    return isThere;
}

bool RecordMoves::goToRow(int index)
{
    const RowWindow &window = m_parts.rows.window();
    if (index < 0 || index >= window.rows().size()) {
        return false;
    }
    const RowKey wanted = window.rows().at(index).key;
    if (m_parts.state.key() == wanted) {
        return true;
    }
    if (!leave()) {
        return false;
    }
    const MaybeRow row = rowWithKey(m_parts.state.connection, m_parts.state.source, wanted);
    const bool isThere = show(row, Texts::tr("Someone else deleted this record meanwhile."));
    if (!isThere) {
        m_parts.rows.remove(wanted);
        m_parts.inHand.hasChanged();
        return false;
    }
    const int now = window.indexOf(wanted);
    const std::optional<qint64> first = window.firstNumber(m_parts.place.count());
    m_parts.place.setPosition(first && now >= 0 ? std::optional(*first + now) : std::nullopt);
    Q_EMIT m_parts.session.positionChanged();
    return true;
}

void RecordMoves::goWhereItOpens()
{
    switch (openingRecord(m_parts.state.form)) {
    case OpeningRecord::First: // where every session starts
        break;
    case OpeningRecord::Last:
        goLast();
        break;
    case OpeningRecord::New:
        add();
        break;
    }
}

bool RecordMoves::add()
{
    if (!m_parts.state.canAdd() || !leave()) {
        return false;
    }
    m_parts.inHand.beginNew(m_parts.state.record.row);
    m_parts.rows.readLast(); // the new row stands behind it
    m_parts.inHand.hasChanged();
    Q_EMIT m_parts.session.positionChanged();
    return true;
}

bool RecordMoves::addLike()
{
    if (!m_parts.state.canAdd() || m_parts.state.isNew() || !leave() || !m_parts.state.record.row) {
        return false;
    }
    const Row like = *m_parts.state.record.row;
    if (!add()) {
        return false;
    }
    const Table *table = m_parts.state.table();
    for (const Control &control : m_parts.state.form.controls) {
        const QStringList written = columnsWritten(control);
        const bool isOnce = std::any_of(written.begin(), written.end(), [&](const QString &column) {
            return table && (isOnlyOnce(*table, column) || table->primaryKey.contains(column));
        });
        if (!written.isEmpty() && !isOnce) {
            m_parts.typing.takeFrom(like, control);
        }
    }
    return true;
}

} // namespace nabblet
