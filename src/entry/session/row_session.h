// The session of the row in hand on the form for one row; it goes where the rows go, and what is saved there stands in
// them.
#pragma once

#include <memory>

namespace nabblet {

class EntrySession;
struct Form;
struct SessionParts;

class RowSession
{
public:
    explicit RowSession(SessionParts &parts);
    ~RowSession();

    // Made when it is first asked for; nullptr where the form has none.
    EntrySession *get();
    // The same where it has been made.
    EntrySession *made() const { return m_session.get(); }

    // Brings it to the row in hand.
    void follow();
    // Saves what was typed there before another row takes its place; false where that is refused.
    bool leave();
    // The form of the rows is another.
    void setForm(const Form &form);

private:
    void takeOver();

    SessionParts &m_parts;
    std::unique_ptr<EntrySession> m_session;
    bool m_isFollowing = false; // the rows and the row bring each other along
};

} // namespace nabblet
