// What holds in a form without standing in its list of rules: said, and its expression edited where it has one.
#pragma once

#include "core/rules/standing_rules.h"
#include "designer/rules/rule_context.h"

#include <QWidget>

class QLabel;
class QLineEdit;
class QPushButton;

namespace nabblet {

class SqlLine;

class StandingEditor : public QWidget
{
    Q_OBJECT

public:
    // context: outlives this.
    explicit StandingEditor(const RuleContext *context, QWidget *parent = nullptr);

    void setRule(const StandingRule &rule);
    const StandingRule &rule() const { return m_rule; }
    // What its expression gives for the record in hand and others, in words.
    void setTried(const QString &words);
    void setHasRows(bool hasRows);

Q_SIGNALS:
    void edited(const QString &expression);
    void boardRequested(nabblet::ControlId control);
    void rowsRequested();
    void sentenceChanged(const QString &rule, const QString &sentence);

private:
    void showMistake();
    void takeSentence();

    const RuleContext *m_context;
    StandingRule m_rule;
    QLabel *m_says;
    QLabel *m_from;
    QLabel *m_ownTitle;
    QLineEdit *m_own;
    SqlLine *m_expression;
    QPushButton *m_putIn;
    QLabel *m_mistake;
    QLabel *m_tried;
    QPushButton *m_board;
    QPushButton *m_look;
};

} // namespace nabblet
