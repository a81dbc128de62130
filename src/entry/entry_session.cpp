#include "entry/entry_session.h"

#include "core/catalogue/create_statement.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/select_source.h"

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
    const Result<Catalogue> catalogue = withSelects(m_connection, m_catalogue, m_form);
    if (!catalogue) {
        return catalogue.error();
    }
    m_catalogue = *catalogue;
    const Result<RecordSource> source = ownSource();
    if (!source) {
        return source.error();
    }
    const Result<RecordSource> ready = readable(m_connection, *source, rowsWanted());
    if (!ready) {
        return ready.error();
    }
    m_source = *ready;
    for (auto &[id, child] : m_children) {
        child.release()->deleteLater(); // views let go of it when they next show the form
    }
    m_children.clear();
    m_count.reset();
    m_isStarted = true;
    m_position = 0;
    m_fromEnd.reset();
    clearRecord();
    return readFromStart();
}

Outcome EntrySession::readFromStart()
{
    m_position = 0;
    m_fromEnd.reset();
    m_window.clear();
    if (m_hasParentRecord && !m_form.permissions.see) {
        return add() ? Outcome(Done{})
                     : Outcome(Error{tr("People may neither see nor add records with this form."), {}});
    }
    if (!m_hasParentRecord) {
        m_row.reset();
    } else if (isTabular(m_form)) {
        const Outcome read = m_window.readFirst(m_connection, m_source);
        if (!read) {
            return read.error();
        }
        m_row = m_window.rows().isEmpty() ? std::nullopt : std::optional(m_window.rows().first());
    } else {
        const MaybeRow first = firstRow(m_connection, m_source);
        if (!first) {
            return first.error();
        }
        m_row = *first;
    }
    if (!m_row) {
        m_position.reset();
    }
    startMapping(false);
    refreshTotals();
    Q_EMIT rowsChanged(0);
    recordHasChanged();
    Q_EMIT positionChanged();
    return Done{};
}

// A preview shows the first rows; of a view or SELECT it copies no more than a screen may hold.
std::optional<int> EntrySession::rowsWanted() const
{
    constexpr int RowsOfAPreview = 300;
    return m_counting == Counting::No ? std::optional(RowsOfAPreview) : std::nullopt;
}

Result<RecordSource> EntrySession::ownSource() const
{
    const Result<RecordSource> source = recordSourceOf(m_form, m_catalogue);
    return source ? Result<RecordSource>(linkedTo(*source, m_linkColumns, m_linkValues)) : source;
}

// Every column of the table that rows are written to, by the key of this session's rows: of a SELECT, more than it
// shows.
RecordSource EntrySession::wholeSource() const
{
    const Table *table = findTable(m_catalogue, m_form.rowSource);
    const Table *written = table && table->kind == TableKind::Select ? findTable(m_catalogue, table->writesTo) : table;
    if (!written) {
        return m_source;
    }
    RecordSource whole = recordSourceOf(*written);
    if (written != table) {
        whole.keyColumns = written->primaryKey;
        whole.keyIsRowNumber = false;
    }
    return whole;
}

// What every change of the record in hand brings with it: the rows around it, and those that belong to it.
void EntrySession::recordHasChanged()
{
    syncWindow();
    for (const auto &[id, child] : m_children) {
        if (const Control *control = m_form.controls.find(id)) {
            linkChild(*control, *child);
        }
    }
    Q_EMIT recordChanged();
}

void EntrySession::syncWindow()
{
    if (!isTabular(m_form) || !m_row || m_isNew) {
        return;
    }
    if (m_window.indexOf(m_row->key) >= 0) {
        m_window.replace(*m_row);
    } else {
        (void)m_window.readAround(m_connection, m_source, *m_row, position());
        Q_EMIT rowsChanged(0);
    }
}

int EntrySession::windowIndex() const
{
    return m_row && !m_isNew ? m_window.indexOf(m_row->key) : -1;
}

bool EntrySession::goToRow(int windowIndex)
{
    if (windowIndex < 0 || windowIndex >= m_window.rows().size()) {
        return false;
    }
    const Row wanted = m_window.rows().at(windowIndex);
    const bool isHere = m_row && !m_isNew && m_row->key == wanted.key;
    if (isHere) {
        return true;
    }
    if (!leave()) {
        return false;
    }
    const MaybeRow row = rowWithKey(m_connection, m_source, wanted.key);
    const bool isThere = show(row, tr("Someone else deleted this record meanwhile."));
    const int index = m_window.indexOf(wanted.key);
    if (!isThere) {
        m_window.remove(wanted.key);
        Q_EMIT rowsChanged(0);
        recordHasChanged();
        return false;
    }
    const std::optional<qint64> first = m_window.firstNumber(m_count);
    m_position = first && index >= 0 ? std::optional(*first + index) : std::nullopt;
    m_fromEnd.reset();
    Q_EMIT positionChanged();
    return true;
}

void EntrySession::readMoreAfter()
{
    if (const Result<int> moved = m_window.readMoreAfter(m_connection, m_source)) {
        Q_EMIT rowsChanged(*moved);
    }
}

void EntrySession::readMoreBefore()
{
    if (const Result<int> moved = m_window.readMoreBefore(m_connection, m_source)) {
        Q_EMIT rowsChanged(*moved);
    }
}

void EntrySession::readRowsAt(qint64 number)
{
    if (!m_map) {
        return;
    }
    const MaybeRow row = rowAt(m_connection, m_source, *m_map, std::clamp<qint64>(number, 0, m_map->count - 1));
    if (row && *row) {
        (void)m_window.readAround(m_connection, m_source, **row, number);
        Q_EMIT rowsChanged(0);
    }
}

// ---------------------------------------------------------------- rows that belong to the record

EntrySession *EntrySession::childOf(const Control &control)
{
    if (!control.inner) {
        return nullptr;
    }
    const auto known = m_children.find(control.id);
    if (known != m_children.end()) {
        return known->second.get();
    }
    auto child = std::make_unique<EntrySession>(m_connection, m_catalogue, *control.inner.get());
    child->m_parent = this;
    child->m_locale = m_locale;
    child->m_linkColumns = childLinkOf(control).childColumns;
    child->m_counting = m_counting;
    EntrySession *made = child.get();
    m_children.emplace(control.id, std::move(child));
    connect(made, &EntrySession::said, this, &EntrySession::said);
    connect(made, &EntrySession::pendingChanged, this, &EntrySession::pendingChanged);
    linkChild(control, *made);
    return made;
}

void EntrySession::linkChild(const Control &control, EntrySession &child) const
{
    const ChildLink link = childLinkOf(control);
    QVariantList values;
    bool isWhole = m_row && !m_isNew && !link.parentColumns.isEmpty();
    for (const QString &column : link.parentColumns) {
        values.append(m_row ? valueOf(m_source, *m_row, column) : QVariant());
        isWhole = isWhole && !values.last().isNull();
    }
    child.linkTo(link.childColumns, values, isWhole);
}

void EntrySession::linkTo(const QStringList &columns, const QVariantList &values, bool hasParent)
{
    const bool isSame =
        m_isStarted && columns == m_linkColumns && values == m_linkValues && hasParent == m_hasParentRecord;
    if (isSame) {
        return;
    }
    m_linkColumns = columns;
    m_linkValues = values;
    m_hasParentRecord = hasParent;
    m_lastStep.reset(); // belongs to the rows of another record
    m_letGo.reset();
    if (!m_isStarted) {
        const Outcome started = start(m_counting);
        if (!started) {
            setMessages({{0, started.error().sentence}});
        }
        return;
    }
    m_source = linkedTo(m_source, columns, values);
    m_count.reset();
    m_lookupWords.clear();
    m_followedValues.clear();
    clearRecord();
    const Outcome read = readFromStart();
    if (!read) {
        setMessages({{0, read.error().sentence}});
    }
}

bool EntrySession::hasUnsaved() const
{
    return isChanged() || std::any_of(m_children.begin(), m_children.end(),
                                      [](const auto &child) { return child.second->hasUnsaved(); });
}

ColumnValues EntrySession::fixedChoiceValues(const Lookup &lookup) const
{
    ColumnValues fixed;
    for (qsizetype i = 0; i < lookup.columns.size(); ++i) {
        const qsizetype link = m_linkColumns.indexOf(lookup.columns.at(i));
        if (link >= 0 && lookup.columns.size() > 1) {
            fixed.insert(lookup.valueColumns.at(i), m_linkValues.value(link));
        }
    }
    return fixed;
}

// ---------------------------------------------------------------- totals

// Totals of rows that are all at hand are worked out at once, others beside the interface.
void EntrySession::refreshTotals()
{
    m_totalling.giveUp();
    QList<QPair<ControlId, Total>> wanted;
    for (const Control &control : m_form.controls) {
        if (const std::optional<Total> total = totalOf(control)) {
            wanted.append({control.id, *total});
        }
    }
    if (wanted.isEmpty()) {
        return;
    }
    if (!m_hasParentRecord) {
        m_totals.clear();
        return;
    }
    if (m_window.isWhole() || m_counting == Counting::No) {
        for (const auto &[id, total] : std::as_const(wanted)) {
            const Result<QVariant> value = totalOfRows(m_connection, m_source, total);
            m_totals.insert(id, value ? *value : QVariant());
        }
        return;
    }
    const Result<RecordSource> source = ownSource();
    if (!source) {
        return;
    }
    m_totalling.start(m_connection.address(), [this, source = *source, wanted](const Connection &connection,
                                                                               const std::atomic<bool> &isCancelled,
                                                                               const BackgroundWork::Report &report) {
        const Result<RecordSource> ready = readable(connection, source);
        for (const auto &[id, total] : wanted) {
            if (!ready || isCancelled) {
                return;
            }
            const Result<QVariant> value = totalOfRows(connection, *ready, total);
            report([this, control = id, worked = value ? *value : QVariant()] {
                m_totals.insert(control, worked);
                Q_EMIT totalsChanged();
            });
        }
    });
}

Outcome EntrySession::setForm(const Form &form)
{
    const RecordSource before = m_source;
    const bool hasOtherRows =
        form.rowSource != m_form.rowSource || form.select != m_form.select || isTabular(form) != isTabular(m_form);
    // The rows of a subform that shows another form go on with it; those of one that is gone stay while something typed
    // in them is not saved, since the subform may come back by undo.
    for (auto child = m_children.begin(); child != m_children.end();) {
        const Control *is = form.controls.find(child->first);
        const bool stays = is && is->inner;
        if (stays && !(child->second->m_form == *is->inner.get())) {
            (void)child->second->setForm(*is->inner.get());
        }
        const bool isKept = stays || child->second->hasUnsaved();
        if (!isKept) {
            child->second.release()->deleteLater(); // views let go of it when they next show the form
        }
        child = isKept ? std::next(child) : m_children.erase(child);
    }
    m_form = form;
    if (!m_isStarted || hasOtherRows) {
        return start(m_counting);
    }
    const Result<RecordSource> source = ownSource();
    if (!source) {
        return source.error();
    }
    if (source->columns == before.columns) {
        return Done{};
    }
    const Result<RecordSource> ready = readable(m_connection, *source, rowsWanted());
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
    m_window.clear();
    m_lookupWords.clear();
    m_followedValues.clear();
    refreshTotals();
    recordHasChanged();
    return Done{};
}

bool EntrySession::canAdd() const
{
    return m_isStarted && m_hasParentRecord && m_source.isWritable && m_form.permissions.add &&
           !m_connection.isReadOnly();
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
           m_source.columns.contains(control.column) && !m_source.readOnly.contains(control.column) &&
           takesValue(kindNamed(control.kind));
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
        if (const qsizetype link = m_linkColumns.indexOf(column); link >= 0) {
            return m_linkValues.value(link);
        }
        const Table *table = findTable(m_catalogue, m_form.rowSource);
        const Column *own = table ? findColumn(*table, column) : nullptr;
        return own && own->hasDefault ? literalValue(own->defaultExpression) : QVariant();
    }
    return m_row ? valueOf(m_source, *m_row, column) : QVariant();
}

// The words of the row that a lookup points to. Kept while the record in hand stays, in a tabular form while its rows
// do.
QString EntrySession::rowWords(const Lookup &lookup, const QVariantList &values) const
{
    QString key = lookup.table + u'\n' + lookup.wordsColumns.join(u'\t');
    for (const QVariant &value : values) {
        if (value.isNull()) {
            return {};
        }
        key += u'\n' + value.toString();
    }
    auto known = m_lookupWords.constFind(key);
    if (known == m_lookupWords.constEnd()) {
        const Result<QString> found = lookupWords(m_connection, lookup, values);
        known = m_lookupWords.insert(key, found ? *found : QString());
    }
    return *known;
}

Shown EntrySession::shownOf(const Control &control, const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    if (const std::optional<Followed> followed = followedBy(control)) {
        QVariantList values;
        QString key = followed->table + u'\n' + followed->column;
        bool isWhole = true;
        for (const QString &column : followed->columns) {
            values.append(valueOfColumn(column));
            isWhole = isWhole && !values.last().isNull();
            key += u'\n' + values.last().toString();
        }
        auto known = m_followedValues.constFind(key);
        if (isWhole && known == m_followedValues.constEnd()) {
            const Result<QVariant> found = followedValue(m_connection, *followed, values);
            known = m_followedValues.insert(key, found ? *found : QVariant());
        }
        return shownFor(control, isWhole ? *known : QVariant(), m_locale);
    }
    const QVariant stored = valueOfColumn(control.column);
    QString words;
    if (const std::optional<Lookup> lookup = lookupOf(control)) {
        QVariantList values;
        for (const QString &column : lookup->columns) {
            values.append(valueOfColumn(column));
        }
        words = rowWords(*lookup, values);
    }
    return shownFor(control, stored, m_locale, words);
}

Shown EntrySession::shownIn(const Control &control, const Row &row) const
{
    if (!takesValue(kindNamed(control.kind))) {
        return shownFor(control, QVariant(), m_locale);
    }
    Shown shown = shownOf(control, [&](const QString &column) { return valueOf(m_source, row, column); });
    const bool isLockedHere = isLocked(control) || !m_source.isWritable || m_connection.isReadOnly() ||
                              !m_form.permissions.change || m_source.readOnly.contains(control.column);
    if (isLockedHere) {
        shown.state = BoxState::Locked;
    }
    return shown;
}

Shown EntrySession::shown(const Control &control) const
{
    const Kind &kind = kindNamed(control.kind);
    if (totalOf(control)) {
        return shownFor(control, m_totals.value(control.id), m_locale);
    }
    if (!takesValue(kind)) {
        return shownFor(control, QVariant(), m_locale);
    }
    Shown shown = shownOf(control, [&](const QString &column) { return value(column); });
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

void EntrySession::choose(const Control &control, const QVariant &value)
{
    chooseRow(control, {value});
}

void EntrySession::chooseRow(const Control &control, const QVariantList &values)
{
    if (!isEditable(control)) {
        return;
    }
    const std::optional<Lookup> lookup = lookupOf(control);
    const QStringList columns = lookup ? lookup->columns : QStringList{control.column};
    for (qsizetype i = 0; i < columns.size(); ++i) {
        const QVariant chosen = values.value(i);
        const QVariant stored = unchangedValue(columns.at(i));
        const bool isSame = stored.isNull() == chosen.isNull() && stored.toByteArray() == chosen.toByteArray();
        if (isSame || m_linkColumns.contains(columns.at(i))) {
            m_pending.remove(columns.at(i));
        } else {
            m_pending.insert(columns.at(i), Pending{chosen, QString(), QString()});
        }
    }
    m_lookupWords.clear(); // read anew: the row chosen may have been changed meanwhile
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
    const Control *writer = nullptr;
    for (const Control &control : m_form.controls) {
        if (!column.isEmpty() && control.column == column) {
            return &control;
        }
        if (!writer && columnsWritten(control).contains(column)) {
            writer = &control;
        }
    }
    return writer;
}

QStringList EntrySession::changedCaptions() const
{
    QStringList captions;
    for (const Control &control : m_form.controls) {
        const QStringList written = columnsWritten(control);
        const bool isTyped = std::any_of(written.begin(), written.end(),
                                         [&](const QString &column) { return m_pending.contains(column); });
        if (isTyped && !captions.contains(captionFor(control.column))) {
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
    if (!isTabular(m_form)) {
        m_lookupWords.clear();
        m_followedValues.clear();
    }
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
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
}

// Saves what was typed in the rows of the subforms before another record takes their place.
bool EntrySession::leaveChildren()
{
    return std::all_of(m_children.begin(), m_children.end(), [](const auto &child) { return child.second->leave(); });
}

bool EntrySession::leave()
{
    if (!leaveChildren()) {
        return false;
    }
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
        recordHasChanged();
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
        return m_row ? (recordHasChanged(), Q_EMIT positionChanged(), true) : false;
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

bool EntrySession::goToKey(const QVariantList &key)
{
    if (!m_isStarted || key.size() != m_source.keyColumns.size() || !leave()) {
        return false;
    }
    const bool isThere = show(rowWithKey(m_connection, m_source, key), tr("There is no such record."));
    if (isThere) {
        m_position.reset();
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
    recordHasChanged();
    Q_EMIT positionChanged();
    return true;
}

bool EntrySession::save()
{
    if (!saveOwn()) {
        return false;
    }
    return std::all_of(m_children.begin(), m_children.end(), [](const auto &child) { return child.second->save(); });
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
    return isChanged() || m_isNew || canBringTypedBack() || m_lastStep.has_value();
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
        if (!m_source.readOnly.contains(m_source.columns.at(i))) {
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
            m_isNew = true;
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
    if (!m_hasParentRecord) {
        m_count.reset();
        return;
    }
    syncWindow();
    if (m_window.isWhole() && isTabular(m_form)) {
        // All rows are at hand; there is nothing to count.
        m_count = m_window.rows().size();
        const int index = windowIndex();
        m_position = index >= 0 ? std::optional<qint64>(index) : std::nullopt;
        m_map =
            RowMap{*m_count, m_window.rows().isEmpty() ? QList<RowKey>() : QList<RowKey>{m_window.rows().first().key}};
        return;
    }
    const Result<RecordSource> source = ownSource();
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
