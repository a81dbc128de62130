// The sides of a form: arranging it, its rules, working with records in it, and trying it.
#include "app/parts/panel_splitter.h"
#include "app/parts/top_bar.h"
#include "app/parts/trial_page.h"
#include "app/window/main_window.h"
#include "app/work/rule_view.h"
#include "data/dialect/dialect.h"
#include "designer/board/board.h"
#include "designer/rules/rules_page.h"
#include "entry/language/spoken_form.h"
#include "entry/theme/entry_zoom.h"
#include "entry/view/entry_view.h"

#include <QLayout>
#include <QProgressDialog>
#include <QStackedWidget>

namespace nabblet {

bool MainWindow::isTrial() const
{
    return m_work->document() && m_pages->currentWidget() == m_trialPage;
}

EntryView *MainWindow::entryView() const
{
    return isTrial() ? m_trialPage->view() : m_entryView;
}

EntrySession *MainWindow::session() const
{
    return isTrial() && m_trialPage->trial() ? m_trialPage->trial()->session() : m_work->session();
}

void MainWindow::showSide()
{
    m_bar->setSide(isEntry()   ? TopBar::Side::Entry
                   : isRules() ? TopBar::Side::Rules
                   : isTrial() ? TopBar::Side::Trial
                               : TopBar::Side::Design);
}

void MainWindow::showTrial()
{
    if (!m_work->document() || isTrial()) {
        showSide();
        return;
    }
    if (!m_work->workspace().connection) {
        showSide();
        complain({tr("A trial needs a database. Open the project that the form belongs to."), {}});
        return;
    }
    const bool isOnCopy = !m_work->workspace().connection->dialect().triesInTransaction();
    QProgressDialog progress(isOnCopy ? tr("Copying the database for the trial…") : tr("Beginning the trial…"),
                             tr("Give up"), 0, 100, this);
    progress.setWindowModality(Qt::WindowModal);
    progress.setMinimumDuration(400);
    Result<std::unique_ptr<Trial>> trial =
        Trial::begin(m_work->workspace(), inPersonsLanguage(m_work->document()->root(), *m_appearance),
                     m_work->session() ? m_work->session()->state().key() : std::nullopt, [&](double share) {
                         progress.setValue(static_cast<int>(share * 100));
                         return !progress.wasCanceled();
                     });
    progress.reset();
    if (!trial) {
        showSide();
        complain(trial.error());
        return;
    }
    m_pages->setCurrentWidget(m_trialPage);
    m_trialPage->setTrial(std::move(*trial), *m_appearance);
    showSide();
    refreshActions();
    refreshStatus();
}

void MainWindow::endTrial()
{
    if (!isTrial()) {
        return;
    }
    showDesign();
    const RuleBranches &tried = m_trialPage->tried();
    if (!tried.missing().isEmpty()) {
        say(tr("The trial ended. %1 of %2 sides of rules were not seen; the list of rules (F6) says which.")
                .arg(tried.missing().size())
                .arg(tried.all()));
    }
}

bool MainWindow::isRules() const
{
    return m_work->document() && m_rules->isPage(m_pages->currentWidget());
}

void MainWindow::showRules()
{
    if (!m_work->document()) {
        return;
    }
    if (!isRules()) {
        m_pages->setCurrentWidget(m_rules->page());
        m_trialPage->setTrial(nullptr, *m_appearance);
        m_rules->open(m_board ? m_board->selection().controls() : QList<ControlId>());
    }
    showSide();
    refreshActions();
    refreshStatus();
}

bool MainWindow::isEntry() const
{
    return m_work->document() && m_pages->currentWidget() == m_entryPage;
}

void MainWindow::showDesign()
{
    if (!m_work->document()) {
        return;
    }
    if (!m_work->document()->root().languages.isEmpty()) {
        (void)m_work->followForm(); // at work it was in the person's language
    }
    m_pages->setCurrentWidget(m_designPage);
    m_trialPage->setTrial(nullptr, *m_appearance);
    showSide();
    m_board->setFocus();
    refreshActions();
    refreshStatus();
}

void MainWindow::showEntry()
{
    if (!m_work->document()) {
        return;
    }
    if (!m_work->session()) {
        showSide();
        complain(m_work->workspace().databaseError.sentence.isEmpty()
                     ? Error{tr("This form has no database to work on. Open the project that it belongs to."), {}}
                     : m_work->workspace().databaseError);
        return;
    }
    const bool hasRows = !m_work->document()->root().rowsFrom.isEmpty();
    const Form atWork = inPersonsLanguage(m_work->document()->root(), *m_appearance);
    const Outcome changed = m_work->session()->setForm(atWork);
    if (!changed && hasRows) {
        complain(changed.error());
    }
    if (!m_entryView) {
        m_entryView = new EntryView(m_work->session(), m_appearance->zoomed(entryZoom()));
        m_entryPage->layout()->addWidget(m_entryView);
        connect(m_entryView, &EntryView::closeRequested, this, &MainWindow::showDesign, Qt::QueuedConnection);
    }
    m_entryView->setForm(atWork);
    m_pages->setCurrentWidget(m_entryPage);
    m_trialPage->setTrial(nullptr, *m_appearance);
    showSide();
    m_entryView->focusFirst();
    refreshActions();
    refreshStatus();
}

} // namespace nabblet
