// A form tried: everything works as in Entry, and nothing of it is kept. On a private copy of the database, or on the
// database itself in one transaction that ends by itself, as its dialect says.
#pragma once

#include "app/work/workspace.h"
#include "data/background/background_work.h"
#include "data/dialect/transaction.h"
#include "data/dialect/trial_copy.h"
#include "entry/session/entry_session.h"
#include "entry/trial/rule_branches.h"

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

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

    // False: in a transaction.
    bool isOnCopy() const { return m_copy != nullptr; }
    EntrySession *session() const { return m_session.get(); }
    const RuleBranches &branches() const { return m_branches; }
    // What an earlier trial saw is seen here, too.
    void takeOver(const RuleBranches &before) { m_branches.takeOver(before); }

Q_SIGNALS:
    void branchesChanged();
    // All that was tried is gone already. why: a sentence.
    void ended(const QString &why);

private:
    Trial() = default;

    void watchTransaction(const Connection &connection);
    void look(const Connection &connection);
    void endBecause(const QString &why);

    std::unique_ptr<TrialCopy> m_copy;
    std::unique_ptr<Transaction> m_transaction;
    std::unique_ptr<EntrySession> m_session; // goes before both
    RuleBranches m_branches;
    QTimer m_looking;
    QElapsedTimer m_idle; // since something was done
    bool m_isTold = true; // whether the server tells that others wait
    std::unique_ptr<BackgroundWork> m_others;
};

} // namespace nabblet
