#include "entry/session/entry_session.h"

#include "core/arrange/rows.h"
#include "core/catalogue/column_limits.h"
#include "core/catalogue/create_statement.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/list_lines.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/settings/typing.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/records/select_source.h"

#include <algorithm>

namespace nabblet {

EntrySession::EntrySession(Connection connection, Catalogue catalogue, Form form, QObject *parent)
    : QObject(parent), m_connection(std::move(connection)), m_catalogue(std::move(catalogue)), m_form(std::move(form)),
      m_lookedUp(std::make_unique<LookedUp>(m_connection, [this] {
          QMetaObject::invokeMethod(
              this, [this] { readMissing(); }, Qt::QueuedConnection);
      }))
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
    m_lookedUp->setCatalogue(m_catalogue);
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
    m_count.reset();
    m_isStarted = true;
    m_position = 0;
    m_fromEnd.reset();
    clearRecord();
    const Outcome read = readFromStart();
    takeUpSetAside();
    return read;
}

// What a form's rows are called, so that those of another table or SELECT are told from them.
QString EntrySession::rowsNameOf(const Form &form)
{
    return form.rowsFrom + u'\n' + form.select;
}

// Keeps what was typed in the record in hand, before other rows take its place.
void EntrySession::putAside()
{
    if (isChanged()) {
        m_setAside.insert(rowsNameOf(m_form), TypedRecord{m_form.rowsFrom, m_row, m_rowBeforeNew, m_isNew, m_pending,
                                                          m_startValues, m_source.columns});
    }
}

// The rows in which something was typed and not saved are back.
void EntrySession::takeUpSetAside()
{
    const auto found = m_setAside.constFind(rowsNameOf(m_form));
    if (found == m_setAside.constEnd()) {
        return;
    }
    const TypedRecord typed = *found;
    m_setAside.erase(found);
    RecordSource before;
    before.columns = typed.columns;
    m_row = typed.row ? std::optional(remapped(*typed.row, before)) : std::nullopt;
    m_rowBeforeNew = typed.rowBeforeNew ? std::optional(remapped(*typed.rowBeforeNew, before)) : std::nullopt;
    m_isNew = typed.isNew;
    m_pending = typed.pending;
    m_startValues = typed.startValues;
    if (m_row && !m_isNew) {
        m_position.reset();
        m_fromEnd.reset();
        findPosition();
    }
    recordHasChanged();
    Q_EMIT pendingChanged();
    Q_EMIT positionChanged();
}

QStringList EntrySession::setAside() const
{
    QStringList tables;
    for (const TypedRecord &typed : m_setAside) {
        tables.append(titleFromTable(typed.table));
    }
    tables.sort();
    return tables;
}

// A row read with other columns, as this session has them: values that were read stay as they were read, so that a
// change by someone else is still noticed at saving; others are read now.
Row EntrySession::remapped(const Row &row, const RecordSource &before) const
{
    Row result;
    result.key = row.key;
    std::optional<Row> now;
    for (const QString &column : m_source.columns) {
        const qsizetype at = before.columns.indexOf(column);
        if (at < 0 && !now) {
            const MaybeRow read = rowWithKey(m_connection, m_source, row.key);
            now = read && *read ? **read : Row{row.key, QVariantList(m_source.columns.size())};
        }
        result.values.append(at >= 0 ? row.values.value(at) : valueOf(m_source, *now, column));
    }
    return result;
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
        // Nothing is there yet: what is typed begins the first record. Previews show that there is none.
        if (m_counting == Counting::InBackground && canAdd()) {
            m_rowBeforeNew.reset();
            beginNewRecord();
        }
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
    Result<RecordSource> source = recordSourceOf(m_form, m_catalogue);
    if (!source) {
        return source;
    }
    // What was typed into a box that is gone is saved all the same.
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    for (auto typed = m_pending.constBegin(); typed != m_pending.constEnd(); ++typed) {
        if (!source->columns.contains(typed.key()) && table && findColumn(*table, typed.key())) {
            source->columns.append(typed.key());
        }
    }
    return linkedTo(*source, m_linkColumns, m_linkValues);
}

Outcome EntrySession::setForm(const Form &form)
{
    const bool hasOtherRows = rowsNameOf(form) != rowsNameOf(m_form);
    const bool isShownOtherwise = isTabular(form) != isTabular(m_form);
    // The rows of a subform that shows another form go on with it; those of one that is gone stay while something typed
    // in them is not saved, since the subform may come back by undo.
    for (auto child = m_children.begin(); child != m_children.end();) {
        const Control *is = form.controls.find(child->first);
        const bool stays = is && is->inner;
        if (stays && !(child->second->m_form == *is->inner.get())) {
            const Outcome changed = child->second->setForm(*is->inner.get());
            if (!changed) {
                child->second->setMessages({{0, changed.error().sentence}});
            }
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
        const Outcome changed = m_rowSession->setForm(*form.rowForm.get());
        if (!changed) {
            m_rowSession->setMessages({{0, changed.error().sentence}});
        }
    }
    if (hasOtherRows) {
        putAside();
    }
    m_form = form;
    m_lookedUp->forgetChoices();
    if (!m_isStarted || hasOtherRows) {
        return form.rowsFrom.isEmpty() ? Outcome(Done{}) : start(m_counting);
    }
    const Outcome taken = takeColumns(isShownOtherwise);
    linkChildren(); // by their links as they are now
    return taken;
}

// The columns that the form needs now, of the same rows.
Outcome EntrySession::takeColumns(bool isShownOtherwise)
{
    const RecordSource before = m_source;
    const Result<RecordSource> source = ownSource();
    if (!source) {
        return source.error();
    }
    if (source->columns == before.columns && source->missing == before.missing && !isShownOtherwise) {
        refreshTotals();
        return Done{};
    }
    const Result<RecordSource> ready = readable(m_connection, *source, rowsWanted());
    if (!ready) {
        return ready.error();
    }
    m_source = *ready;
    if (m_row && isChanged()) {
        m_row = remapped(*m_row, before);
    } else if (m_row) {
        const MaybeRow again = rowWithKey(m_connection, m_source, m_row->key);
        if (!again) {
            return again.error();
        }
        m_row = *again;
    }
    if (m_rowBeforeNew) {
        m_rowBeforeNew = remapped(*m_rowBeforeNew, before);
    }
    m_window.clear();
    m_lookedUp->forgetRows();
    if (isShownOtherwise && isTabular(m_form) && (!m_row || m_isNew)) {
        const Outcome read = m_window.readFirst(m_connection, m_source);
        if (!read) {
            return read.error();
        }
    }
    refreshTotals();
    recordHasChanged();
    return Done{};
}

Outcome EntrySession::setCatalogue(const Catalogue &catalogue)
{
    m_catalogue = catalogue;
    m_formulas.reset();
    m_lookedUp->setCatalogue(m_catalogue);
    Outcome outcome = Done{};
    if (!m_form.rowsFrom.isEmpty()) {
        const Result<Catalogue> whole = withSelects(m_connection, m_catalogue, m_form);
        if (!whole) {
            outcome = whole.error();
        } else {
            m_catalogue = *whole;
            m_lookedUp->setCatalogue(m_catalogue);
            const bool isThere = findTable(m_catalogue, m_form.rowsFrom) != nullptr;
            outcome = !m_isStarted && isThere ? start(m_counting) : takeColumns(true);
        }
    }
    for (const auto &[id, child] : m_children) {
        const Outcome taken = child->setCatalogue(catalogue);
        outcome = outcome ? taken : outcome;
    }
    if (m_rowSession) {
        const Outcome taken = m_rowSession->setCatalogue(catalogue);
        outcome = outcome ? taken : outcome;
    }
    QList<FieldMessage> messages = m_messages;
    messages.removeIf([](const FieldMessage &message) { return message.control == 0; });
    if (!outcome) {
        messages.append({0, outcome.error().sentence});
    } else if (const QString gone = missingWords(); !gone.isEmpty()) {
        messages.append({0, gone});
    }
    setMessages(messages);
    return outcome;
}

// Which columns the form asks for and the table does not have; empty where it has them all.
QString EntrySession::missingWords() const
{
    const QStringList &missing = m_source.missing;
    if (missing.isEmpty()) {
        return {};
    }
    return counted(missing.size(),
                   tr("The table “%1” has no column “%2” any more; its box stays empty.")
                       .arg(titleFromTable(m_form.rowsFrom), missing.first()),
                   tr("The table “%1” has %2 columns less than the form asks for (%3); their boxes stay empty.")
                       .arg(titleFromTable(m_form.rowsFrom), QStringLiteral("%1"), missing.join(QStringLiteral(", "))));
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
        const Table *table = findTable(m_catalogue, m_form.rowsFrom);
        const Column *own = table ? findColumn(*table, column) : nullptr;
        return own && own->hasDefault ? literalValue(own->defaultExpression) : QVariant();
    }
    return m_row ? valueOf(m_source, *m_row, column) : QVariant();
}

Shown EntrySession::shownOf(const Control &control, const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    if (const std::optional<Followed> followed = followedBy(control)) {
        QVariantList values;
        for (const QString &column : followed->columns) {
            values.append(valueOfColumn(column));
        }
        return shownFor(control, m_lookedUp->value(*followed, values), m_locale);
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
        words = m_lookedUp->words(*lookup, values);
    }
    Shown shown = shownFor(control, stored, m_locale, words);
    if (kindNamed(control.kind).editor == Editor::List) {
        const QList<LookupRow> rows = listRowsOf(control);
        const QStringList several = takesSeveral(control) ? severalParts(stored.toString()) : QStringList();
        QList<int> chosen;
        for (int i = 0; i < rows.size(); ++i) {
            if (lookup) {
                shown.lines.append(rows.at(i).words);
            }
            const QString own = rows.at(i).values.value(0).toString();
            const bool isChosen =
                takesSeveral(control) ? several.contains(own) : !stored.isNull() && stored.toString() == own;
            if (isChosen) {
                chosen.append(i);
            }
        }
        shown.chosenLines = chosen;
    }
    return shown;
}

QList<LookupRow> EntrySession::listRowsOf(const Control &control) const
{
    return m_lookedUp->listRows(control, lookupOf(control) ? fixedChoiceValues(control) : ColumnValues());
}

bool EntrySession::readMissing()
{
    bool hasRead = m_lookedUp->readMissing();
    for (const auto &[id, child] : m_children) {
        hasRead = child->readMissing() || hasRead;
    }
    if (hasRead) {
        Q_EMIT valuesRead();
    }
    return hasRead;
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
        m_pending.insert(control.column, Pending{read ? *read : QVariant(), words,
                                                 read ? mistakeIn(control, *read) : read.error().sentence});
    }
    QList<FieldMessage> messages = m_messages;
    messages.removeIf(
        [&](const FieldMessage &message) { return message.control == control.id || message.control == 0; });
    setMessages(messages);
    Q_EMIT pendingChanged();
}

// Why a value that a box takes does not fit into its column.
QString EntrySession::mistakeIn(const Control &control, const QVariant &value) const
{
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    const Column *column = table ? findColumn(*table, control.column) : nullptr;
    return column ? whyItDoesNotFit(*column, value, m_locale) : QString();
}

void EntrySession::boxLeft(const Control &control)
{
    const auto pending = m_pending.constFind(control.column);
    if (pending == m_pending.constEnd() || pending->mistake.isEmpty()) {
        return;
    }
    QList<FieldMessage> messages = m_messages;
    messages.removeIf([&](const FieldMessage &message) { return message.control == control.id; });
    messages.append({control.id, pending->mistake});
    setMessages(messages);
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
            goToKey(values); // refused: says so itself
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
    m_lookedUp->forgetRows(); // read anew: the row chosen may have been changed meanwhile
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
    return captionFromColumn(column, m_form.rowsFrom);
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
    // What was typed into boxes that are gone.
    QStringList gone;
    for (auto typed = m_pending.constBegin(); typed != m_pending.constEnd(); ++typed) {
        if (!controlFor(typed.key())) {
            gone.append(captionFor(typed.key()));
        }
    }
    gone.sort();
    return captions + gone;
}

QString EntrySession::recordWords() const
{
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    const QString naming = table ? namingColumn(*table) : QString();
    const QString named = value(naming).toString().simplified();
    if (table && namesRows(*table, naming) && !named.isEmpty()) {
        return named;
    }
    // Nothing names these rows: what stands first in the form does, as it is shown.
    constexpr int Enough = 2;
    QStringList words;
    for (const ControlId id : tabSequence(m_form)) {
        const Control &control = *m_form.controls.find(id);
        const Editor editor = kindNamed(control.kind).editor;
        const bool isShort = editor == Editor::Line || editor == Editor::Choice;
        if (!isShort || control.column.isEmpty() || isJumpList(control) || value(control.column).isNull()) {
            continue;
        }
        const QString each = shown(control).words.simplified();
        if (!each.isEmpty() && words.size() < Enough) {
            words.append(each);
        }
    }
    return words.isEmpty() ? named : words.join(QStringLiteral(", "));
}

void EntrySession::setMessages(QList<FieldMessage> messages)
{
    m_messages = std::move(messages);
    Q_EMIT messagesChanged();
}

} // namespace nabblet
