#include "entry/session/saving.h"

#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/dialect/transaction.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"
#include "entry/session/side_effects.h"
#include "entry/state/record_writing.h"

#include <algorithm>

namespace nabblet {

namespace {

// A sentence with its full stop, whether it brought one or not.
QString asSentence(const QString &words)
{
    const bool isEnded = words.endsWith(u'.') || words.endsWith(u'?') || words.endsWith(u'!') || words.endsWith(u'…');
    return isEnded ? words : words + u'.';
}

// The record that comes in hand when one goes away.
struct Neighbour
{
    std::optional<Row> row;
    bool isBefore = false;
};

Neighbour neighbourOf(const EntryState &state, const Row &row)
{
    const RowPlace place = placeOf(state.source, row);
    const MaybeRow after = rowAfter(state.connection, state.source, place);
    if (!after || *after) {
        return {after ? *after : std::nullopt};
    }
    const MaybeRow before = rowBefore(state.connection, state.source, place);
    return {before ? *before : std::nullopt, true};
}

} // namespace

bool Saving::save()
{
    if (!m_parts.session.hasUnsaved()) {
        return true;
    }
    // Rows are saved with the record that they belong to, so that both are stored or neither.
    EntrySession *changed = nullptr;
    for (EntrySession *above = m_parts.session.parentSession(); above; above = above->parentSession()) {
        changed = above->state().isChanged() ? above : changed;
    }
    if (changed) {
        return changed->saving().save();
    }
    // What was undone since others wrote the same is tried again: it is saved then, or one sees what they wrote.
    constexpr int Tries = 4;
    for (int i = 1; i < Tries; ++i) {
        if (saveOnce()) {
            return true;
        }
        if (!wasContended()) {
            return false;
        }
    }
    return saveOnce();
}

bool Saving::wasContended() const
{
    EntrySession *row = m_parts.row.made();
    const QList<EntrySession *> children = m_parts.children.all();
    return m_isContended || (row && row->saving().wasContended()) ||
           std::any_of(children.begin(), children.end(),
                       [](EntrySession *child) { return child->saving().wasContended(); });
}

bool Saving::saveOnce()
{
    m_isContended = false;
    QList<Saved> saved;
    const Connection &connection = m_parts.state.connection;
    SideEffects along(m_parts.session);
    Transaction transaction(connection, Transaction::Writes::ByOthers);
    if (!transaction.hasBegun()) {
        return refuse({{0, connection.explain(transaction.error()).sentence}});
    }
    bool isSaved = writeAll(saved);
    if (isSaved && !transaction.commit()) {
        const QSqlError why = transaction.error();
        const bool isLost = why.type() == QSqlError::ConnectionError;
        const std::optional<bool> kept = isLost ? wasKept(saved) : std::optional(false);
        m_isContended = connection.dialect().isContended(why);
        isSaved = kept.value_or(false);
        const Refusal refusal =
            kept ? connection.dialect().explainRefusal(why, refusalContext(m_parts.state)) : neverKnown(why).refusal;
        if (!isSaved) {
            refuse({{0, refusal.sentence.isEmpty() ? Texts::tr("A value points to a record that does not exist")
                                                   : refusal.sentence}});
        }
    }
    if (!isSaved) {
        // Nothing was written, so the rows of subforms belong to the record as it was.
        for (const Saved &each : std::as_const(saved)) {
            each.saving->m_parts.children.linkUnsavedTo(each.before);
        }
        return false;
    }
    for (const Saved &each : std::as_const(saved)) {
        each.saving->takeSaved(each);
    }
    along.show(saved.size());
    Q_EMIT m_parts.session.pendingChanged();
    return true;
}

std::optional<bool> Saving::wasKept(const QList<Saved> &saved)
{
    // All of it was kept, or nothing: the first row tells, but for somebody else who changed it at that very moment.
    for (const Saved &each : saved) {
        const EntryState &state = each.saving->m_parts.state;
        if (!each.written.row) {
            continue;
        }
        const MaybeRow stored = rowOnceItAnswers(state.connection, state.source, each.written.row->key);
        if (!stored) {
            return std::nullopt;
        }
        if (!*stored || (!each.wasNew && (*stored)->values == each.before.values)) {
            return false;
        }
        if (each.wasNew || (*stored)->values == each.written.row->values) {
            return true;
        }
    }
    return std::nullopt;
}

bool Saving::saveOwn()
{
    if (!m_parts.state.isChanged()) {
        return true;
    }
    QList<Saved> saved;
    SideEffects along(m_parts.session);
    if (!writeOwn(saved)) {
        return false;
    }
    for (const Saved &each : std::as_const(saved)) {
        takeSaved(each);
    }
    along.show(saved.size());
    Q_EMIT m_parts.session.pendingChanged();
    return true;
}

// Writes this record and then what belongs to it; whatever was written stands in saved.
bool Saving::writeAll(QList<Saved> &saved)
{
    if (m_parts.state.isChanged()) {
        if (!writeOwn(saved)) {
            return false;
        }
        m_parts.children.linkUnsavedTo(saved.last().written.row.value_or(Row()));
    }
    if (EntrySession *row = m_parts.row.made(); row && !row->saving().writeAll(saved)) {
        return false;
    }
    const QList<EntrySession *> children = m_parts.children.all();
    return std::all_of(children.begin(), children.end(),
                       [&](EntrySession *child) { return child->saving().writeAll(saved); });
}

// Says what is in the way of saving, beside the boxes.
bool Saving::refuse(const QList<FieldMessage> &messages)
{
    const bool isOne = messages.size() == 1;
    m_parts.changes.setMessages(messages);
    Q_EMIT m_parts.session.said(
        isOne ? Texts::tr("Not saved: %1").arg(asSentence(messages.first().sentence))
              : Texts::tr("%1 boxes need mending before this record can be saved.").arg(messages.size()));
    Q_EMIT m_parts.session.refused();
    return false;
}

bool Saving::refuseToDelete(const QString &sentence)
{
    m_parts.changes.setRecordMessage(sentence);
    Q_EMIT m_parts.session.said(Texts::tr("Not deleted: %1").arg(asSentence(sentence)));
    Q_EMIT m_parts.session.refused();
    return false;
}

bool Saving::writeOwn(QList<Saved> &saved)
{
    const EntryState &state = m_parts.state;
    const Table *table = state.table();
    if (!table) {
        return refuse({{0, Texts::tr("The table “%1” is gone, so nothing can be saved there. What you typed is kept.")
                               .arg(titleFromTable(state.form.rowsFrom))}});
    }
    ToWrite toWrite = whatToWrite(state, *table);
    for (const FieldMessage &wrong : m_parts.workingOut.whatIsWrong()) {
        const bool isSaid =
            wrong.control != 0 && std::any_of(toWrite.mistakes.begin(), toWrite.mistakes.end(),
                                              [&](const FieldMessage &said) { return said.control == wrong.control; });
        if (!isSaid) {
            toWrite.mistakes.append(wrong);
        }
    }
    if (!toWrite.mistakes.isEmpty()) {
        return refuse(toWrite.mistakes);
    }
    if (!isAgreed()) {
        return false;
    }
    const QStringList emptied = m_parts.workingOut.emptied();
    for (const QString &column : emptied) {
        toWrite.changes.insert(column, QVariant());
    }
    const RefusalContext context = refusalContext(state);
    Saved each;
    each.saving = this;
    each.wasNew = state.record.isNew;
    each.before = state.record.row.value_or(Row());
    each.captions = state.changedCaptions();
    each.written = each.wasNew ? insertRow(state.connection, state.source, toWrite.changes, context)
                               : updateRow(state.connection, state.source, each.before, toWrite.changes, context);
    m_isContended = each.written.isContended;
    if (!take(each.written)) {
        return false;
    }
    saved.append(each);
    return true;
}

// What was written is saved for good: the record is as it is stored now.
void Saving::takeSaved(const Saved &saved)
{
    const EntryState &state = m_parts.state;
    m_parts.inHand.take(saved.written.row);
    m_parts.workingOut.rememberSaved();
    m_parts.takingBack.forgetLetGo();
    const QString words = m_parts.values.recordWords();
    const bool standsElsewhere =
        saved.wasNew || (state.record.row && state.place() != placeOf(state.source, saved.before));
    if (standsElsewhere) {
        m_parts.rows.forget();
    }
    m_parts.reckoning.refreshTotals();
    if (EntrySession *row = m_parts.row.made()) {
        row->takingBack().forgetStep();
    }
    // Shown until it is left; then it is not there any more.
    const QString outside =
        saved.written.isOutside ? u' ' + Texts::tr("It does not belong to the rows of this form any more.") : QString();
    const Row stored = state.record.row.value_or(Row());
    if (saved.wasNew) {
        m_parts.takingBack.remember({LastStep::Added, {}, stored, words, {}, state.source});
        Q_EMIT m_parts.session.said(Texts::tr("Added “%1”.").arg(words) + outside);
    } else {
        m_parts.takingBack.remember({LastStep::Changed, saved.before, stored, words, {}, state.source});
        Q_EMIT m_parts.session.said(Texts::tr("Saved “%1”: %2.").arg(words, saved.captions.join(QStringLiteral(", "))) +
                                    outside);
    }
    if (standsElsewhere) {
        m_parts.place.setPosition(std::nullopt);
        m_parts.reckoning.count(true);
    }
    m_parts.inHand.hasChanged();
    if (saved.written.isOutside) {
        m_parts.changes.setMessages(
            {{0, Texts::tr("Saved. It does not belong to the rows of this form any more, and goes when you leave it."),
              true}});
    }
    Q_EMIT m_parts.session.positionChanged();
}

bool Saving::take(const Written &written)
{
    const EntryState &state = m_parts.state;
    RecordInHand record = state.record;
    switch (written.kind) {
    case Written::Done:
        return true;
    case Written::Conflict:
        record.question = Question::ChangedMeanwhile;
        record.theirs = written.row;
        m_parts.changes.setRecord(record);
        m_parts.changes.setMessages(whatDiffers(state, *written.row));
        Q_EMIT m_parts.session.said(Texts::tr("Someone else changed this record meanwhile. Nothing was overwritten."));
        Q_EMIT m_parts.session.refused();
        return false;
    case Written::Gone:
        record.question = Question::DeletedMeanwhile;
        m_parts.changes.setRecord(record);
        m_parts.changes.setMessages({});
        Q_EMIT m_parts.session.said(Texts::tr("Someone else deleted this record meanwhile. What you typed is kept."));
        return false;
    case Written::Refused:
        return refuse(whyRefused(state, written.refusal));
    }
    return false;
}

QString Saving::deletionWords() const
{
    const EntryState &state = m_parts.state;
    if (!state.record.row) {
        return {};
    }
    const Result<Deletion> deletion =
        deletionOf(state.connection, state.catalogue, state.source, state.record.row->key);
    if (!deletion) {
        return Texts::tr("What belongs to it could not be read, so this cannot be taken back.");
    }
    return deletionInWords(*deletion);
}

bool Saving::remove()
{
    const EntryState &state = m_parts.state;
    const std::optional<RowKey> asked = state.key();
    const bool isLeft = state.canDelete() && state.table() && m_parts.row.leave() && m_parts.children.leave();
    if (!isLeft) {
        return false;
    }
    // Its rows were saved, and what was typed in it with them: it may have left these rows by that, or be gone.
    if (!state.canDelete() || state.key() != asked) {
        return refuseToDelete(Texts::tr("what was typed was saved first, and the record is no longer in hand. Find it, "
                                        "and delete it then."));
    }
    const RefusalContext context = refusalContext(state);
    const QString words = m_parts.values.recordWords();
    const Row removed = *state.record.row;
    SideEffects along(m_parts.session);
    // What goes along is read in the same transaction, so that nothing comes in between.
    Transaction transaction(state.connection);
    if (!transaction.hasBegun()) {
        return refuseToDelete(state.connection.explain(transaction.error()).sentence);
    }
    const Result<Deletion> deletion = deletionOf(state.connection, state.catalogue, state.source, removed.key);
    const Written written = deleteRow(state.connection, state.source, removed, context);
    if (written.kind == Written::Done && !transaction.commit()) {
        return refuseToDelete(whyItStays(state.connection, state.catalogue, state.source, removed.key));
    }
    if (written.kind == Written::Refused) {
        return refuseToDelete(whyRefused(state, written.refusal).first().sentence);
    }
    if (!take(written)) {
        return false;
    }
    m_parts.takingBack.forgetStep();
    if (deletion && deletion->isComplete && !deletion->rows.isEmpty()) {
        m_parts.takingBack.remember({LastStep::Deleted, {}, {}, words, *deletion, state.source});
    }
    const std::optional<qint64> at = m_parts.session.position();
    const Neighbour neighbour = neighbourOf(state, removed);
    m_parts.place.setPosition(!neighbour.isBefore ? at : at && *at > 0 ? std::optional(*at - 1) : std::nullopt);
    m_parts.inHand.take(neighbour.row);
    m_parts.rows.remove(removed.key);
    if (!state.record.row && state.canAdd()) {
        m_parts.inHand.beginNew({}); // nothing is left: what is typed begins the first record again
    }
    m_parts.reckoning.refreshTotals();
    m_parts.reckoning.count(false);
    Q_EMIT m_parts.session.said(Texts::tr("Deleted “%1”.").arg(words));
    m_parts.inHand.hasChanged();
    Q_EMIT m_parts.session.deleted();
    along.show(1);
    Q_EMIT m_parts.session.positionChanged();
    return true;
}

// Asks what has to be known before the record is written; true when there is nothing to ask.
bool Saving::isAgreed()
{
    RecordInHand record = m_parts.state.record;
    record.asked = m_parts.workingOut.whatIsAsked();
    const QStringList hidden = m_parts.workingOut.hiddenAskedAbout();
    if (record.asked.isEmpty() && hidden.isEmpty()) {
        return true;
    }
    QString sentence;
    if (!record.asked.isEmpty()) {
        record.question = Question::IsItSo;
        sentence = record.asked.first().sentence;
    } else {
        record.question = Question::HiddenValues;
        sentence =
            counted(hidden.size(), Texts::tr("%1 is not shown, and holds a value.").arg(hidden.first()),
                    Texts::tr("These are not shown, and hold values: %1.").arg(hidden.join(QStringLiteral(", "))));
    }
    m_parts.changes.setRecord(record);
    QList<FieldMessage> messages = m_parts.workingOut.askedBeside();
    messages.append({0, sentence});
    m_parts.changes.setMessages(messages);
    Q_EMIT m_parts.session.said(Texts::tr("Not saved yet: %1").arg(asSentence(sentence)));
    Q_EMIT m_parts.session.refused();
    return false;
}

bool Saving::answer(Answer answer)
{
    RecordInHand record = m_parts.state.record;
    const Question question = record.question;
    record.question = Question::None;
    for (const Asked &asked : std::as_const(record.asked)) {
        if (question == Question::IsItSo && answer == Answer::Yes) {
            record.agreed.append(asked.about);
        }
    }
    record.asked.clear();
    if (question == Question::HiddenValues && answer != Answer::GoBack) {
        record.emptiesHidden = answer == Answer::Emptied;
    }
    m_parts.changes.setRecord(record);
    m_parts.changes.setMessages({});
    return answer != Answer::GoBack && save();
}

bool Saving::keepMine()
{
    const EntryState &state = m_parts.state;
    RecordInHand record = state.record;
    const Question question = record.question;
    record.question = Question::None;
    if (question == Question::ChangedMeanwhile && record.theirs) {
        record.row = record.theirs;
        record.theirs.reset();
        m_parts.changes.setRecord(record);
        m_parts.changes.setMessages({});
        return save();
    }
    if (question == Question::DeletedMeanwhile && record.row) {
        // Everything that stood in the record becomes a new one.
        const ColumnValues values = state.valuesOf(*record.row);
        for (auto it = values.begin(); it != values.end(); ++it) {
            const bool isShown = state.controlFor(it.key()) && !it.value().isNull();
            if (isShown && !record.typed.contains(it.key())) {
                record.typed.insert(it.key(), TypedValue{it.value(), QString(), QString()});
            }
        }
        record.isNew = true;
        record.beforeNew.reset();
        m_parts.changes.setRecord(record);
        return save();
    }
    m_parts.changes.setRecord(record);
    return false;
}

bool Saving::settle(const QHash<QString, TypedValue> &mine)
{
    RecordInHand record = m_parts.state.record;
    if (record.question != Question::ChangedMeanwhile || !record.theirs) {
        return false;
    }
    record.question = Question::None;
    record.row = record.theirs;
    record.theirs.reset();
    record.typed = mine;
    m_parts.changes.setRecord(record);
    m_parts.changes.setMessages({});
    m_parts.inHand.hasChanged();
    Q_EMIT m_parts.session.pendingChanged();
    return mine.isEmpty() || save();
}

void Saving::takeTheirs()
{
    const RecordInHand record = m_parts.state.record;
    if (record.question == Question::ChangedMeanwhile) {
        m_parts.inHand.take(record.theirs);
    } else if (record.question == Question::DeletedMeanwhile && record.row) {
        m_parts.inHand.take(neighbourOf(m_parts.state, *record.row).row);
        m_parts.place.setPosition(std::nullopt);
        m_parts.reckoning.count(true);
    }
    m_parts.inHand.hasChanged();
    Q_EMIT m_parts.session.pendingChanged();
}

} // namespace nabblet
