// Rows that belong to the record in hand, and totals over all rows.
#include "core/kinds/button_actions.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "entry/session/entry_session.h"

#include <algorithm>

namespace nabblet {

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
    child->m_formReader = m_formReader;
    child->m_linkColumns = childLinkOf(control).childColumns;
    child->m_counting = m_counting;
    EntrySession *made = child.get();
    m_children.emplace(control.id, std::move(child));
    connect(made, &EntrySession::said, this, &EntrySession::said);
    connect(made, &EntrySession::pendingChanged, this, &EntrySession::pendingChanged);
    connect(made, &EntrySession::valuesRead, this, &EntrySession::valuesRead);
    linkChild(control, *made);
    return made;
}

EntrySession *EntrySession::childToPaint(const Control &control)
{
    const auto known = m_children.find(control.id);
    if (known != m_children.end()) {
        return known->second.get();
    }
    if (control.inner) {
        m_lookedUp->readSoon([this, id = control.id] {
            if (const Control *now = m_form.controls.find(id)) {
                childOf(*now);
            }
        });
    }
    return nullptr;
}

// The record that these rows belong to got another key, which they follow.
void EntrySession::rowsLinked(const QVariantList &values)
{
    m_linkValues = values;
    m_source = linkedTo(m_source, m_linkColumns, values);
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

void EntrySession::linkChildren()
{
    for (const auto &[id, child] : m_children) {
        if (const Control *control = m_form.controls.find(id)) {
            linkChild(*control, *child);
        }
    }
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
    m_lookedUp->forgetRows();
    clearRecord();
    const Outcome read = readFromStart();
    if (!read) {
        setMessages({{0, read.error().sentence}});
    }
}

Result<std::unique_ptr<EntrySession>> EntrySession::openedBy(const Control &button) const
{
    const QString name = projectFormOf(button);
    if (name.isEmpty() || !m_formReader) {
        return Error{tr("This button has no form to open yet. Choose one among its settings."), {}};
    }
    const Result<Form> form = m_formReader(name);
    if (!form) {
        return form.error();
    }
    auto other = std::make_unique<EntrySession>(m_connection, m_catalogue, *form);
    other->m_locale = m_locale;
    other->m_formReader = m_formReader;
    const Outcome started = other->start(m_counting);
    if (!started) {
        return started.error();
    }
    const ChildLink link = childLinkOf(button);
    QVariantList values;
    for (const QString &column : link.parentColumns) {
        values.append(m_row && !m_isNew ? valueOf(m_source, *m_row, column) : QVariant());
    }
    const bool pointsSomewhere =
        !values.isEmpty() &&
        std::none_of(values.begin(), values.end(), [](const QVariant &value) { return value.isNull(); });
    if (pointsSomewhere && link.childColumns == other->m_source.keyColumns) {
        other->goToKey(values); // not there: it says so and stays at the first
    } else if (pointsSomewhere) {
        other->linkTo(link.childColumns, values, true);
    }
    return other;
}

void EntrySession::holdAs(const EntrySession &other)
{
    linkTo(other.m_linkColumns, other.m_linkValues, other.m_hasParentRecord);
}

void EntrySession::readAgain()
{
    if (!m_row || m_isNew) {
        return;
    }
    // What is being changed stays as it was read, so that saving notices what others did.
    const MaybeRow again =
        isChanged() ? MaybeRow(std::optional<Row>()) : rowWithKey(m_connection, m_source, m_row->key);
    if (again && *again) {
        m_row = *again;
    }
    m_window.clear();
    m_lookedUp->forgetRows();
    m_lookedUp->forgetChoices();
    for (const auto &[id, child] : m_children) {
        child->readAgain();
    }
    refreshTotals();
    recordHasChanged();
}

void EntrySession::noticeChanges()
{
    if (!m_isStarted) {
        return;
    }
    if (!m_isNew) {
        readAgain();
    } else {
        m_lookedUp->forgetRows();
        m_lookedUp->forgetChoices();
        if (isTabular(m_form)) {
            const Outcome read = m_window.readFirst(m_connection, m_source);
            if (read) {
                Q_EMIT rowsChanged(0);
            }
        }
    }
    countAgain();
}

// Counts anew while what was known goes on being shown.
void EntrySession::countAgain()
{
    if (m_mapping.isBusy()) {
        m_countsAgain = true; // once that is done, so that someone who writes on and on is no hindrance
        return;
    }
    recount();
}

void EntrySession::recount()
{
    const std::optional<RowMap> map = m_map;
    const std::optional<qint64> at = position();
    startMapping(true);
    m_map = m_map ? m_map : map; // near enough until then
    m_position = m_position || m_isNew ? m_position : at;
    Q_EMIT positionChanged();
}

void EntrySession::availabilityChanged(const QString &sentence)
{
    QList<FieldMessage> messages = m_messages;
    messages.removeIf([](const FieldMessage &message) { return message.control == 0; });
    if (m_connection.isReadOnly()) {
        messages.append({0, sentence});
    }
    setMessages(messages);
    for (const auto &[id, child] : m_children) {
        Q_EMIT child->recordChanged();
    }
    Q_EMIT recordChanged();
    Q_EMIT positionChanged();
}

bool EntrySession::hasUnsaved() const
{
    const bool isRowUnsaved = m_rowSession && m_rowSession->hasUnsaved();
    return isChanged() || isRowUnsaved || std::any_of(m_children.begin(), m_children.end(), [](const auto &child) {
               return child.second->hasUnsaved();
           });
}

ColumnValues EntrySession::fixedChoiceValues(const Control &control) const
{
    ColumnValues fixed;
    const std::optional<Lookup> lookup = choicesLookup(control);
    if (!lookup) {
        return fixed;
    }
    for (qsizetype i = 0; i < m_linkColumns.size(); ++i) {
        // Records are gone to among those that belong to the parent; of choices, those over several columns are held.
        const qsizetype column = lookup->columns.indexOf(m_linkColumns.at(i));
        if (isJumpList(control)) {
            fixed.insert(m_linkColumns.at(i), m_linkValues.value(i));
        } else if (column >= 0 && lookup->columns.size() > 1) {
            fixed.insert(lookup->valueColumns.at(column), m_linkValues.value(i));
        }
    }
    for (qsizetype i = 0; i < lookup->filterColumns.size(); ++i) {
        if (const QVariant held = value(lookup->filterBy.at(i)); !held.isNull()) {
            fixed.insert(lookup->filterColumns.at(i), held);
        }
    }
    return fixed;
}

// ---------------------------------------------------------------- one row in full

EntrySession *EntrySession::rowSession()
{
    const Form *form = m_form.rowPanel == RowPanel::None ? nullptr : m_form.rowForm.get();
    if (!form) {
        return nullptr;
    }
    if (!m_rowSession) {
        m_rowSession = std::make_unique<EntrySession>(m_connection, m_catalogue, *form);
        m_rowSession->m_parent = m_parent;
        m_rowSession->m_locale = m_locale;
        m_rowSession->m_formReader = m_formReader;
        m_rowSession->m_counting = Counting::No; // it goes nowhere by itself
        connect(m_rowSession.get(), &EntrySession::said, this, &EntrySession::said);
        connect(m_rowSession.get(), &EntrySession::pendingChanged, this, &EntrySession::pendingChanged);
        connect(m_rowSession.get(), &EntrySession::recordChanged, this, &EntrySession::takeFromRow);
        followToRow();
    }
    return m_rowSession.get();
}

// Brings the row's session to the row in hand.
void EntrySession::followToRow()
{
    if (!m_rowSession || m_isFollowing) {
        return;
    }
    m_isFollowing = true;
    m_rowSession->holdAs(*this);
    const std::optional<RowKey> key = keyInHand();
    if (key && m_rowSession->keyInHand() == key) {
        m_rowSession->readAgain();
    } else if (key) {
        m_rowSession->goToKey(*key); // it says so itself when it cannot
    } else if (m_isNew) {
        m_rowSession->add(); // where it may
    } else {
        m_rowSession->clearRecord();
        m_rowSession->recordHasChanged();
    }
    m_isFollowing = false;
}

// What was saved on the row's form stands in the rows.
void EntrySession::takeFromRow()
{
    const std::optional<RowKey> key = m_rowSession->keyInHand();
    if (m_isFollowing || !key || m_rowSession->isChanged()) {
        return;
    }
    m_isFollowing = true;
    m_lastStep.reset(); // what was done last was done there
    if (keyInHand() == key) {
        readAgain();
    } else {
        m_window.clear();
        if (!isChanged()) {
            goToKey(*key); // it says so itself when it cannot
        }
    }
    m_isFollowing = false;
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

} // namespace nabblet
