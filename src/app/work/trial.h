// A form tried on a private copy of its database: everything works as in Entry, and nothing of it is kept.
#pragma once

#include "app/work/workspace.h"
#include "data/dialect/trial_copy.h"
#include "entry/session/entry_session.h"
#include "entry/trial/rule_branches.h"

#include <QObject>

#include <memory>

namespace nabblet {

class Trial : public QObject
{
    Q_OBJECT

public:
    // workspace: with its database open. at: the record to begin with, where there is one. goesOn: as TrialCopy::of().
    static Result<std::unique_ptr<Trial>> begin(const Workspace &workspace, const Form &form,
                                                const std::optional<RowKey> &at,
                                                const std::function<bool(double)> &goesOn = {});

    EntrySession *session() const { return m_session.get(); }
    const RuleBranches &branches() const { return m_branches; }
    // What an earlier trial saw is seen here, too.
    void takeOver(const RuleBranches &before) { m_branches.takeOver(before); }

Q_SIGNALS:
    void branchesChanged();

private:
    Trial() = default;

    std::unique_ptr<TrialCopy> m_copy;
    std::unique_ptr<EntrySession> m_session; // goes before the copy
    RuleBranches m_branches;
};

} // namespace nabblet
