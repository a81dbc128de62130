#include "entry/session/child_sessions.h"

#include "core/kinds/settings/child_link.h"
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
    QObject::connect(made, &EntrySession::pendingChanged, &m_parts.session, &EntrySession::pendingChanged);
    QObject::connect(made, &EntrySession::valuesRead, &m_parts.session, &EntrySession::valuesRead);
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

void ChildSessions::linkOne(const Control &control, EntrySession &child) const
{
    const ChildLink link = childLinkOf(control);
    const EntryState &state = m_parts.state;
    HeldTo held{link.childColumns, {}, state.key() && !link.parentColumns.isEmpty()};
    for (const QString &column : link.parentColumns) {
        held.values.append(state.record.row ? valueOf(state.source, *state.record.row, column) : QVariant());
        held.hasParent = held.hasParent && !held.values.last().isNull();
    }
    child.holdTo(held);
}

void ChildSessions::link()
{
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
