// What the database changes by itself when something is written: triggers, links that go along.
#pragma once

#include <QtGlobal>

#include <optional>

namespace nabblet {

class EntrySession;

class SideEffects
{
public:
    // Begins to watch; to be made before the writing begins.
    explicit SideEffects(EntrySession &session);

    // To be called when it is stored. Where more than the rows that were written has changed, or where the database
    // does not tell, everything shown is read again, in the record and in what stands around it; so it is not taken for
    // somebody else's work later.
    void show(qint64 written);

private:
    std::optional<qint64> rowsWritten() const;

    EntrySession &m_session;
    std::optional<qint64> m_before;
};

} // namespace nabblet
