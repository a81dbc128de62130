// The sessions of the rows that belong to the record in hand, one for each control with an inner form.
#pragma once

#include "core/model/form.h"
#include "data/records/records.h"

#include <QList>

#include <memory>
#include <unordered_map>

namespace nabblet {

class EntrySession;
struct SessionParts;

class ChildSessions
{
public:
    explicit ChildSessions(SessionParts &parts);
    ~ChildSessions();

    // That of a control, made when it is first asked for and held to the record in hand from then on. nullptr for
    // controls without an inner form.
    EntrySession *of(const Control &control);
    // The same where it has been made, …
    EntrySession *made(ControlId control) const;
    // … for painting, which makes none but has it made soon; …
    EntrySession *toPaint(const Control &control);
    // … and all of them.
    QList<EntrySession *> all() const;

    // Holds them to the record in hand.
    void link();
    // Has those with something typed hold the values of a record, while their own state stays.
    void linkUnsavedTo(const Row &row);
    // Saves what was typed in them before another record takes its place; false where that is refused.
    bool leave();
    // The form is another: those of subforms that show another form go on with it.
    void setForm(const Form &form);
    void forget();

private:
    void linkOne(const Control &control, EntrySession &child) const;

    SessionParts &m_parts;
    std::unordered_map<ControlId, std::unique_ptr<EntrySession>> m_children;
};

} // namespace nabblet
