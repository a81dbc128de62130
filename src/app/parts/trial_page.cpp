#include "app/parts/trial_page.h"

#include "core/rules/rule_sentence.h"
#include "core/text/tr.h"
#include "data/dialect/waiting.h"
#include "entry/theme/entry_zoom.h"
#include "entry/trial/test_record.h"
#include "entry/view/entry_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QThread>
#include <QTimer>
#include <QVBoxLayout>

namespace nabblet {

TrialPage::TrialPage(QWidget *parent) : QWidget(parent)
{
    m_column = new QVBoxLayout(this);
    m_column->setContentsMargins(8, 8, 8, 8);
    m_column->setSpacing(8);
    m_strip = new QWidget;
    m_strip->setObjectName(QStringLiteral("notice"));
    m_strip->setAttribute(Qt::WA_StyledBackground);
    m_strip->setProperty("isNote", true);
    auto *row = new QHBoxLayout(m_strip);
    row->setContentsMargins(16, 6, 8, 6);
    m_words = new QLabel;
    m_words->setWordWrap(true);
    m_fill = new QPushButton(tr("Test record (F8)"));
    m_fill->setObjectName(QStringLiteral("testRecord"));
    m_fill->setToolTip(tr("A new record with likely values; what is filled in already stays"));
    m_branches = new QPushButton;
    m_branches->setObjectName(QStringLiteral("branches"));
    m_next = new QPushButton(tr("Show the next (Shift+F8)"));
    m_next->setObjectName(QStringLiteral("nextBranch"));
    auto *end = new QPushButton(tr("End the trial (F7)"));
    end->setObjectName(QStringLiteral("endTrial"));
    row->addWidget(m_words, 1);
    for (QPushButton *button : {m_fill, m_branches, m_next, end}) {
        row->addWidget(button);
    }
    m_column->addWidget(m_strip);
    connect(m_fill, &QPushButton::clicked, this, &TrialPage::fillRecord);
    connect(m_branches, &QPushButton::clicked, this, &TrialPage::openBranches);
    connect(m_next, &QPushButton::clicked, this, &TrialPage::goToNextBranch);
    connect(end, &QPushButton::clicked, this, &TrialPage::endRequested, Qt::QueuedConnection);
}

TrialPage::~TrialPage()
{
    delete m_view; // before the session that it shows
}

void TrialPage::setTrial(std::unique_ptr<Trial> trial, const Appearance &appearance)
{
    delete m_view;
    m_view = nullptr;
    m_tried = tried();
    m_trial = std::move(trial);
    if (!m_trial) {
        return;
    }
    m_trial->takeOver(m_tried);
    m_words->setText(
        m_trial->isOnCopy()
            ? tr("Trial, on a copy of the database. Nothing done here reaches the stored rows; addresses and letters "
                 "that buttons open are real.")
            : tr("Trial, on the server. Nothing done here is kept; it ends by itself when somebody else needs a row "
                 "changed here. Addresses and letters that buttons open are real, numbers that count up are used up."));
    m_view = new EntryView(m_trial->session(), appearance.zoomed(entryZoom()));
    m_column->addWidget(m_view, 1);
    connect(m_view, &EntryView::closeRequested, this, &TrialPage::endRequested, Qt::QueuedConnection);
    connect(m_view, &EntryView::said, this, &TrialPage::said);
    connect(m_trial.get(), &Trial::branchesChanged, this, &TrialPage::showBranches);
    connect(m_trial.get(), &Trial::ended, this, &TrialPage::endOnceFree, Qt::QueuedConnection);
    showBranches();
    m_view->focusFirst();
}

void TrialPage::setAppearance(const Appearance &appearance)
{
    if (m_view) {
        m_view->setAppearance(appearance.zoomed(entryZoom()));
    }
}

// Not in the middle of a question, or of what the form is doing.
void TrialPage::endOnceFree(const QString &why)
{
    constexpr int Later = 100; // ms
    if (QThread::currentThread()->loopLevel() > 1 || isWaiting()) {
        QTimer::singleShot(Later, m_trial.get(), [this, why] { endOnceFree(why); });
    } else {
        Q_EMIT endedBecause(why);
    }
}

void TrialPage::fillRecord()
{
    EntrySession *session = m_trial ? m_trial->session() : nullptr;
    if (!session) {
        return;
    }
    if (!session->state().isNew() && !session->state().isChanged()) {
        session->moves().add();
    }
    const int filled = fillWithLikelyValues(*session);
    m_view->focusFirst();
    Q_EMIT said(counted(filled, tr("1 box was filled."), tr("%1 boxes were filled.")));
}

void TrialPage::go(const RuleBranch &branch)
{
    const Outcome gone = goToBranch(*m_trial->session(), branch);
    Q_EMIT said(
        gone ? tr("Seen now: %1")
                   .arg(ruleSentence(m_trial->session()->form(), m_trial->session()->form().rules.at(branch.rule)))
             : gone.error().sentence);
}

void TrialPage::goToNextBranch()
{
    if (m_trial && !m_trial->branches().missing().isEmpty()) {
        go(m_trial->branches().missing().first());
    }
}

void TrialPage::showBranches()
{
    const RuleBranches &branches = m_trial->branches();
    m_branches->setText(tr("Rules: seen %1 of %2").arg(branches.seen()).arg(branches.all()));
    m_branches->setVisible(branches.all() > 0);
    m_next->setVisible(branches.all() > 0);
    m_next->setEnabled(!branches.missing().isEmpty());
}

// What was not seen yet, to be gone to.
void TrialPage::openBranches()
{
    QMenu menu(m_branches);
    const QList<RuleBranch> missing = m_trial->branches().missing();
    for (int i = 0; i < missing.size(); ++i) {
        menu.addAction(m_trial->branches().words(missing.at(i)).replace(u'&', QLatin1String("&&")))->setData(i);
    }
    if (missing.isEmpty()) {
        menu.addAction(tr("Every side of every rule was seen"))->setEnabled(false);
    }
    if (const QAction *chosen = menu.exec(m_branches->mapToGlobal(QPoint(0, m_branches->height())))) {
        go(missing.at(chosen->data().toInt()));
    }
}

} // namespace nabblet
