#include "app/work/trial.h"

#include "app/work/project_names.h"
#include "entry/language/spoken_form.h"

namespace nabblet {

Result<std::unique_ptr<Trial>> Trial::begin(const Workspace &workspace, const Form &form,
                                            const std::optional<RowKey> &at, const std::function<bool(double)> &goesOn)
{
    Result<std::unique_ptr<TrialCopy>> copy = TrialCopy::of(*workspace.connection, goesOn);
    if (!copy) {
        return copy.error();
    }
    Result<Connection> connection = Connection::open((*copy)->address());
    if (!connection) {
        return connection.error();
    }
    std::unique_ptr<Trial> trial(new Trial);
    trial->m_copy = std::move(*copy);
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
    return trial;
}

} // namespace nabblet
