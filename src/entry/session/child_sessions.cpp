#include "entry/session/child_sessions.h"

#include "core/kinds/settings/child_link.h"
#include "core/rules/belonging.h"
#include "core/rules/worked_out.h"
#include "core/text/tr.h"
#include "data/records/rows_below.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

#include <algorithm>

namespace nabblet {

ChildSessions::ChildSessions(SessionParts &parts) : m_parts(parts) {}

ChildSessions::~ChildSessions() = default;

EntrySession *ChildSessions::made(ControlId control) const
{
    const auto known = m_children.find(control);
    return known != m_children.end() ? known->second.get() : nullptr;
}

EntrySession *ChildSessions::of(const Control &control)
{
    if (!control.inner) {
        return nullptr;
    }
    if (EntrySession *known = made(control.id)) {
        return known;
    }
    std::unique_ptr<EntrySession> child = m_parts.session.another(*control.inner.get(), m_parts.counting);
    child->setParentSession(&m_parts.session);
    EntrySession *made = child.get();
    m_children.emplace(control.id, std::move(child));
    QObject::connect(made, &EntrySession::said, &m_parts.session, &EntrySession::said);
    QObject::connect(made, &EntrySession::pendingChanged, &m_parts.session, [this, made] {
        childChanged(*made);
        Q_EMIT m_parts.session.pendingChanged();
    });
    QObject::connect(made, &EntrySession::deleted, &m_parts.session, [this, made] {
        m_deletedFrom.insert(tableMark(made->form().rowsFrom));
        childChanged(*made);
        Q_EMIT m_parts.session.pendingChanged();
    });
    QObject::connect(made, &EntrySession::recordChanged, &m_parts.session, [this] {
        m_stored.clear();
        m_parts.values.belongingChanged();
        Q_EMIT m_parts.session.valuesRead();
    });
    QObject::connect(made, &EntrySession::valuesRead, &m_parts.session, [this] {
        m_parts.values.belongingChanged(); // rows further in among them
        Q_EMIT m_parts.session.valuesRead();
    });
    linkOne(control, *made);
    return made;
}

EntrySession *ChildSessions::toPaint(const Control &control)
{
    EntrySession *known = made(control.id);
    if (!known && control.inner) {
        m_parts.values.lookedUp().readSoon([this, id = control.id] {
            if (const Control *now = m_parts.state.form.controls.find(id)) {
                of(*now);
            }
        });
    }
    return known;
}

QList<EntrySession *> ChildSessions::all() const
{
    QList<EntrySession *> all;
    for (const auto &[id, child] : m_children) {
        all.append(child.get());
    }
    return all;
}

HeldTo ChildSessions::heldBy(const Control &control, const std::optional<Row> &row) const
{
    const ChildLink link = childLinkOf(control);
    HeldTo held{link.childColumns, {}, row && !link.parentColumns.isEmpty()};
    for (const QString &column : link.parentColumns) {
        held.values.append(row ? valueOf(m_parts.state.source, *row, column) : QVariant());
        held.hasParent = held.hasParent && !held.values.last().isNull();
    }
    return held;
}

void ChildSessions::linkOne(const Control &control, EntrySession &child) const
{
    HeldTo held = heldBy(control, m_parts.state.record.row);
    held.hasParent = held.hasParent && m_parts.state.key();
    child.holdTo(held);
}

QList<ChildSessions::RowsWanted> ChildSessions::rowsOfAnother(const Row &row) const
{
    QList<RowsWanted> wanted;
    for (const auto &[id, child] : m_children) {
        const Control *control = m_parts.state.form.controls.find(id);
        const EntryState &state = child->state();
        const bool isRead = control && state.isStarted && isTabular(state.form) && !state.source.copy &&
                            !state.source.between && !state.source.linkColumns.isEmpty();
        const HeldTo held = isRead ? heldBy(*control, row) : HeldTo();
        if (isRead && held.hasParent && held.columns == state.source.linkColumns) {
            RecordSource source = state.source;
            source.linkValues = held.values;
            wanted.append({id, child.get(), source});
        }
    }
    return wanted;
}

ControlId ChildSessions::controlOf(const EntrySession &child) const
{
    const auto found = std::find_if(m_children.begin(), m_children.end(),
                                    [&](const auto &each) { return each.second.get() == &child; });
    return found == m_children.end() ? 0 : found->first;
}

// Another row, or other values: what sums them up follows.
void ChildSessions::childChanged(EntrySession &child)
{
    m_parts.values.belongingChanged();
    m_parts.ahead.forgetBelow();
    if (!child.hasUnsaved()) {
        m_parts.ahead.readAround();
    }
    const bool isSummed = std::any_of(m_parts.state.form.rules.begin(), m_parts.state.form.rules.end(),
                                      [](const Rule &rule) { return rule.effect == QLatin1String("value"); });
    if (isSummed && child.form().rowsFrom.size() > 0) {
        m_parts.workingOut.bringUpToDate();
    }
}

QSet<QString> ChildSessions::changedTables() const
{
    QSet<QString> tables = m_deletedFrom;
    for (const auto &[id, child] : m_children) {
        if (child->hasUnsaved()) {
            tables.insert(tableMark(child->form().rowsFrom));
        }
        tables += child->m_parts->children.changedTables();
    }
    return tables;
}

// Read once until they may be others: a letter typed there changes none of them.
const Result<QList<Row>> &ChildSessions::readOnce(const QString &table, const RecordSource &source)
{
    auto known = m_stored.find(table);
    if (known == m_stored.end()) {
        known = m_stored.insert(table, rowsUpTo(m_parts.state.connection, source, MostSummed));
    }
    return *known;
}

// Those of a child as they are stored.
Result<QList<Row>> ChildSessions::storedRows(const EntrySession &child)
{
    return child.rows().areAll() ? Result<QList<Row>>(child.rows().window().rows())
                                 : readOnce(child.form().rowsFrom, child.state().source);
}

void ChildSessions::makeReady(const QString &table)
{
    const QList<const Control *> way = subformsTo(m_parts.state.form, table);
    EntrySession *child = way.isEmpty() ? nullptr : of(*way.first());
    if (child && way.size() > 1) {
        child->m_parts->children.makeReady(table);
    }
}

std::optional<Result<ChildSessions::Values>> ChildSessions::rowsOf(const QString &table, const QStringList &columns)
{
    const QList<const Control *> way = subformsTo(m_parts.state.form, table);
    if (way.isEmpty()) {
        return std::nullopt;
    }
    return way.size() == 1 ? rowsOfChild(*way.first(), columns) : rowsFurtherIn(*way.first(), table, columns);
}

std::optional<Result<ChildSessions::Values>> ChildSessions::rowsOfChild(const Control &control,
                                                                        const QStringList &columns)
{
    EntrySession *child = toPaint(control);
    if (!child) {
        return std::nullopt;
    }
    const EntryState &state = child->state();
    Values all;
    const auto take = [&](const std::function<QVariant(const QString &)> &valueOfColumn) {
        QVariantList values;
        for (const QString &column : columns) {
            const qsizetype held = state.heldTo.columns.indexOf(column);
            values.append(held >= 0 ? state.heldTo.values.value(held) : valueOfColumn(column));
        }
        all.append(values);
    };
    if (state.isStarted && state.heldTo.hasParent) {
        const Result<QList<Row>> rows = storedRows(*child);
        if (!rows) {
            return rows.error();
        }
        for (const Row &row : *rows) {
            const bool isInHand = !state.isNew() && state.key() && row.key == *state.key();
            take([&](const QString &column) {
                return isInHand ? state.value(column) : valueOf(state.source, row, column);
            });
        }
    }
    if (state.isNew() && state.isChanged()) {
        take([&](const QString &column) { return state.value(column); });
    }
    return Result<Values>(all);
}

Result<QList<QVariantList>> ChildSessions::storedRowsOf(const Row &row, const QString &table,
                                                        const QStringList &columns) const
{
    const EntryState &state = m_parts.state;
    return rowsBelow(state.connection, state.source, row, subformsTo(state.form, table), columns, state.catalogue,
                     MostSummed);
}

// The rows of subforms inside a subform: those of its row in hand as they would be saved, those of its other rows as
// they are stored.
std::optional<Result<ChildSessions::Values>> ChildSessions::rowsFurtherIn(const Control &control, const QString &table,
                                                                          const QStringList &columns)
{
    EntrySession *child = toPaint(control);
    if (!child) {
        return std::nullopt;
    }
    const EntryState &state = child->state();
    Values all;
    if (state.hasRecord()) {
        const auto ofRowInHand = child->m_parts->children.rowsOf(table, columns);
        if (!ofRowInHand || !*ofRowInHand) {
            return ofRowInHand;
        }
        all = **ofRowInHand;
    }
    if (!state.isStarted || !state.heldTo.hasParent) {
        return Result<Values>(all);
    }
    const QVariantList but = !state.isNew() && state.key() ? *state.key() : QVariantList();
    const Result<RecordSource> found =
        sourceBelow(state.source, but, subformsTo(*control.inner.get(), table), state.catalogue);
    if (!found) {
        return found.error();
    }
    RecordSource source = *found;
    source.columns = columns;
    const Result<QList<Row>> &rows = readOnce(table, source);
    if (!rows) {
        return rows.error();
    }
    for (const Row &row : *rows) {
        all.append(row.values);
    }
    return Result<Values>(all);
}

void ChildSessions::link()
{
    m_deletedFrom.clear();
    m_stored.clear();
    m_parts.values.belongingChanged();
    for (const auto &[id, child] : m_children) {
        if (const Control *control = m_parts.state.form.controls.find(id)) {
            linkOne(*control, *child);
        }
    }
}

void ChildSessions::linkUnsavedTo(const Row &row)
{
    for (const auto &[id, child] : m_children) {
        const Control *control = m_parts.state.form.controls.find(id);
        const ChildLink link = control ? childLinkOf(*control) : ChildLink();
        HeldTo held = child->state().heldTo;
        if (!held.hasParent || link.parentColumns.isEmpty() || !child->hasUnsaved()) {
            continue;
        }
        held.values.clear();
        for (const QString &column : link.parentColumns) {
            held.values.append(valueOf(m_parts.state.source, row, column));
        }
        child->m_parts->changes.holdTo(held);
    }
}

bool ChildSessions::leave()
{
    return std::all_of(m_children.begin(), m_children.end(),
                       [](const auto &child) { return child.second->moves().leave(); });
}

void ChildSessions::setForm(const Form &form)
{
    for (auto child = m_children.begin(); child != m_children.end();) {
        const Control *is = form.controls.find(child->first);
        const bool stays = is && is->inner;
        if (stays) {
            child->second->showForm(*is->inner.get());
        }
        // The rows of a subform that is gone stay while something typed in them is not saved, since the subform may
        // come back by undo.
        const bool isKept = stays || child->second->hasUnsaved();
        if (!isKept) {
            child->second.release()->deleteLater(); // views let go of it when they next show the form
        }
        child = isKept ? std::next(child) : m_children.erase(child);
    }
}

void ChildSessions::forget()
{
    for (auto &[id, child] : m_children) {
        child.release()->deleteLater(); // views let go of it when they next show the form
    }
    m_children.clear();
}

} // namespace nabblet
