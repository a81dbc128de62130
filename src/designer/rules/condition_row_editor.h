// One row of a condition: a column, a comparison, and what it is compared with.
#pragma once

#include "core/rules/condition_rows.h"
#include "designer/rules/rule_context.h"

#include <QWidget>

class QComboBox;
class QHBoxLayout;
class QLabel;
class QPushButton;

namespace nabblet {

class ConditionRowEditor : public QWidget
{
    Q_OBJECT

public:
    ConditionRowEditor(const RuleContext *context, const ConditionRow &row, bool isFirst, QWidget *parent = nullptr);

    const ConditionRow &row() const { return m_row; }
    // What stands before the first row, and before its opposite.
    void setFirstWords(const QString &word, const QString &opposite);
    // Whether it can be put into brackets with the row above it.
    void setBracketsOffered(bool areOffered);

Q_SIGNALS:
    void edited();
    void removed();

private:
    void showJoint();
    void fillComparisons();
    void makeValues();
    bool isCountOfDays() const;
    QPushButton *calendarButton(int number, QComboBox *list);
    QComboBox *valueList(int number, const QString &caption);
    void makeSeveral();
    void takeValue(int number, const QComboBox *list);
    ColumnType type() const;

    const RuleContext *m_context;
    ConditionRow m_row;
    bool m_isFirst;
    QString m_firstWord;
    QString m_firstOpposite;
    QPushButton *m_joint;
    QComboBox *m_column;
    QComboBox *m_comparison;
    QWidget *m_values = nullptr;
    QPushButton *m_bracket;
    QPushButton *m_remove;
    QHBoxLayout *m_line;
};

// A day as people type it: "today", "today + 14", "today - 30", or a date as their locale writes it or as YYYY-MM-DD.
std::optional<CompareValue> dayFromWords(const QString &typed);
QString dayInWords(const CompareValue &value);

} // namespace nabblet
