// How a text is written: examples, the pattern that they make, or a ready shape; and how what is stored fits.
#pragma once

#include "core/model/rule.h"
#include "data/records/rule_counts.h"
#include "designer/rules/rule_context.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QPlainTextEdit;

namespace nabblet {

class ShapeEditor : public QWidget
{
    Q_OBJECT

public:
    // context: outlives this.
    explicit ShapeEditor(const RuleContext *context, QWidget *parent = nullptr);

    // Shows a rule; what is being typed there stays.
    void setRule(const Rule &rule);
    // The same rule as it is edited here.
    const Rule &rule() const { return m_rule; }
    // How many stored values fit. columns: of the rows kept.
    void setCounted(const RowsCounted &counted, const QStringList &columns);

Q_SIGNALS:
    void edited();

private:
    void change(const std::function<void(Rule &)> &how);
    QStringList written() const; // the examples
    void showAll();

    const RuleContext *m_context;
    Rule m_rule;
    RowsCounted m_counted;
    QStringList m_columns;
    QComboBox *m_ready;
    QPlainTextEdit *m_examples;
    QLineEdit *m_pattern;
    QLabel *m_words;
};

} // namespace nabblet
