#include "app/work/trial.h"

#include "app/work/project_names.h"
#include "core/text/tr.h"
#include "data/dialect/waiting.h"
#include "entry/language/spoken_form.h"

#include <QThread>

namespace nabblet {

namespace {

constexpr int LookEvery = 500;       // ms
constexpr int IdleMinutes = 10;      // that nothing was done, until it ends by itself …
constexpr int IdleMinutesUntold = 1; // … and where nobody tells whether others wait

} // namespace

Result<std::unique_ptr<Trial>> Trial::begin(const Workspace &workspace, const Form &form,
                                            const std::optional<RowKey> &at, const std::function<bool(double)> &goesOn)
{
    std::unique_ptr<Trial> trial(new Trial);
    const bool isInTransaction = workspace.connection->dialect().triesInTransaction();
    if (!isInTransaction) {
        Result<std::unique_ptr<TrialCopy>> copy = TrialCopy::of(*workspace.connection, goesOn);
        if (!copy) {
            return copy.error();
        }
        trial->m_copy = std::move(*copy);
    }
    Result<Connection> connection = isInTransaction ? Connection::openForTrial(workspace.connection->address())
                                                    : Connection::open(trial->m_copy->address());
    if (!connection) {
        return connection.error();
    }
    if (isInTransaction) {
        trial->m_transaction = std::make_unique<Transaction>(*connection);
        if (!trial->m_transaction->hasBegun()) {
            return connection->explain(trial->m_transaction->error());
        }
    }
    trial->m_session = std::make_unique<EntrySession>(*connection, workspace.catalogue, form);
    trial->m_session->setFormReader(readingInPersonsLanguage(formReaderOf(workspace.projectFolder), workspace.looks));
    trial->m_session->setFormFinder(formFinderOf(workspace.projectFolder));
    trial->m_session->setSharedQuestions(sharedQuestionsOf(workspace.projectFolder));
    trial->m_session->setMailSender(mailSenderOf(workspace.projectFolder));
    trial->m_branches = RuleBranches(form);
    if (const Outcome started = form.rowsFrom.isEmpty() ? Outcome(Done{}) : trial->m_session->start(); !started) {
        return started.error();
    }
    if (at) {
        trial->m_session->moves().goToKey(*at);
    }
    Trial *own = trial.get();
    const auto look = [own] {
        if (own->m_branches.look(*own->m_session)) {
            Q_EMIT own->branchesChanged();
        }
    };
    connect(own->m_session.get(), &EntrySession::recordChanged, own, look);
    connect(own->m_session.get(), &EntrySession::pendingChanged, own, look);
    own->m_branches.look(*own->m_session);
    if (isInTransaction) {
        own->watchTransaction(*connection);
    }
    return trial;
}

// Rows changed in the transaction cannot be changed by others until it ends. So it ends as soon as somebody wants to,
// and when nobody tries anything any more.
void Trial::watchTransaction(const Connection &connection)
{
    const auto worked = [this] { m_idle.start(); };
    connect(m_session.get(), &EntrySession::recordChanged, this, worked);
    connect(m_session.get(), &EntrySession::pendingChanged, this, worked);
    worked();
    m_looking.setInterval(LookEvery);
    connect(&m_looking, &QTimer::timeout, this, [this, connection] { look(connection); });
    m_looking.start();
    m_others = std::make_unique<BackgroundWork>();
    const QString number = connection.dialect().connectionNumber(connection.database());
    m_others->start(
        connection.storedAddress(),
        [this, number](const Connection &own, const std::atomic<bool> &isCancelled,
                       const BackgroundWork::Report &report) {
            std::optional<bool> waits = false;
            while (!isCancelled && waits && !*waits) {
                QThread::msleep(LookEvery);
                waits = own.dialect().holdsOthersUp(own.database(), number);
            }
            report([this, isTold = waits.has_value()] {
                m_isTold = isTold;
                if (isTold) {
                    endBecause(tr("The trial ended, and nothing of it was kept: somebody else wants to change a "
                                  "row that was changed in it."));
                }
            });
        },
        [this] { m_isTold = false; });
}

void Trial::look(const Connection &connection)
{
    if (isWaiting()) {
        return;
    }
    const int most = m_isTold ? IdleMinutes : IdleMinutesUntold;
    if (!connection.dialect().isTrialGoing(connection.database())) {
        endBecause(tr("The trial ended, and nothing of it was kept: the server ended its transaction."));
    } else if (m_idle.elapsed() > most * 60'000) {
        endBecause(counted(most,
                           tr("The trial ended, and nothing of it was kept: nothing had been done in it for a minute."),
                           tr("The trial ended, and nothing of it was kept: nothing had been done in it for %1 "
                              "minutes.")));
    }
}

void Trial::endBecause(const QString &why)
{
    m_looking.stop();
    m_others->giveUp();
    m_transaction->rollBack();
    Q_EMIT ended(why);
}

} // namespace nabblet
