// A condition: in rows of column, comparison and value as long as it is that simple, and as SQL. Either is edited, the
// other follows.
#pragma once

#include "core/rules/condition_rows.h"
#include "designer/rules/rule_context.h"

#include <QWidget>

class QLabel;
class QPlainTextEdit;
class QPushButton;
class QVBoxLayout;

namespace nabblet {

class BracketedRows;

class ConditionEditor : public QWidget
{
    Q_OBJECT

public:
    // context: outlives this.
    explicit ConditionEditor(const RuleContext *context, QWidget *parent = nullptr);

    // Shows a condition, unless it is the one that stands there.
    void setCondition(const QString &condition);
    // What stands before the first row, and before its opposite.
    void setFirstWords(const QString &word, const QString &opposite);
    // Makes the lists anew, of another form or other stored values.
    void refresh();
    const QString &condition() const { return m_condition; }
    // The column of the first row that compares a number; empty for none.
    QString numberColumn() const;

Q_SIGNALS:
    void edited(const QString &condition);

private:
    void makeRows();
    void takeRows();
    void showMistake();
    void showBrackets();
    void addRow(bool isOr);

    const RuleContext *m_context;
    QString m_condition;
    QString m_firstWord;
    QString m_firstOpposite;
    QList<ConditionRow> m_rows; // those that are not whole yet among them
    bool m_isSimple = true;
    QWidget *m_anchor;
    BracketedRows *m_rowsPart;
    QVBoxLayout *m_rowsColumn;
    QLabel *m_notSimple;
    QPushButton *m_and;
    QPushButton *m_or;
    QPlainTextEdit *m_sql;
    QLabel *m_mistake;
};

} // namespace nabblet
