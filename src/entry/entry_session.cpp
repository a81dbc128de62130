#include "entry/entry_session.h"

#include "core/catalogue/create_statement.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

EntrySession::EntrySession(Connection connection, Catalogue catalogue, Form form, QObject *parent)
    : QObject(parent), m_connection(std::move(connection)), m_catalogue(std::move(catalogue)), m_form(std::move(form))
{
}

EntrySession::~EntrySession() = default;

Outcome EntrySession::start(Counting counting)
{
    m_counting = counting;
    const Result<RecordSource> source = recordSourceOf(m_form, m_catalogue);
    if (!source) {
        return source.error();
    }
    const Result<RecordSource> ready = readable(m_connection, *source);
    if (!ready) {
        return ready.error();
    }
    m_source = *ready;
    m_isStarted = true;
    m_position = 0;
    m_fromEnd.reset();
    clearRecord();
    if (!m_form.permissions.see) {
        return add() ? Outcome(Done{})
                     : Outcome(Error{tr("People may neither see nor add records with this form."), {}});
    }
    const MaybeRow first = firstRow(m_connection, m_source);
    if (!first) {
        return first.error();
    }
    m_row = *first;
    if (!m_row) {
        m_position.reset();
    }
    startMapping(false);
    Q_EMIT recordChanged();
    Q_EMIT positionChanged();
    return Done{};
}

Outcome EntrySession::setForm(const Form &form)
{
    const RecordSource before = m_source;
    const bool hasOtherRows = form.rowSource != m_form.rowSource;
    m_form = form;
    if (!m_isStarted || hasOtherRows) {
        return start(m_counting);
    }
    const Result<RecordSource> source = recordSourceOf(form, m_catalogue);
    if (!source) {
        return source.error();
    }
    if (source->columns == before.columns) {
        return Done{};
    }
    const Result<RecordSource> ready = readable(m_connection, *source);
    if (!ready) {
        return ready.error();
    }
    m_source = *ready;
    if (m_row) {
        const MaybeRow again = rowWithKey(m_connection, m_source, m_row->key);
        if (!again) {
            return again.error();
        }
        m_row = *again;
    }
    m_lookupWords.clear();
    Q_EMIT recordChanged();
    return Done{};
}

bool EntrySession::canAdd() const
{
    return m_isStarted && m_source.isWritable && m_form.permissions.add && !m_connection.isReadOnly();
}

bool EntrySession::canChange() const
{
    return hasRecord() && m_source.isWritable && !m_connection.isReadOnly() && (m_isNew || m_form.permissions.change);
}

bool EntrySession::canDelete() const
{
    return m_row && !m_isNew && m_source.isWritable && m_form.permissions.remove && !m_connection.isReadOnly();
}

bool EntrySession::isEditable(const Control &control) const
{
    return canChange() && !control.column.isEmpty() && !isLocked(control) &&
           m_source.columns.contains(control.column) && !m_source.generated.contains(control.column) &&
           kindNamed(control.kind).editor != Editor::None;
}

QVariant EntrySession::value(const QString &column) const
{
    const auto pending = m_pending.constFind(column);
    if (pending != m_pending.constEnd()) {
        return pending->value;
    }
    return unchangedValue(column);
}

// What stands in a column when nothing was typed.
QVariant EntrySession::unchangedValue(const QString &column) const
{
    if (m_isNew) {
        const Table *table = findTable(m_catalogue, m_form.rowSource);
        const Column *own = table ? findColumn(*table, column) : nullptr;
        return own && own->hasDefault ? literalValue(own->defaultExpression) : QVariant();
    }
    return m_row ? valueOf(m_source, *m_row, column) : QVariant();
}

Shown EntrySession::shown(const Control &control) const
{
    const Kind &kind = kindNamed(control.kind);
    if (kind.editor == Editor::None) {
        return shownFor(control, QVariant(), m_locale);
    }
    const QVariant stored = value(control.column);
    QString words;
    const std::optional<Lookup> lookup = lookupOf(control);
    if (lookup && !stored.isNull()) {
        auto known = m_lookupWords.constFind(control.column);
        if (known == m_lookupWords.constEnd()) {
            const Result<QString> found = lookupWords(m_connection, *lookup, stored);
            known = m_lookupWords.insert(control.column, found ? *found : QString());
        }
        words = *known;
    }
    Shown shown = shownFor(control, stored, m_locale, words);
    const auto pending = m_pending.constFind(control.column);
    if (pending != m_pending.constEnd() && !pending->words.isEmpty()) {
        shown.words = pending->words;
        shown.isMissing = false;
    }
    if (hasRecord() && !isEditable(control)) {
        shown.state = BoxState::Locked;
    }
    const bool isRefused = std::any_of(m_messages.begin(), m_messages.end(),
                                       [&](const FieldMessage &message) { return message.control == control.id; });
    if (isRefused) {
        shown.state = BoxState::Refused;
    }
    return shown;
}

void EntrySession::type(const Control &control, const QString &words)
{
    if (!isEditable(control)) {
        return;
    }
    const QVariant stored = unchangedValue(control.column);
    const Kind &kind = kindNamed(control.kind);
    const bool isAsStored = stored.isNull() ? words.isEmpty() : words == kind.words(control, stored, m_locale);
    if (isAsStored) {
        m_pending.remove(control.column);
    } else {
        const Result<QVariant> read = kind.read(control, words, m_locale);
        m_pending.insert(control.column,
                         Pending{read ? *read : QVariant(), words, read ? QString() : read.error().sentence});
    }
    QList<FieldMessage> messages = m_messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
}

void EntrySession::choose(const Control &control, const QVariant &value, const QString &words)
{
    if (!isEditable(control)) {
        return;
    }
    const QVariant stored = unchangedValue(control.column);
    const bool isSame = stored.isNull() == value.isNull() && stored.toByteArray() == value.toByteArray();
    if (isSame) {
        m_pending.remove(control.column);
    } else {
        m_pending.insert(control.column, Pending{value, QString(), QString()});
    }
    m_lookupWords.remove(control.column);
    if (!words.isEmpty()) {
        m_lookupWords.insert(control.column, words);
    }
    QList<FieldMessage> messages = m_messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
}

QString EntrySession::captionFor(const QString &column) const
{
    const Control *control = controlFor(column);
    const Control *caption = control ? captionOf(m_form, control->id) : nullptr;
    if (caption && !caption->text.isEmpty()) {
        return caption->text.simplified();
    }
    return captionFromColumn(column, m_form.rowSource);
}

const Control *EntrySession::controlFor(const QString &column) const
{
    for (const Control &control : m_form.controls) {
        if (!column.isEmpty() && control.column == column) {
            return &control;
        }
    }
    return nullptr;
}

QStringList EntrySession::changedCaptions() const
{
    QStringList captions;
    for (const Control &control : m_form.controls) {
        if (m_pending.contains(control.column) && !captions.contains(captionFor(control.column))) {
            captions.append(captionFor(control.column));
        }
    }
    return captions;
}

QString EntrySession::recordWords() const
{
    const Table *table = findTable(m_catalogue, m_form.rowSource);
    const QString column = table ? namingColumn(*table) : QString();
    QVariant named = value(column);
    if (named.isNull()) {
        for (const Control &control : m_form.controls) {
            if (kindNamed(control.kind).editor == Editor::Line && !value(control.column).isNull()) {
                named = value(control.column);
                break;
            }
        }
    }
    return named.toString().simplified();
}

void EntrySession::setMessages(QList<FieldMessage> messages)
{
    m_messages = std::move(messages);
    Q_EMIT messagesChanged();
}

void EntrySession::clearRecord()
{
    m_row.reset();
    m_isNew = false;
    m_pending.clear();
    m_lookupWords.clear();
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
    Q_EMIT recordChanged();
    Q_EMIT positionChanged();
    return true;
}

bool EntrySession::leave()
{
    if (!isChanged()) {
        if (m_isNew) {
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
        Q_EMIT recordChanged();
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
        return m_row ? (Q_EMIT recordChanged(), Q_EMIT positionChanged(), true) : false;
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

bool EntrySession::add()
{
    if (!canAdd() || !leave()) {
        return false;
    }
    const std::optional<Row> before = m_row;
    clearRecord();
    m_rowBeforeNew = before;
    m_isNew = true;
    Q_EMIT recordChanged();
    Q_EMIT positionChanged();
    return true;
}

bool EntrySession::save()
{
    if (!isChanged()) {
        return true;
    }
    QList<FieldMessage> mistakes;
    ColumnValues changes;
    for (const Control &control : m_form.controls) {
        const auto pending = m_pending.constFind(control.column);
        if (pending == m_pending.constEnd()) {
            continue;
        }
        if (!pending->mistake.isEmpty()) {
            mistakes.append({control.id, pending->mistake});
        }
        changes.insert(control.column, pending->value);
    }
    // What is required and blank would be refused anyway; all such boxes are named at once.
    if (const Table *table = findTable(m_catalogue, m_form.rowSource)) {
        for (const Column &column : table->columns) {
            const Control *control = controlFor(column.name);
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
    Q_EMIT recordChanged();
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
    if (!canDelete() || !table) {
        return false;
    }
    // Read whole, so that taking back can store every column again.
    const RecordSource whole = recordSourceOf(*table);
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
    startMapping(false);
    Q_EMIT said(tr("Deleted “%1”.").arg(words));
    Q_EMIT recordChanged();
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
    return isChanged() || m_isNew || canBringTypedBack() || m_lastStep.has_value();
}

void EntrySession::putBack(const Control &control)
{
    if (m_pending.remove(control.column) == 0) {
        return;
    }
    m_lookupWords.remove(control.column);
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
        return tr("There is nothing to take back");
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
        if (!m_source.generated.contains(m_source.columns.at(i))) {
            values.insert(m_source.columns.at(i), row.values.at(i));
        }
    }
    return values;
}

bool EntrySession::takeBack()
{
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
        Q_EMIT recordChanged();
        Q_EMIT pendingChanged();
        Q_EMIT positionChanged();
        return true;
    }
    if (canBringTypedBack()) {
        const LetGo typed = *m_letGo;
        m_letGo.reset();
        if (typed.wasNew) {
            m_rowBeforeNew = m_row;
            m_isNew = true;
        }
        m_pending = typed.pending;
        m_lookupWords.clear();
        Q_EMIT said(tr("What was typed is back."));
        Q_EMIT recordChanged();
        Q_EMIT pendingChanged();
        Q_EMIT positionChanged();
        return true;
    }
    const Table *table = findTable(m_catalogue, m_form.rowSource);
    if (!m_lastStep || !table) {
        return false;
    }
    const RefusalContext context{m_catalogue, *table, [this](const QString &column) { return captionFor(column); }};
    const LastStep step = *m_lastStep;
    Written written;
    if (step.kind == LastStep::Deleted) {
        const RecordSource whole = recordSourceOf(*table);
        ColumnValues values;
        for (int i = 0; i < whole.columns.size(); ++i) {
            if (!whole.generated.contains(whole.columns.at(i))) {
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
    Q_EMIT recordChanged();
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
    Q_EMIT recordChanged();
    Q_EMIT pendingChanged();
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
    m_map.reset();
    const Result<RecordSource> source = recordSourceOf(m_form, m_catalogue);
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
                            });
                        }
                    });
}

} // namespace nabblet
