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
    auto child = std::make_unique<EntrySession>(m_state.connection, m_state.catalogue, *control.inner.get());
    child->m_parent = this;
    child->m_state.locale = m_state.locale;
    child->m_formReader = m_formReader;
    child->m_state.heldTo.columns = childLinkOf(control).childColumns;
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
        m_values.lookedUp().readSoon([this, id = control.id] {
            if (const Control *now = m_state.form.controls.find(id)) {
                childOf(*now);
            }
        });
    }
    return nullptr;
}

// The record that these rows belong to got another key, which they follow.
void EntrySession::rowsLinked(const QVariantList &values)
{
    m_state.heldTo.values = values;
    m_state.source = linkedTo(m_state.source, m_state.heldTo.columns, values);
}

void EntrySession::linkChild(const Control &control, EntrySession &child) const
{
    const ChildLink link = childLinkOf(control);
    QVariantList values;
    bool isWhole = m_state.record.row && !m_state.record.isNew && !link.parentColumns.isEmpty();
    for (const QString &column : link.parentColumns) {
        values.append(m_state.record.row ? valueOf(m_state.source, *m_state.record.row, column) : QVariant());
        isWhole = isWhole && !values.last().isNull();
    }
    child.linkTo(link.childColumns, values, isWhole);
}

void EntrySession::linkChildren()
{
    for (const auto &[id, child] : m_children) {
        if (const Control *control = m_state.form.controls.find(id)) {
            linkChild(*control, *child);
        }
    }
}

void EntrySession::linkTo(const QStringList &columns, const QVariantList &values, bool hasParent)
{
    const bool isSame = m_state.isStarted && columns == m_state.heldTo.columns && values == m_state.heldTo.values &&
                        hasParent == m_state.heldTo.hasParent;
    if (isSame) {
        return;
    }
    m_state.heldTo.columns = columns;
    m_state.heldTo.values = values;
    m_state.heldTo.hasParent = hasParent;
    m_lastStep.reset(); // belongs to the rows of another record
    m_letGo.reset();
    if (!m_state.isStarted) {
        const Outcome started = start(m_counting);
        if (!started) {
            setMessages({{0, started.error().sentence}});
        }
        return;
    }
    m_state.source = linkedTo(m_state.source, columns, values);
    m_place.forgetRows();
    m_values.lookedUp().forgetRows();
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
    auto other = std::make_unique<EntrySession>(m_state.connection, m_state.catalogue, *form);
    other->m_state.locale = m_state.locale;
    other->m_formReader = m_formReader;
    const Outcome started = other->start(m_counting);
    if (!started) {
        return started.error();
    }
    const ChildLink link = childLinkOf(button);
    QVariantList values;
    for (const QString &column : link.parentColumns) {
        values.append(m_state.record.row && !m_state.record.isNew ? valueOf(m_state.source, *m_state.record.row, column)
                                                                  : QVariant());
    }
    const bool pointsSomewhere =
        !values.isEmpty() &&
        std::none_of(values.begin(), values.end(), [](const QVariant &value) { return value.isNull(); });
    if (pointsSomewhere && link.childColumns == other->m_state.source.keyColumns) {
        other->goToKey(values); // not there: it says so and stays at the first
    } else if (pointsSomewhere) {
        other->linkTo(link.childColumns, values, true);
    }
    return other;
}

void EntrySession::holdAs(const EntrySession &other)
{
    linkTo(other.m_state.heldTo.columns, other.m_state.heldTo.values, other.m_state.heldTo.hasParent);
}

void EntrySession::readAgain()
{
    if (!m_state.record.row || m_state.record.isNew) {
        return;
    }
    // What is being changed stays as it was read, so that saving notices what others did.
    const MaybeRow again = m_state.isChanged()
                               ? MaybeRow(std::optional<Row>())
                               : rowWithKey(m_state.connection, m_state.source, m_state.record.row->key);
    if (again && *again) {
        m_state.record.row = *again;
    }
    m_window.clear();
    m_values.lookedUp().forgetRows();
    m_values.lookedUp().forgetChoices();
    for (const auto &[id, child] : m_children) {
        child->readAgain();
    }
    refreshTotals();
    recordHasChanged();
}

void EntrySession::noticeChanges()
{
    if (!m_state.isStarted) {
        return;
    }
    if (!m_state.record.isNew) {
        readAgain();
    } else {
        m_values.lookedUp().forgetRows();
        m_values.lookedUp().forgetChoices();
        if (isTabular(m_state.form)) {
            const Outcome read = m_window.readFirst(m_state.connection, m_state.source);
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
    if (!isSmall() && m_state.heldTo.hasParent) {
        const Result<RecordSource> source = ownSource();
        if (m_counting == Counting::InBackground && source) {
            m_place.readRowsAgain(m_state.connection.address(), *source, m_state.key());
        }
    } else {
        startMapping(true);
    }
    Q_EMIT positionChanged();
}

void EntrySession::availabilityChanged(const QString &sentence)
{
    QList<FieldMessage> messages = m_state.messages;
    messages.removeIf([](const FieldMessage &message) { return message.control == 0; });
    if (m_state.connection.isReadOnly()) {
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
    return m_state.isChanged() || isRowUnsaved ||
           std::any_of(m_children.begin(), m_children.end(),
                       [](const auto &child) { return child.second->hasUnsaved(); });
}

// ---------------------------------------------------------------- one row in full

EntrySession *EntrySession::rowSession()
{
    const Form *form = m_state.form.rowPanel == RowPanel::None ? nullptr : m_state.form.rowForm.get();
    if (!form) {
        return nullptr;
    }
    if (!m_rowSession) {
        m_rowSession = std::make_unique<EntrySession>(m_state.connection, m_state.catalogue, *form);
        m_rowSession->m_parent = m_parent;
        m_rowSession->m_state.locale = m_state.locale;
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
    const std::optional<RowKey> key = m_state.key();
    if (key && m_rowSession->state().key() == key) {
        m_rowSession->readAgain();
    } else if (key) {
        m_rowSession->goToKey(*key); // it says so itself when it cannot
    } else if (m_state.record.isNew) {
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
    const std::optional<RowKey> key = m_rowSession->state().key();
    if (m_isFollowing || !key || m_rowSession->state().isChanged()) {
        return;
    }
    m_isFollowing = true;
    m_lastStep.reset(); // what was done last was done there
    if (m_state.key() == key) {
        readAgain();
    } else {
        m_window.clear();
        if (!m_state.isChanged()) {
            goToKey(*key); // it says so itself when it cannot
        }
    }
    m_isFollowing = false;
}

// ---------------------------------------------------------------- totals

void EntrySession::refreshTotals()
{
    const bool hasAny = std::any_of(m_state.form.controls.begin(), m_state.form.controls.end(),
                                    [](const Control &control) { return totalOf(control).has_value(); });
    if (!hasAny) {
        return;
    }
    if (!m_state.heldTo.hasParent) {
        m_totals.clear();
        return;
    }
    // Those of rows that are all at hand are worked out at once.
    const bool isAtOnce = m_window.isWhole() || m_counting == Counting::No;
    const Result<RecordSource> source = isAtOnce ? Result<RecordSource>(m_state.source) : ownSource();
    if (source) {
        m_totals.refresh(m_state.connection, m_state.form, *source, isAtOnce);
    }
}

} // namespace nabblet
