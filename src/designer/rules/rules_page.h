// All rules of a form in one place: their list, and the one at hand beside it.
#pragma once

#include "core/catalogue/profile.h"
#include "core/edit/rule_clip.h"
#include "designer/document/form_document.h"
#include "designer/rules/rule_counting.h"
#include "designer/rules/rule_editor.h"
#include "designer/rules/rule_lines.h"

#include <QPointer>
#include <QWidget>

class QComboBox;
class QLabel;
class QPushButton;
class QStackedWidget;

namespace nabblet {

class Panel;
class StandingEditor;

class RulesPage : public QWidget
{
    Q_OBJECT

public:
    explicit RulesPage(QWidget *parent = nullptr);

    // The form whose rules they are, and the database that it works on; nullptr for none.
    void setDocument(FormDocument *document);
    void setDatabase(const DatabaseAddress &address, const Catalogue &catalogue);
    void setAppearance(const Appearance &appearance);
    // The values that a column may be compared with.
    void setChoices(const std::function<QList<ValueChoice>(const QString &column)> &choices);
    // What an expression gives for the record in hand and a few others, in words.
    void setTrying(const std::function<QString(const QString &expression)> &trying) { m_trying = trying; }
    // Which sides of a rule no trial has shown, in words.
    void setUntried(const std::function<QString(const Rule &)> &untried) { m_context.untried = untried; }
    // The page comes to the front: counts, with the rules of these controls first in sight.
    void open(const QList<ControlId> &controls);
    // Another rule, on these controls.
    void addRule(const QList<ControlId> &on);

Q_SIGNALS:
    void backRequested();
    void recordRequested(const nabblet::RowKey &key);
    void boardRequested(nabblet::ControlId control);
    void said(const QString &sentence);
    void sentenceChanged(const nabblet::RuleSentence &sentence);

protected:
    void keyPressEvent(QKeyEvent *event) override;

private:
    void changeStanding(const QString &expression);
    void lookAtRows(const QString &title, int counted);
    QList<int> chosenRules() const;
    void copyRules();
    void pasteRules();
    void takePasted(const QString &step, const PastedRules &pasted);
    void deleteRules();
    int standingAt(int line) const;
    void follow();
    void showList();
    void showRule();
    void showTitle();
    void showCounts();
    int ruleAt(int line) const;
    void apply(const QString &step, const QList<Rule> &rules, const QString &mergeKey = {});
    void moveRule(int by);

    QPointer<FormDocument> m_document;
    RuleContext m_context;
    QList<StandingRule> m_standing; // of the form and its table
    RuleCounting m_counting;
    Catalogue m_catalogue;
    std::function<QString(const QString &)> m_trying;
    bool m_isApplying = false;

    Panel *m_listPanel;
    Panel *m_rulePanel;
    QComboBox *m_filter;
    RuleList *m_list;
    QStackedWidget *m_beside;
    QLabel *m_nothing;
    RuleEditor *m_editor;
    StandingEditor *m_standingEditor;
    QPushButton *m_up;
    QPushButton *m_down;
};

} // namespace nabblet
