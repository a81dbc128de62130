#include "entry/session/taking_back.h"

#include "core/text/tr.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"
#include "entry/session/side_effects.h"

namespace nabblet {

void TakingBack::remember(const LastStep &step)
{
    m_steps.append(step);
    m_steps.last().at = QDateTime::currentDateTime();
    if (m_steps.size() > MostSteps) {
        m_steps.removeFirst();
    }
    m_isLast = true;
}

void TakingBack::forget()
{
    m_steps.clear();
    m_isLast = false;
    m_letGo.reset();
}

bool TakingBack::canPutBack() const
{
    return m_parts.state.isChanged() || m_parts.state.isNewBesideAnother();
}

// Whether what was let go belongs to the record in hand.
bool TakingBack::canBringTypedBack() const
{
    const EntryState &state = m_parts.state;
    if (!m_letGo || state.isChanged() || (state.isNew() && (state.record.beforeNew || !m_letGo->wasNew))) {
        return false;
    }
    return m_letGo->wasNew || state.key() == m_letGo->key;
}

bool TakingBack::canTakeBack() const
{
    const EntrySession *row = m_parts.row.made();
    return canPutBack() || canBringTypedBack() || lastStep() || (row && row->takingBack().canTakeBack());
}

QString TakingBack::words() const
{
    if (canPutBack()) {
        return Texts::tr("Put this record back as it is stored");
    }
    if (canBringTypedBack()) {
        return Texts::tr("Bring back what was typed");
    }
    if (lastStep()) {
        return takeBackInWords(*lastStep());
    }
    const EntrySession *row = m_parts.row.made();
    return row ? row->takingBack().words() : Texts::tr("There is nothing to take back");
}

bool TakingBack::takeBack()
{
    // What was typed or done last may have been so on the form of one row.
    if (EntrySession *row = m_parts.row.made(); row && !m_parts.state.isChanged()) {
        const bool hasNothingHere = !m_parts.state.isNew() && !canBringTypedBack() && !lastStep();
        if (row->state().isChanged() || (hasNothingHere && row->takingBack().canTakeBack())) {
            return row->takingBack().takeBack();
        }
    }
    // A blank new record, into which one comes by going on, is no step of its own where there is one to take back.
    const bool isBlank = m_parts.state.isNewBesideAnother() && !m_parts.state.isChanged();
    if (isBlank && lastStep() && !canBringTypedBack()) {
        return putBack() && takeStepBack(m_steps.size() - 1);
    }
    return canPutBack()          ? putBack()
           : canBringTypedBack() ? bringTypedBack()
                                 : lastStep() && takeStepBack(m_steps.size() - 1);
}

bool TakingBack::takeBack(qsizetype step)
{
    if (m_parts.state.isNewBesideAnother() && !m_parts.state.isChanged()) {
        putBack();
    }
    return takeStepBack(step);
}

bool TakingBack::putBack()
{
    const EntryState &state = m_parts.state;
    const RecordInHand was = state.record;
    const std::optional<Row> back = was.isNew ? was.beforeNew : was.row;
    m_letGo.reset();
    if (state.isChanged()) {
        m_letGo = LetGo{was.typed, was.isNew, state.key().value_or(RowKey())};
    }
    m_parts.inHand.take({});
    if (back) {
        const MaybeRow now = rowWithKey(state.connection, state.source, back->key);
        m_parts.changes.setRow(now ? *now : back);
    }
    if (!state.record.row && state.canAdd() && m_parts.counting == Counting::InBackground) {
        m_parts.inHand.beginNew({}); // there is no other
    }
    Q_EMIT m_parts.session.said(was.isNew ? Texts::tr("The new record was let go.")
                                          : Texts::tr("The record is as it is stored."));
    m_parts.inHand.hasChanged();
    Q_EMIT m_parts.session.pendingChanged();
    Q_EMIT m_parts.session.positionChanged();
    return true;
}

bool TakingBack::bringTypedBack()
{
    const LetGo letGo = *m_letGo;
    m_letGo.reset();
    if (letGo.wasNew && !m_parts.state.isNew()) {
        m_parts.inHand.beginNew(m_parts.state.record.row);
    }
    RecordInHand record = m_parts.state.record;
    record.typed = letGo.typed;
    m_parts.changes.setRecord(record);
    m_parts.workingOut.bringUpToDate();
    m_parts.values.lookedUp().forgetRows();
    Q_EMIT m_parts.session.said(Texts::tr("What was typed is back."));
    m_parts.inHand.hasChanged();
    Q_EMIT m_parts.session.pendingChanged();
    Q_EMIT m_parts.session.positionChanged();
    return true;
}

bool TakingBack::takeStepBack(qsizetype number)
{
    const EntryState &state = m_parts.state;
    const qsizetype before = m_steps.size();
    const bool isThere = number >= 0 && number < before && state.table();
    const bool isLeft = isThere && m_parts.row.leave() && m_parts.children.leave();
    if (!isLeft || m_steps.size() != before) { // leaving may have saved something that cannot be taken back
        return false;
    }
    const LastStep step = m_steps.at(number);
    SideEffects along(m_parts.session);
    const Written written = writtenBack(state, step);
    if (!m_parts.saving.take(written)) {
        RecordInHand record = state.record; // the step stays to be taken back; the record in hand is untouched
        record.question = Question::None;
        record.theirs.reset();
        m_parts.changes.setRecord(record);
        return false;
    }
    m_steps.removeAt(number);
    m_parts.inHand.take(written.row);
    m_parts.rows.forget();
    m_parts.reckoning.refreshTotals();
    if (step.kind == LastStep::Added) {
        m_parts.place.setLast();
    } else {
        m_parts.place.setPosition(std::nullopt);
    }
    m_parts.reckoning.count(step.kind != LastStep::Added);
    Q_EMIT m_parts.session.said(step.kind == LastStep::Deleted ? Texts::tr("“%1” is back.").arg(step.words)
                                                               : Texts::tr("Taken back: “%1”.").arg(step.words));
    m_parts.inHand.hasChanged();
    along.show(1);
    Q_EMIT m_parts.session.positionChanged();
    return true;
}

} // namespace nabblet
