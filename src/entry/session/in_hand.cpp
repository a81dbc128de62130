#include "entry/session/in_hand.h"

#include "core/kinds/settings/start_value.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"
#include "entry/state/next_number.h"

namespace nabblet {

void InHand::take(std::optional<Row> row, Anew anew)
{
    if (anew == Anew::Yes) {
        m_parts.ahead.forget();
    }
    RecordInHand record;
    record.row = std::move(row);
    m_parts.changes.setRecord(record);
    if (!isTabular(m_parts.state.form)) {
        if (anew == Anew::Yes) {
            m_parts.values.lookedUp().forgetRows();
        }
        m_parts.values.lookUpRecord();
    }
    m_parts.changes.setMessages({});
}

void InHand::beginNew(std::optional<Row> before)
{
    take({});
    const EntryState &state = m_parts.state;
    RecordInHand record;
    record.isNew = true;
    record.beforeNew = std::move(before);
    m_parts.changes.setRecord(record); // formulas ask for what the new record holds by itself
    for (const Control &control : state.form.controls) {
        const std::optional<StartValue> start = startValueOf(control);
        const bool isLinked = state.heldTo.columns.contains(control.column); // which fills itself
        if (!start || isLinked || !state.source.columns.contains(control.column)) {
            continue;
        }
        QVariant value = start->value;
        if (!start->formula.isEmpty()) {
            const Result<QVariant> worked = m_parts.values.workedOut(
                start->formula, [&state](const QString &column) { return state.valueBeforeTyping(column); });
            value = worked ? *worked : QVariant();
        }
        if (!value.isNull()) {
            record.startValues.insert(control.column, value);
            m_parts.changes.setRecord(record);
        }
    }
    // A number that counts the rows of their record is offered.
    if (const QString counting = countingColumn(state); !counting.isEmpty() && state.heldTo.hasParent &&
                                                        !record.startValues.contains(counting) &&
                                                        state.source.columns.contains(counting)) {
        record.startValues.insert(counting, nextNumber(state, counting));
        m_parts.changes.setRecord(record);
    }
    m_parts.workingOut.beginAsBefore();
    m_parts.workingOut.bringUpToDate();
}

void InHand::hasChanged()
{
    const EntryState &state = m_parts.state;
    m_parts.rows.sync();
    m_parts.children.link();
    Q_EMIT m_parts.session.recordChanged();
    m_parts.row.follow();
    if (!state.source.missing.isEmpty() && state.messages.isEmpty()) {
        m_parts.changes.setMessages({{0, state.missingWords()}});
    } else if (!state.source.note.isEmpty() && state.messages.isEmpty()) {
        m_parts.changes.setMessages({{0, state.source.note}});
    }
    m_parts.ahead.readAround();
}

} // namespace nabblet
