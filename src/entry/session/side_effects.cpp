#include "entry/session/side_effects.h"

#include "entry/session/entry_session.h"

namespace nabblet {

SideEffects::SideEffects(EntrySession &session) : m_session(session), m_before(rowsWritten()) {}

std::optional<qint64> SideEffects::rowsWritten() const
{
    const Connection &connection = m_session.state().connection;
    return connection.dialect().rowsWritten(connection.database());
}

void SideEffects::show(qint64 written)
{
    const std::optional<qint64> now = rowsWritten();
    if (m_before && now && *now - *m_before == written) {
        return;
    }
    EntrySession *whole = &m_session;
    while (EntrySession *above = whole->parentSession()) {
        whole = above;
    }
    // Where the database does not tell, all that is shown may be another now. The record itself was read back with its
    // saving; alone, there is nothing else to see.
    const bool isAlone = !now && whole == &m_session && !isTabular(whole->form()) && whole->children().all().isEmpty();
    if (!isAlone) {
        whole->readAgain();
    }
}

} // namespace nabblet
