// Saving, deleting, taking back, and what becomes of changes that others made meanwhile.
#include "core/text/tr.h"
#include "entry/entry_session.h"

#include <algorithm>

namespace nabblet {

bool EntrySession::save()
{
    if (!saveOwn()) {
        return false;
    }
    const bool isRowSaved = !m_rowSession || m_rowSession->save();
    return isRowSaved &&
           std::all_of(m_children.begin(), m_children.end(), [](const auto &child) { return child.second->save(); });
}

bool EntrySession::saveOwn()
{
    if (!isChanged()) {
        return true;
    }
    QList<FieldMessage> mistakes;
    ColumnValues changes;
    for (const Control &control : m_form.controls) {
        for (const QString &column : columnsWritten(control)) {
            const auto pending = m_pending.constFind(column);
            if (pending == m_pending.constEnd()) {
                continue;
            }
            if (!pending->mistake.isEmpty() && column == control.column) {
                mistakes.append({control.id, pending->mistake});
            }
            changes.insert(column, pending->value);
        }
    }
    for (auto start = m_startValues.constBegin(); m_isNew && start != m_startValues.constEnd(); ++start) {
        if (!changes.contains(start.key())) {
            changes.insert(start.key(), start.value());
        }
    }
    // What is required and blank would be refused anyway; all such boxes are named at once.
    if (const Table *table = findTable(m_catalogue, m_form.rowSource)) {
        for (const Column &column : table->columns) {
            const Control *control = m_linkColumns.contains(column.name) ? nullptr : controlFor(column.name);
            const bool isBlank = m_isNew ? !changes.contains(column.name) || changes.value(column.name).isNull()
                                         : changes.contains(column.name) && changes.value(column.name).isNull();
            const bool isFilledByDatabase = column.numbersItself || column.isGenerated ||
                                            (m_isNew && column.hasDefault && !changes.contains(column.name));
            const bool isMistaken =
                control && std::any_of(mistakes.begin(), mistakes.end(),
                                       [&](const FieldMessage &m) { return m.control == control->id; });
            if (control && column.isRequired && isBlank && !isFilledByDatabase && !isMistaken) {
                mistakes.append({control->id, tr("%1 is needed").arg(captionFor(column.name))});
            }
        }
    }
    if (!mistakes.isEmpty()) {
        setMessages(mistakes);
        Q_EMIT said(counted(mistakes.size(), tr("One box needs mending before this record can be saved."),
                            tr("%1 boxes need mending before this record can be saved.")));
        return false;
    }
    const Table *table = findTable(m_catalogue, m_form.rowSource);
    if (!table) {
        return false;
    }
    const RefusalContext context{m_catalogue, *table, [this](const QString &column) { return captionFor(column); }};
    const bool wasNew = m_isNew;
    const Row before = m_row.value_or(Row());
    const QStringList captions = changedCaptions();
    const Written written = m_isNew ? insertRow(m_connection, m_source, changes, context)
                                    : updateRow(m_connection, m_source, before, changes, context);
    if (!take(written)) {
        return false;
    }
    clearRecord();
    m_letGo.reset();
    m_row = written.row;
    const QString words = recordWords();
    if (wasNew || (m_row && m_row->key != before.key)) {
        m_window.clear(); // it stands elsewhere now
    }
    refreshTotals();
    if (m_rowSession) {
        m_rowSession->m_lastStep.reset();
    }
    if (wasNew) {
        m_lastStep = LastStep{LastStep::Added, {}, *m_row, words};
        Q_EMIT said(tr("Added “%1”.").arg(words));
        m_position.reset();
        m_fromEnd.reset();
        startMapping(true);
    } else {
        m_lastStep = LastStep{LastStep::Changed, before, *m_row, words};
        Q_EMIT said(tr("Saved “%1”: %2.").arg(words, captions.join(QStringLiteral(", "))));
    }
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
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
        QList<FieldMessage> messages;
        for (const Control &control : m_form.controls) {
            if (control.column.isEmpty() || !m_row) {
                continue;
            }
            const QVariant theirs = valueOf(m_source, *written.row, control.column);
            if (theirs != valueOf(m_source, *m_row, control.column)) {
                const Kind &kind = kindNamed(control.kind);
                const QString words = theirs.isNull()                ? tr("nothing")
                                      : kind.editor == Editor::Image ? tr("another picture")
                                                                     : kind.words(control, theirs, m_locale);
                messages.append({control.id, tr("Stored meanwhile: %1").arg(words)});
            }
        }
        setMessages(messages);
        Q_EMIT said(tr("Someone else changed this record meanwhile. Nothing was overwritten."));
        return false;
    }
    case Written::Gone:
        m_question = Question::DeletedMeanwhile;
        setMessages({});
        Q_EMIT said(tr("Someone else deleted this record meanwhile. What you typed is kept."));
        return false;
    case Written::Refused: {
        QList<FieldMessage> messages;
        for (const QString &column : written.refusal.columns) {
            if (const Control *control = controlFor(column)) {
                messages.append({control->id, written.refusal.sentence});
                break; // one sentence once
            }
        }
        if (messages.isEmpty()) {
            messages.append({0, written.refusal.sentence});
        }
        setMessages(messages);
        Q_EMIT said(tr("Not saved: %1.").arg(written.refusal.sentence));
        return false;
    }
    }
    return false;
}

bool EntrySession::removeRecord()
{
    const Table *table = findTable(m_catalogue, m_form.rowSource);
    if (!canDelete() || !table || !leaveChildren()) {
        return false;
    }
    // Read whole, so that taking back can store every column again.
    const RecordSource whole = wholeSource();
    const MaybeRow all = rowWithKey(m_connection, whole, m_row->key);
    const RefusalContext context{m_catalogue, *table, [this](const QString &column) { return captionFor(column); }};
    const QString words = recordWords();
    const Row removed = *m_row;
    if (!take(deleteRow(m_connection, m_source, removed, context))) {
        return false;
    }
    m_lastStep.reset();
    if (all && *all) {
        m_lastStep = LastStep{LastStep::Deleted, **all, {}, words};
    }
    const std::optional<qint64> at = position();
    MaybeRow neighbour = rowAfter(m_connection, m_source, removed.key);
    m_position = at;
    m_fromEnd.reset();
    if (neighbour && !*neighbour) {
        neighbour = rowBefore(m_connection, m_source, removed.key);
        m_position = at && *at > 0 ? std::optional(*at - 1) : std::nullopt;
    }
    clearRecord();
    m_row = neighbour ? *neighbour : std::nullopt;
    m_window.remove(removed.key);
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
    return m_letGo && !isChanged() && !m_isNew && (m_letGo->wasNew || (m_row && m_row->key == m_letGo->key));
}

bool EntrySession::canTakeBack() const
{
    return isChanged() || m_isNew || canBringTypedBack() || m_lastStep.has_value() ||
           (m_rowSession && m_rowSession->canTakeBack());
}

void EntrySession::putBack(const Control &control)
{
    bool hadAny = false;
    for (const QString &column : columnsWritten(control)) {
        hadAny = m_pending.remove(column) > 0 || hadAny;
    }
    if (!hadAny) {
        return;
    }
    QList<FieldMessage> messages = m_messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
}

QString EntrySession::takeBackWords() const
{
    if (isChanged() || m_isNew) {
        return tr("Put this record back as it is stored");
    }
    if (canBringTypedBack()) {
        return tr("Bring back what was typed");
    }
    if (!m_lastStep) {
        return m_rowSession ? m_rowSession->takeBackWords() : tr("There is nothing to take back");
    }
    switch (m_lastStep->kind) {
    case LastStep::Changed:
        return tr("Take back the change of “%1”").arg(m_lastStep->words);
    case LastStep::Added:
        return tr("Take back adding “%1”").arg(m_lastStep->words);
    case LastStep::Deleted:
        return tr("Bring “%1” back").arg(m_lastStep->words);
    }
    return {};
}

ColumnValues EntrySession::valuesOf(const Row &row) const
{
    ColumnValues values;
    for (int i = 0; i < m_source.columns.size() && i < row.values.size(); ++i) {
        if (!m_source.readOnly.contains(m_source.columns.at(i))) {
            values.insert(m_source.columns.at(i), row.values.at(i));
        }
    }
    return values;
}

bool EntrySession::takeBack()
{
    // What was typed or done last may have been so on the form of one row.
    const bool isDoneThere =
        m_rowSession && !isChanged() &&
        (m_rowSession->isChanged() || (!m_isNew && !canBringTypedBack() && !m_lastStep && m_rowSession->canTakeBack()));
    if (isDoneThere) {
        return m_rowSession->takeBack();
    }
    if (isChanged() || m_isNew) {
        const bool wasNew = m_isNew;
        const std::optional<Row> back = m_isNew ? m_rowBeforeNew : m_row;
        m_letGo.reset();
        if (isChanged()) {
            m_letGo = LetGo{m_pending, wasNew, m_row && !wasNew ? m_row->key : RowKey()};
        }
        clearRecord();
        if (back) {
            const MaybeRow now = rowWithKey(m_connection, m_source, back->key);
            m_row = now ? *now : back;
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
        if (typed.wasNew) {
            m_rowBeforeNew = m_row;
            beginNewRecord();
        }
        m_pending = typed.pending;
        m_lookupWords.clear();
        Q_EMIT said(tr("What was typed is back."));
        recordHasChanged();
        Q_EMIT pendingChanged();
        Q_EMIT positionChanged();
        return true;
    }
    const Table *table = findTable(m_catalogue, m_form.rowSource);
    if (!m_lastStep || !table || !leaveChildren()) {
        return false;
    }
    const RefusalContext context{m_catalogue, *table, [this](const QString &column) { return captionFor(column); }};
    const LastStep step = *m_lastStep;
    Written written;
    if (step.kind == LastStep::Deleted) {
        const RecordSource whole = wholeSource();
        ColumnValues values;
        for (int i = 0; i < whole.columns.size(); ++i) {
            if (!whole.readOnly.contains(whole.columns.at(i))) {
                values.insert(whole.columns.at(i), step.before.values.at(i));
            }
        }
        written = insertRow(m_connection, whole, values, context);
        if (written.kind == Written::Done) {
            const MaybeRow again = rowWithKey(m_connection, m_source, written.row->key);
            written.row = again ? *again : std::nullopt;
        }
    } else if (step.kind == LastStep::Added) {
        written = deleteRow(m_connection, m_source, step.after, context);
        if (written.kind == Written::Done) {
            const MaybeRow there = lastRow(m_connection, m_source);
            written.row = there ? *there : std::nullopt;
        }
    } else {
        ColumnValues back;
        const ColumnValues before = valuesOf(step.before);
        const ColumnValues after = valuesOf(step.after);
        for (auto it = before.begin(); it != before.end(); ++it) {
            if (it.value() != after.value(it.key())) {
                back.insert(it.key(), it.value());
            }
        }
        written = updateRow(m_connection, m_source, step.after, back, context);
    }
    if (!take(written)) {
        m_question = Question::None; // the step stays to be taken back; the record in hand is untouched
        return false;
    }
    m_lastStep.reset();
    clearRecord();
    m_row = written.row;
    m_window.clear();
    refreshTotals();
    if (step.kind == LastStep::Added) {
        m_position.reset();
        m_fromEnd = 0;
    } else {
        m_position.reset();
        m_fromEnd.reset();
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
        m_row = m_theirs;
        m_theirs.reset();
        setMessages({});
        return save();
    }
    if (question == Question::DeletedMeanwhile && m_row) {
        // Everything that stood in the record becomes a new one.
        const ColumnValues values = valuesOf(*m_row);
        for (auto it = values.begin(); it != values.end(); ++it) {
            const Control *control = controlFor(it.key());
            if (!m_pending.contains(it.key()) && control && !it.value().isNull()) {
                m_pending.insert(it.key(), Pending{it.value(), QString(), QString()});
            }
        }
        m_isNew = true;
        m_rowBeforeNew.reset();
        return save();
    }
    return false;
}

void EntrySession::takeTheirs()
{
    const Question question = m_question;
    const std::optional<Row> theirs = m_theirs;
    const std::optional<Row> mine = m_row;
    if (question == Question::ChangedMeanwhile) {
        clearRecord();
        m_row = theirs;
    } else if (question == Question::DeletedMeanwhile && mine) {
        MaybeRow neighbour = rowAfter(m_connection, m_source, mine->key);
        if (neighbour && !*neighbour) {
            neighbour = rowBefore(m_connection, m_source, mine->key);
        }
        clearRecord();
        m_row = neighbour ? *neighbour : std::nullopt;
        m_position.reset();
        startMapping(true);
    }
    recordHasChanged();
    Q_EMIT pendingChanged();
}

} // namespace nabblet
