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
    m_formulas.reset();
    m_listLines.clear();
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
    if (m_rowSession && (form.rowPanel == RowPanel::None || !form.rowForm)) {
        m_rowSession.release()->deleteLater();
    } else if (m_rowSession && !(m_rowSession->m_form == *form.rowForm.get())) {
        (void)m_rowSession->setForm(*form.rowForm.get());
    }
    m_form = form;
    m_listLines.clear();
    if (!m_isStarted || hasOtherRows) {
        return start(m_counting);
    }
    const Result<RecordSource> source = ownSource();
    if (!source) {
        return source.error();
    }
    if (source->columns == before.columns) {
        refreshTotals();
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
    if (isJumpList(control)) {
        return m_isStarted && m_hasParentRecord && jumpLookup(control).has_value();
    }
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
        if (const auto start = m_startValues.constFind(column); start != m_startValues.constEnd()) {
            return *start;
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
    if (const QString formula = formulaOf(control); !formula.isEmpty()) {
        const Result<QVariant> value = workedOut(formula, valueOfColumn);
        Shown shown = shownFor(control, value ? *value : QVariant(), m_locale);
        if (!value) {
            shown.words = QStringLiteral("?");
            shown.isMissing = false;
        }
        return shown;
    }
    const QVariant stored = valueOfColumn(control.column);
    QString words;
    const std::optional<Lookup> lookup = lookupOf(control);
    if (lookup) {
        QVariantList values;
        for (const QString &column : lookup->columns) {
            values.append(valueOfColumn(column));
        }
        words = rowWords(*lookup, values);
    }
    Shown shown = shownFor(control, stored, m_locale, words);
    if (lookup && kindNamed(control.kind).editor == Editor::List) {
        shown.lines = listLinesOf(control);
    }
    return shown;
}

QStringList EntrySession::listLinesOf(const Control &control) const
{
    const std::optional<Lookup> lookup = lookupOf(control);
    QString key = QString::number(control.id);
    for (const QString &column : lookup ? lookup->filterBy : QStringList()) {
        key += u'\n' + value(column).toString();
    }
    auto known = m_listLines.constFind(key);
    if (known == m_listLines.constEnd()) {
        QStringList lines;
        for (const LookupRow &row : choicesOf(control, QString(), MostListed)) {
            lines.append(row.words);
        }
        known = m_listLines.insert(key, lines);
    }
    return *known;
}

Shown EntrySession::shownIn(const Control &control, const Row &row) const
{
    if (!showsValue(control)) {
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
    if (isJumpList(control)) {
        return jumpShown(control);
    }
    if (totalOf(control)) {
        return shownFor(control, m_totals.value(control.id), m_locale);
    }
    if (!showsValue(control)) {
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
    if (!isEditable(control) || isJumpList(control)) {
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
    if (isJumpList(control)) {
        if (!values.isEmpty()) {
            (void)goToKey(values);
        }
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

} // namespace nabblet
