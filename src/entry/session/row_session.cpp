#include "entry/session/row_session.h"

#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

namespace nabblet {

RowSession::RowSession(SessionParts &parts) : m_parts(parts) {}

RowSession::~RowSession() = default;

EntrySession *RowSession::get()
{
    const Form &form = m_parts.state.form;
    if (form.rowPanel == RowPanel::None || !form.rowForm) {
        return nullptr;
    }
    if (!m_session) {
        m_session = m_parts.session.another(*form.rowForm.get(), Counting::No); // it goes nowhere by itself
        m_session->setParentSession(m_parts.session.parentSession());
        QObject::connect(m_session.get(), &EntrySession::said, &m_parts.session, &EntrySession::said);
        QObject::connect(m_session.get(), &EntrySession::pendingChanged, &m_parts.session,
                         &EntrySession::pendingChanged);
        QObject::connect(m_session.get(), &EntrySession::recordChanged, &m_parts.session, [this] { takeOver(); });
        follow();
    }
    return m_session.get();
}

void RowSession::follow()
{
    if (!m_session || m_isFollowing) {
        return;
    }
    m_isFollowing = true;
    m_session->holdTo(m_parts.state.heldTo);
    const std::optional<RowKey> key = m_parts.state.key();
    if (key && m_session->state().key() == key) {
        m_session->readAgain();
    } else if (key) {
        m_session->moves().goToKey(*key); // it says so itself when it cannot
    } else if (m_parts.state.isNew()) {
        m_session->moves().add(); // where it may
    } else {
        m_session->m_parts->inHand.take({});
        m_session->m_parts->inHand.hasChanged();
    }
    m_isFollowing = false;
}

bool RowSession::leave()
{
    return !m_session || m_isFollowing || m_session->moves().leave();
}

void RowSession::setForm(const Form &form)
{
    if (!m_session) {
        return;
    }
    if (form.rowPanel == RowPanel::None || !form.rowForm) {
        m_session.release()->deleteLater(); // views let go of it when they next show the form
    } else {
        m_session->showForm(*form.rowForm.get());
    }
}

// What was saved on the row's form stands in the rows.
void RowSession::takeOver()
{
    const std::optional<RowKey> key = m_session ? m_session->state().key() : std::nullopt;
    if (m_isFollowing || !key || m_session->state().isChanged()) {
        return;
    }
    m_isFollowing = true;
    m_parts.takingBack.forgetStep(); // what was done last was done there
    if (m_parts.state.key() == key) {
        m_parts.session.readAgain();
    } else {
        m_parts.rows.forget();
        if (!m_parts.state.isChanged()) {
            m_parts.moves.goToKey(*key); // it says so itself when it cannot
        }
    }
    m_isFollowing = false;
}

} // namespace nabblet
