// Which sides of a form's rules were seen while a form was tried: of each condition the true and the false one, of each
// scale its parts.
#pragma once

#include "core/model/form.h"
#include "entry/session/entry_session.h"

#include <QList>
#include <QSet>

namespace nabblet {

struct RuleBranch
{
    int rule = 0;     // its number in Form::rules
    bool side = true; // of its condition
    int step = -1;    // of a scale, instead

    bool operator==(const RuleBranch &) const = default;
};

class RuleBranches
{
public:
    RuleBranches() = default;
    explicit RuleBranches(const Form &form);

    // Takes note of what the record in hand shows; true when something was seen for the first time.
    bool look(const EntrySession &session);

    int all() const { return static_cast<int>(m_all.size()); }
    int seen() const { return static_cast<int>(m_all.size() - m_missing.size()); }
    const QList<RuleBranch> &missing() const { return m_missing; }
    // What another trial of the form saw of rules that are the same still is seen here, too.
    void takeOver(const RuleBranches &before);
    // Which sides of a rule were not seen, in words; empty where all were, or where no form was tried.
    QString untried(const Rule &rule) const;
    // A branch in words: "Last seen at is shown when Status is “Adrift”: not true yet".
    QString words(const RuleBranch &branch) const;

private:
    Form m_form;
    QList<RuleBranch> m_all;
    QList<RuleBranch> m_missing;
};

// Brings a record to hand that shows a branch: a stored one, else a new one with values that do. The error says what
// would be needed.
Outcome goToBranch(EntrySession &session, const RuleBranch &branch);

} // namespace nabblet
