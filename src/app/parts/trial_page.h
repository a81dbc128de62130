// A form in trial, with what can be done there besides: test records, and what of its rules was not seen yet.
#pragma once

#include "app/work/trial.h"
#include "entry/theme/appearance.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace nabblet {

class EntryView;

class TrialPage : public QWidget
{
    Q_OBJECT

public:
    explicit TrialPage(QWidget *parent = nullptr);
    ~TrialPage() override;

    // Takes a trial over; nullptr ends the one there is, with all that was done in it.
    void setTrial(std::unique_ptr<Trial> trial, const Appearance &appearance);
    Trial *trial() const { return m_trial.get(); }
    EntryView *view() const { return m_view; }
    // What the last trial saw of the rules of its form.
    const RuleBranches &tried() const { return m_trial ? m_trial->branches() : m_tried; }
    void setAppearance(const Appearance &appearance);
    // Fills what is blank in the record in hand, which is a new one unless something is typed already.
    void fillRecord();
    // Goes to the next side of a rule that was not seen.
    void goToNextBranch();

Q_SIGNALS:
    void endRequested();
    void endedBecause(const QString &sentence);
    void said(const QString &sentence);

private:
    void endOnceFree(const QString &why);
    void showBranches();
    void openBranches();
    void go(const RuleBranch &branch);

    std::unique_ptr<Trial> m_trial;
    RuleBranches m_tried;
    EntryView *m_view = nullptr;
    QWidget *m_strip;
    QLabel *m_words;
    QPushButton *m_fill;
    QPushButton *m_branches;
    QPushButton *m_next;
    QVBoxLayout *m_column;
};

} // namespace nabblet
