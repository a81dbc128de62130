// Saving, deleting, taking back, and what becomes of changes that others made meanwhile.
#include "core/kinds/settings/child_link.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "entry/session/entry_session.h"

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
    Transaction transaction(m_connection);
    if (!transaction.hasBegun()) {
        return refuse({{0, m_connection.explain(transaction.error()).sentence}});
    }
    bool isSaved = writeAll(savings);
    if (isSaved && !transaction.commit()) {
        const Table *table = findTable(m_catalogue, m_form.rowsFrom);
        const RefusalContext context{m_catalogue, table ? *table : Table(),
                                     [this](const QString &column) { return captionFor(column); }};
        const Refusal refusal = m_connection.dialect().explainRefusal(transaction.error(), context);
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
    if (!isChanged()) {
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
    if (isChanged()) {
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
        const Control *control = m_form.controls.find(id);
        const ChildLink link = control ? childLinkOf(*control) : ChildLink();
        if (!child->m_hasParentRecord || link.parentColumns.isEmpty() || !child->hasUnsaved()) {
            continue;
        }
        QVariantList values;
        for (const QString &column : link.parentColumns) {
            values.append(valueOf(m_source, row, column));
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
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    if (!table) {
        return refuse({{0, tr("The table “%1” is gone, so nothing can be saved there. What you typed is kept.")
                               .arg(titleFromTable(m_form.rowsFrom))}});
    }
    QList<FieldMessage> mistakes;
    ColumnValues changes;
    for (auto pending = m_pending.constBegin(); pending != m_pending.constEnd(); ++pending) {
        const Control *control = controlFor(pending.key());
        if (!findColumn(*table, pending.key())) {
            mistakes.append(
                {control ? control->id : 0,
                 tr("The column “%1” is gone from the table; what is typed here cannot be saved").arg(pending.key())});
        } else if (!pending->mistake.isEmpty()) {
            mistakes.append({control ? control->id : 0, control
                                                            ? pending->mistake
                                                            : tr("%1: %2", "a caption and what is wrong there")
                                                                  .arg(captionFor(pending.key()), pending->mistake)});
        }
        changes.insert(pending.key(), pending->value);
    }
    for (auto start = m_startValues.constBegin(); m_isNew && start != m_startValues.constEnd(); ++start) {
        if (!changes.contains(start.key())) {
            changes.insert(start.key(), start.value());
        }
    }
    // What is required and blank would be refused anyway; all such boxes are named at once.
    for (const Column &column : table->columns) {
        const Control *control = m_linkColumns.contains(column.name) ? nullptr : controlFor(column.name);
        const bool isBlank = m_isNew ? !changes.contains(column.name) || changes.value(column.name).isNull()
                                     : changes.contains(column.name) && changes.value(column.name).isNull();
        const bool isFilledByDatabase = column.numbersItself || column.isGenerated ||
                                        (m_isNew && column.hasDefault && !changes.contains(column.name));
        const bool isMistaken = control && std::any_of(mistakes.begin(), mistakes.end(),
                                                       [&](const FieldMessage &m) { return m.control == control->id; });
        if (control && column.isRequired && isBlank && !isFilledByDatabase && !isMistaken) {
            mistakes.append({control->id, tr("%1 is needed").arg(captionFor(column.name))});
        }
    }
    if (!mistakes.isEmpty()) {
        return refuse(mistakes);
    }
    const RefusalContext context{m_catalogue, *table, [this](const QString &column) { return captionFor(column); }};
    Saving saving;
    saving.session = this;
    saving.wasNew = m_isNew;
    saving.before = m_row.value_or(Row());
    saving.captions = changedCaptions();
    saving.written = m_isNew ? insertRow(m_connection, m_source, changes, context)
                             : updateRow(m_connection, m_source, saving.before, changes, context);
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
    m_row = saving.written.row;
    const QString words = recordWords();
    if (saving.wasNew || (m_row && m_row->key != saving.before.key)) {
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
        m_lastStep = LastStep{LastStep::Added, {}, *m_row, words, {}};
        Q_EMIT said(tr("Added “%1”.").arg(words) + outside);
        m_position.reset();
        m_fromEnd.reset();
        startMapping(true);
    } else {
        m_lastStep = LastStep{LastStep::Changed, saving.before, *m_row, words, {}};
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
        Q_EMIT refused();
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
        return refuse(messages);
    }
    }
    return false;
}

// What goes along when the record in hand is deleted, in words: "3 rows of “Part fitted”".
static QStringList alongInWords(const Deletion &deletion, LinkRule rule)
{
    QStringList words;
    for (const RowsAlong &each : deletion.along) {
        if (each.rule == rule) {
            words.append(
                counted(each.count, EntrySession::tr("1 row of “%1”").arg(titleFromTable(each.table)),
                        EntrySession::tr("%2 rows of “%1”").arg(titleFromTable(each.table), QStringLiteral("%1"))));
        }
    }
    return words;
}

QString EntrySession::deletionWords() const
{
    if (!m_row) {
        return {};
    }
    const Result<Deletion> deletion = deletionOf(m_connection, m_catalogue, m_source, m_row->key);
    if (!deletion) {
        return tr("What belongs to it could not be read, so this cannot be taken back.");
    }
    QStringList sentences;
    const QString between = tr(", ");
    if (const QStringList gone = alongInWords(*deletion, LinkRule::Deletes); !gone.isEmpty()) {
        sentences.append(tr("With it go %1.").arg(gone.join(between)));
    }
    if (const QStringList loose = alongInWords(*deletion, LinkRule::LetsGo); !loose.isEmpty()) {
        sentences.append(tr("These stay and do not point to it any more: %1.").arg(loose.join(between)));
    }
    if (deletion->hasTriggers) {
        sentences.append(tr("The database does something of its own on deleting, which cannot be taken back."));
    }
    sentences.append(deletion->isComplete
                         ? (sentences.isEmpty()
                                ? tr("It can be brought back with Take back until the next record is saved "
                                     "or deleted.")
                                : tr("All of it can be brought back with Take back until the next record "
                                     "is saved or deleted."))
                         : tr("So many rows cannot be brought back."));
    return sentences.join(u' ');
}

bool EntrySession::removeRecord()
{
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    if (!canDelete() || !table || !leaveChildren()) {
        return false;
    }
    const RefusalContext context{m_catalogue, *table, [this](const QString &column) { return captionFor(column); }};
    const QString words = recordWords();
    const Row removed = *m_row;
    // What goes along is read in the same transaction, so that nothing comes in between.
    Transaction transaction(m_connection);
    if (!transaction.hasBegun()) {
        return refuse({{0, m_connection.explain(transaction.error()).sentence}});
    }
    const Result<Deletion> deletion = deletionOf(m_connection, m_catalogue, m_source, removed.key);
    const Written written = deleteRow(m_connection, m_source, removed, context);
    if (written.kind == Written::Done && !transaction.commit()) {
        return refuse({{0, whyItStays(m_connection, m_catalogue, m_source, removed.key)}});
    }
    if (!take(written)) {
        return false;
    }
    m_lastStep.reset();
    if (deletion && deletion->isComplete && !deletion->rows.isEmpty()) {
        m_lastStep = LastStep{LastStep::Deleted, {}, {}, words, *deletion};
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
    if (!m_row && canAdd()) {
        m_rowBeforeNew.reset();
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
    return m_letGo && !isChanged() && (!m_isNew || (!m_rowBeforeNew && m_letGo->wasNew)) &&
           (m_letGo->wasNew || (m_row && m_row->key == m_letGo->key));
}

bool EntrySession::canTakeBack() const
{
    return isChanged() || (m_isNew && m_rowBeforeNew) || canBringTypedBack() || m_lastStep.has_value() ||
           (m_rowSession && m_rowSession->canTakeBack());
}

bool EntrySession::putBack(const Control &control)
{
    bool hadAny = false;
    for (const QString &column : columnsWritten(control)) {
        hadAny = m_pending.remove(column) > 0 || hadAny;
    }
    if (!hadAny) {
        return false;
    }
    QList<FieldMessage> messages = m_messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
    return true;
}

QString EntrySession::takeBackWords() const
{
    if (isChanged() || (m_isNew && m_rowBeforeNew)) {
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
    if (isChanged() || (m_isNew && m_rowBeforeNew)) {
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
        if (!m_row && canAdd() && m_counting == Counting::InBackground) {
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
        if (typed.wasNew && !m_isNew) {
            m_rowBeforeNew = m_row;
            beginNewRecord();
        }
        m_pending = typed.pending;
        m_lookedUp->forgetRows();
        Q_EMIT said(tr("What was typed is back."));
        recordHasChanged();
        Q_EMIT pendingChanged();
        Q_EMIT positionChanged();
        return true;
    }
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    if (!m_lastStep || !table || !leaveChildren()) {
        return false;
    }
    const RefusalContext context{m_catalogue, *table, [this](const QString &column) { return captionFor(column); }};
    const LastStep step = *m_lastStep;
    Written written;
    if (step.kind == LastStep::Deleted) {
        written = bringBack(m_connection, m_catalogue, step.deletion, context);
        if (written.kind == Written::Done) {
            // By the key of this form's rows, which may be another than the table's own.
            const RecordSource plain = asWritten(m_source);
            const Table *whole = findTable(m_catalogue, m_source.table);
            RowKey key;
            for (const QString &column : plain.keyColumns) {
                key.append(plain.keyIsRowNumber || !whole ? written.row->key.value(key.size())
                                                          : valueOf(recordSourceOf(*whole), *written.row, column));
            }
            const MaybeRow again = rowWithKey(m_connection, m_source, key);
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
