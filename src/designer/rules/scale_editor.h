// The parts of a scale: its limits, their marks and words, and what is measured.
#pragma once

#include "core/model/rule.h"
#include "designer/rules/rule_context.h"

#include <QWidget>

class QVBoxLayout;

namespace nabblet {

class SqlLine;

class ScaleEditor : public QWidget
{
    Q_OBJECT

public:
    // context: outlives this.
    explicit ScaleEditor(const RuleContext *context, QWidget *parent = nullptr);

    // Shows a rule; what is being typed there stays.
    void setRule(const Rule &rule);
    // The same rule as it is edited here.
    const Rule &rule() const { return m_rule; }
    void setNames(const QStringList &names);

Q_SIGNALS:
    void edited();

private:
    void change(const std::function<void(Rule &)> &how);
    void changeStep(int number, const std::function<void(ScaleStep &)> &how);
    void showSteps();

    const RuleContext *m_context;
    Rule m_rule;
    QWidget *m_anchor;
    QVBoxLayout *m_stepsColumn;
    SqlLine *m_measured;
};

} // namespace nabblet
