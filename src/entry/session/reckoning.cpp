#include "entry/session/reckoning.h"

#include "core/kinds/settings/total.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

#include <algorithm>

namespace nabblet {

void Reckoning::count(bool findsPosition)
{
    const EntryState &state = m_parts.state;
    if (!state.heldTo.hasParent) {
        m_parts.place.forgetRows();
        return;
    }
    m_parts.rows.sync();
    if (m_parts.rows.areAll()) {
        m_parts.place.takeWhole(state.source, m_parts.rows.window().rows(), m_parts.rows.indexInHand());
        return;
    }
    const Result<RecordSource> source = state.wantedSource();
    if (m_parts.counting == Counting::InBackground && source) {
        m_parts.place.readRows(state.connection.address(), *source, findsPosition ? state.place() : std::nullopt);
    }
}

void Reckoning::countAgain()
{
    const EntryState &state = m_parts.state;
    if (m_parts.rows.areAll() || !state.heldTo.hasParent) {
        count(true);
    } else if (const Result<RecordSource> source = state.wantedSource();
               source && m_parts.counting == Counting::InBackground) {
        m_parts.place.readRowsAgain(state.connection.address(), *source, state.place());
    }
    Q_EMIT m_parts.session.positionChanged();
}

void Reckoning::findPosition()
{
    m_parts.place.giveUpFinding();
    const EntryState &state = m_parts.state;
    const Result<RecordSource> source = state.wantedSource();
    const std::optional<RowPlace> place = state.place();
    const bool isWanted = m_parts.counting == Counting::InBackground && !m_parts.place.position();
    if (isWanted && place && source && !source->keyColumns.isEmpty()) {
        m_parts.place.find(state.connection.address(), *source, *place);
    }
}

void Reckoning::refreshTotals()
{
    const EntryState &state = m_parts.state;
    const bool hasAny = std::any_of(state.form.controls.begin(), state.form.controls.end(),
                                    [](const Control &control) { return totalOf(control).has_value(); });
    if (!hasAny) {
        return;
    }
    if (!state.heldTo.hasParent) {
        m_parts.totals.clear();
        return;
    }
    // Those of rows that are all at hand are worked out at once.
    const bool isAtOnce = m_parts.rows.window().isWhole() || m_parts.counting == Counting::No;
    const Result<RecordSource> source = isAtOnce ? Result<RecordSource>(state.source) : state.wantedSource();
    if (source) {
        m_parts.totals.refresh(state.connection, state.form, *source, isAtOnce);
    }
}

} // namespace nabblet
