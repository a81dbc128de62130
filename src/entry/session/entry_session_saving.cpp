// Saving, deleting, taking back, and what becomes of changes that others made meanwhile.
#include "core/kinds/settings/child_link.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "entry/session/entry_session.h"
#include "entry/session/record_writing.h"

#include <algorithm>

namespace nabblet {

namespace {

// A sentence with its full stop, whether it brought one or not.
QString asSentence(const QString &words)
{
    const bool isEnded = words.endsWith(u'.') || words.endsWith(u'?') || words.endsWith(u'!') || words.endsWith(u'…');
    return isEnded ? words : words + u'.';
}

} // namespace

bool EntrySession::save()
{
    if (!hasUnsaved()) {
        return true;
    }
    QList<Saving> savings;
    Transaction transaction(m_state.connection);
    if (!transaction.hasBegun()) {
        return refuse({{0, m_state.connection.explain(transaction.error()).sentence}});
    }
    bool isSaved = writeAll(savings);
    if (isSaved && !transaction.commit()) {
        const RefusalContext context = refusalContext(m_state);
        const Refusal refusal = m_state.connection.dialect().explainRefusal(transaction.error(), context);
        refuse({{0, refusal.sentence.isEmpty() ? tr("A value points to a record that does not exist")
                                               : refusal.sentence}});
        isSaved = false;
    }
    if (!isSaved) {
        // Nothing was written, so the rows of subforms belong to the record as it was.
        for (const Saving &saving : std::as_const(savings)) {
            saving.session->linkRowsTo(saving.before);
        }
        return false;
    }
    for (const Saving &saving : std::as_const(savings)) {
        saving.session->takeSaved(saving);
    }
    Q_EMIT pendingChanged();
    return true;
}

bool EntrySession::saveOwn()
{
    if (!m_state.isChanged()) {
        return true;
    }
    QList<Saving> savings;
    if (!writeOwn(savings)) {
        return false;
    }
    for (const Saving &saving : std::as_const(savings)) {
        takeSaved(saving);
    }
    Q_EMIT pendingChanged();
    return true;
}

// Writes this record and then what belongs to it; each session that wrote something stands in savings.
bool EntrySession::writeAll(QList<Saving> &savings)
{
    if (m_state.isChanged()) {
        if (!writeOwn(savings)) {
            return false;
        }
        linkRowsTo(savings.last().written.row.value_or(Row()));
    }
    if (m_rowSession && !m_rowSession->writeAll(savings)) {
        return false;
    }
    return std::all_of(m_children.begin(), m_children.end(),
                       [&](const auto &child) { return child.second->writeAll(savings); });
}

// Has the rows of the subforms hold the values of a record, while their own state stays.
void EntrySession::linkRowsTo(const Row &row)
{
    for (const auto &[id, child] : m_children) {
        const Control *control = m_state.form.controls.find(id);
        const ChildLink link = control ? childLinkOf(*control) : ChildLink();
        if (!child->m_state.heldTo.hasParent || link.parentColumns.isEmpty() || !child->hasUnsaved()) {
            continue;
        }
        QVariantList values;
        for (const QString &column : link.parentColumns) {
            values.append(valueOf(m_state.source, row, column));
        }
        child->rowsLinked(values);
    }
}

// Says what is in the way of saving, beside the boxes.
bool EntrySession::refuse(QList<FieldMessage> messages)
{
    const bool isOne = messages.size() == 1;
    const QString words = isOne ? tr("Not saved: %1").arg(asSentence(messages.first().sentence))
                                : tr("%1 boxes need mending before this record can be saved.").arg(messages.size());
    setMessages(std::move(messages));
    Q_EMIT said(words);
    Q_EMIT refused();
    return false;
}

bool EntrySession::writeOwn(QList<Saving> &savings)
{
    const Table *table = m_state.table();
    if (!table) {
        return refuse({{0, tr("The table “%1” is gone, so nothing can be saved there. What you typed is kept.")
                               .arg(titleFromTable(m_state.form.rowsFrom))}});
    }
    const ToWrite toWrite = whatToWrite(m_state, *table);
    if (!toWrite.mistakes.isEmpty()) {
        return refuse(toWrite.mistakes);
    }
    const RefusalContext context = refusalContext(m_state);
    Saving saving;
    saving.session = this;
    saving.wasNew = m_state.record.isNew;
    saving.before = m_state.record.row.value_or(Row());
    saving.captions = m_state.changedCaptions();
    saving.written = m_state.record.isNew
                         ? insertRow(m_state.connection, m_state.source, toWrite.changes, context)
                         : updateRow(m_state.connection, m_state.source, saving.before, toWrite.changes, context);
    if (!take(saving.written)) {
        return false;
    }
    savings.append(saving);
    return true;
}

// What was written is saved for good: the record is as it is stored now.
void EntrySession::takeSaved(const Saving &saving)
{
    clearRecord();
    m_letGo.reset();
    m_state.record.row = saving.written.row;
    const QString words = recordWords();
    if (saving.wasNew || (m_state.record.row && m_state.record.row->key != saving.before.key)) {
        m_window.clear(); // it stands elsewhere now
    }
    refreshTotals();
    if (m_rowSession) {
        m_rowSession->m_lastStep.reset();
    }
    // Shown until it is left; then it is not there any more.
    const QString outside =
        saving.written.isOutside ? u' ' + tr("It does not belong to the rows of this form any more.") : QString();
    if (saving.wasNew) {
        m_lastStep = LastStep{LastStep::Added, {}, *m_state.record.row, words, {}};
        Q_EMIT said(tr("Added “%1”.").arg(words) + outside);
        m_place.setPosition(std::nullopt);
        startMapping(true);
    } else {
        m_lastStep = LastStep{LastStep::Changed, saving.before, *m_state.record.row, words, {}};
        Q_EMIT said(tr("Saved “%1”: %2.").arg(words, saving.captions.join(QStringLiteral(", "))) + outside);
    }
    recordHasChanged();
    if (saving.written.isOutside) {
        setMessages({{0, outside.trimmed()}});
    }
    Q_EMIT positionChanged();
}

// Turns what came of a write into messages; true when it is done.
bool EntrySession::take(const Written &written)
{
    switch (written.kind) {
    case Written::Done:
        return true;
    case Written::Conflict: {
        m_question = Question::ChangedMeanwhile;
        m_theirs = written.row;
        setMessages(whatDiffers(m_state, *written.row));
        Q_EMIT said(tr("Someone else changed this record meanwhile. Nothing was overwritten."));
        Q_EMIT refused();
        return false;
    }
    case Written::Gone:
        m_question = Question::DeletedMeanwhile;
        setMessages({});
        Q_EMIT said(tr("Someone else deleted this record meanwhile. What you typed is kept."));
        return false;
    case Written::Refused:
        return refuse(whyRefused(m_state, written.refusal));
    }
    return false;
}

QString EntrySession::deletionWords() const
{
    if (!m_state.record.row) {
        return {};
    }
    const Result<Deletion> deletion =
        deletionOf(m_state.connection, m_state.catalogue, m_state.source, m_state.record.row->key);
    if (!deletion) {
        return tr("What belongs to it could not be read, so this cannot be taken back.");
    }
    return deletionInWords(*deletion);
}

bool EntrySession::removeRecord()
{
    const Table *table = m_state.table();
    if (!m_state.canDelete() || !table || !leaveChildren()) {
        return false;
    }
    const RefusalContext context = refusalContext(m_state);
    const QString words = recordWords();
    const Row removed = *m_state.record.row;
    // What goes along is read in the same transaction, so that nothing comes in between.
    Transaction transaction(m_state.connection);
    if (!transaction.hasBegun()) {
        return refuse({{0, m_state.connection.explain(transaction.error()).sentence}});
    }
    const Result<Deletion> deletion = deletionOf(m_state.connection, m_state.catalogue, m_state.source, removed.key);
    const Written written = deleteRow(m_state.connection, m_state.source, removed, context);
    if (written.kind == Written::Done && !transaction.commit()) {
        return refuse({{0, whyItStays(m_state.connection, m_state.catalogue, m_state.source, removed.key)}});
    }
    if (!take(written)) {
        return false;
    }
    m_lastStep.reset();
    if (deletion && deletion->isComplete && !deletion->rows.isEmpty()) {
        m_lastStep = LastStep{LastStep::Deleted, {}, {}, words, *deletion};
    }
    const std::optional<qint64> at = position();
    MaybeRow neighbour = rowAfter(m_state.connection, m_state.source, removed.key);
    m_place.setPosition(at);
    if (neighbour && !*neighbour) {
        neighbour = rowBefore(m_state.connection, m_state.source, removed.key);
        m_place.setPosition(at && *at > 0 ? std::optional(*at - 1) : std::nullopt);
    }
    clearRecord();
    m_state.record.row = neighbour ? *neighbour : std::nullopt;
    m_window.remove(removed.key);
    if (!m_state.record.row && m_state.canAdd()) {
        m_state.record.beforeNew.reset();
        beginNewRecord(); // nothing is left: what is typed begins the first record again
    }
    Q_EMIT rowsChanged(0);
    refreshTotals();
    startMapping(false);
    Q_EMIT said(tr("Deleted “%1”.").arg(words));
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
}

// Whether what was let go belongs to the record in hand.
bool EntrySession::canBringTypedBack() const
{
    return m_letGo && !m_state.isChanged() &&
           (!m_state.record.isNew || (!m_state.record.beforeNew && m_letGo->wasNew)) &&
           (m_letGo->wasNew || (m_state.record.row && m_state.record.row->key == m_letGo->key));
}

bool EntrySession::canTakeBack() const
{
    return m_state.isChanged() || (m_state.record.isNew && m_state.record.beforeNew) || canBringTypedBack() ||
           m_lastStep.has_value() || (m_rowSession && m_rowSession->canTakeBack());
}

bool EntrySession::putBack(const Control &control)
{
    bool hadAny = false;
    for (const QString &column : columnsWritten(control)) {
        hadAny = m_state.record.typed.remove(column) > 0 || hadAny;
    }
    if (!hadAny) {
        return false;
    }
    QList<FieldMessage> messages = m_state.messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
    return true;
}

QString EntrySession::takeBackWords() const
{
    if (m_state.isChanged() || (m_state.record.isNew && m_state.record.beforeNew)) {
        return tr("Put this record back as it is stored");
    }
    if (canBringTypedBack()) {
        return tr("Bring back what was typed");
    }
    if (!m_lastStep) {
        return m_rowSession ? m_rowSession->takeBackWords() : tr("There is nothing to take back");
    }
    return takeBackInWords(*m_lastStep);
}

bool EntrySession::takeBack()
{
    // What was typed or done last may have been so on the form of one row.
    const bool isDoneThere = m_rowSession && !m_state.isChanged() &&
                             (m_rowSession->state().isChanged() || (!m_state.record.isNew && !canBringTypedBack() &&
                                                                    !m_lastStep && m_rowSession->canTakeBack()));
    if (isDoneThere) {
        return m_rowSession->takeBack();
    }
    if (m_state.isChanged() || (m_state.record.isNew && m_state.record.beforeNew)) {
        const bool wasNew = m_state.record.isNew;
        const std::optional<Row> back = m_state.record.isNew ? m_state.record.beforeNew : m_state.record.row;
        m_letGo.reset();
        if (m_state.isChanged()) {
            m_letGo =
                LetGo{m_state.record.typed, wasNew, m_state.record.row && !wasNew ? m_state.record.row->key : RowKey()};
        }
        clearRecord();
        if (back) {
            const MaybeRow now = rowWithKey(m_state.connection, m_state.source, back->key);
            m_state.record.row = now ? *now : back;
        }
        if (!m_state.record.row && m_state.canAdd() && m_counting == Counting::InBackground) {
            beginNewRecord(); // there is no other
        }
        Q_EMIT said(wasNew ? tr("The new record was let go.") : tr("The record is as it is stored."));
        recordHasChanged();
        Q_EMIT pendingChanged();
        Q_EMIT positionChanged();
        return true;
    }
    if (canBringTypedBack()) {
        const LetGo typed = *m_letGo;
        m_letGo.reset();
        if (typed.wasNew && !m_state.record.isNew) {
            m_state.record.beforeNew = m_state.record.row;
            beginNewRecord();
        }
        m_state.record.typed = typed.typed;
        m_values.lookedUp().forgetRows();
        Q_EMIT said(tr("What was typed is back."));
        recordHasChanged();
        Q_EMIT pendingChanged();
        Q_EMIT positionChanged();
        return true;
    }
    const Table *table = m_state.table();
    if (!m_lastStep || !table || !leaveChildren()) {
        return false;
    }
    const LastStep step = *m_lastStep;
    const Written written = writtenBack(m_state, step);
    if (!take(written)) {
        m_question = Question::None; // the step stays to be taken back; the record in hand is untouched
        return false;
    }
    m_lastStep.reset();
    clearRecord();
    m_state.record.row = written.row;
    m_window.clear();
    refreshTotals();
    if (step.kind == LastStep::Added) {
        m_place.setLast();
    } else {
        m_place.setPosition(std::nullopt);
    }
    startMapping(step.kind != LastStep::Added);
    Q_EMIT said(step.kind == LastStep::Deleted ? tr("“%1” is back.").arg(step.words)
                                               : tr("Taken back: “%1”.").arg(step.words));
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
}

bool EntrySession::keepMine()
{
    const Question question = m_question;
    m_question = Question::None;
    if (question == Question::ChangedMeanwhile && m_theirs) {
        m_state.record.row = m_theirs;
        m_theirs.reset();
        setMessages({});
        return save();
    }
    if (question == Question::DeletedMeanwhile && m_state.record.row) {
        // Everything that stood in the record becomes a new one.
        const ColumnValues values = m_state.valuesOf(*m_state.record.row);
        for (auto it = values.begin(); it != values.end(); ++it) {
            const Control *control = m_state.controlFor(it.key());
            if (!m_state.record.typed.contains(it.key()) && control && !it.value().isNull()) {
                m_state.record.typed.insert(it.key(), TypedValue{it.value(), QString(), QString()});
            }
        }
        m_state.record.isNew = true;
        m_state.record.beforeNew.reset();
        return save();
    }
    return false;
}

void EntrySession::takeTheirs()
{
    const Question question = m_question;
    const std::optional<Row> theirs = m_theirs;
    const std::optional<Row> mine = m_state.record.row;
    if (question == Question::ChangedMeanwhile) {
        clearRecord();
        m_state.record.row = theirs;
    } else if (question == Question::DeletedMeanwhile && mine) {
        MaybeRow neighbour = rowAfter(m_state.connection, m_state.source, mine->key);
        if (neighbour && !*neighbour) {
            neighbour = rowBefore(m_state.connection, m_state.source, mine->key);
        }
        clearRecord();
        m_state.record.row = neighbour ? *neighbour : std::nullopt;
        m_place.setPosition(std::nullopt);
        startMapping(true);
    }
    recordHasChanged();
    Q_EMIT pendingChanged();
}

} // namespace nabblet
