#include "designer/rules/condition_editor.h"

#include "core/rules/belonging.h"
#include "designer/rules/bracketed_rows.h"
#include "designer/rules/condition_row_editor.h"
#include "designer/rules/put_in_menu.h"
#include "designer/rules/sql_line.h"
#include "designer/rules/tab_chain.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace nabblet {

ConditionEditor::ConditionEditor(const RuleContext *context, QWidget *parent)
    : QWidget(parent), m_context(context), m_firstWord(tr("when")), m_firstOpposite(tr("when not"))
{
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    m_anchor = tabAnchor(this);
    m_rowsPart = new BracketedRows;
    m_rowsColumn = m_rowsPart->column();
    column->addWidget(m_rowsPart);
    m_notSimple = new QLabel(tr("This condition is more than rows can say. It is edited as SQL."));
    m_notSimple->setObjectName(QStringLiteral("faint"));
    m_notSimple->setWordWrap(true);
    column->addWidget(m_notSimple);
    auto *buttons = new QHBoxLayout;
    m_and = new QPushButton(tr("+ and"));
    m_and->setObjectName(QStringLiteral("addAnd"));
    m_or = new QPushButton(tr("+ or"));
    m_or->setObjectName(QStringLiteral("addOr"));
    buttons->addWidget(m_and);
    buttons->addWidget(m_or);
    buttons->addStretch(1);
    column->addLayout(buttons);
    auto *sqlHead = new QHBoxLayout;
    auto *heading = new QLabel(tr("The same as SQL"));
    heading->setObjectName(QStringLiteral("faint"));
    auto *sql = new SqlLine;
    sqlHead->addWidget(heading, 1);
    sqlHead->addWidget(putInButton(sql, context));
    column->addLayout(sqlHead);
    m_sql = sql;
    m_sql->setObjectName(QStringLiteral("conditionSql"));
    m_sql->setAccessibleName(tr("Condition as SQL"));
    m_sql->setPlaceholderText(tr("Always"));
    heading->setBuddy(m_sql);
    column->addWidget(m_sql);
    m_mistake = new QLabel;
    m_mistake->setObjectName(QStringLiteral("mistake"));
    m_mistake->setTextFormat(Qt::PlainText);
    m_mistake->setWordWrap(true);
    column->addWidget(m_mistake);
    connect(m_and, &QPushButton::clicked, this, [this] { addRow(false); });
    connect(m_or, &QPushButton::clicked, this, [this] { addRow(true); });
    connect(m_sql, &QPlainTextEdit::textChanged, this, [this] {
        const QString typed = m_sql->toPlainText().trimmed();
        if (typed == m_condition) {
            return;
        }
        m_condition = typed;
        const auto rows = rowsFromCondition(m_condition);
        m_isSimple = rows.has_value();
        m_rows = rows.value_or(QList<ConditionRow>());
        makeRows();
        showMistake();
        Q_EMIT edited(m_condition);
    });
}

void ConditionEditor::setCondition(const QString &condition)
{
    const bool isSame = condition.trimmed() == m_condition;
    m_condition = condition.trimmed();
    if (!isSame) {
        const auto rows = rowsFromCondition(m_condition);
        m_isSimple = rows.has_value();
        m_rows = rows.value_or(QList<ConditionRow>());
        const QSignalBlocker blocker(m_sql);
        m_sql->setPlainText(m_condition);
    }
    if (!isSame || m_rowsColumn->count() == 0) {
        makeRows();
    }
    showMistake();
}

void ConditionEditor::setFirstWords(const QString &word, const QString &opposite)
{
    m_firstWord = word;
    m_firstOpposite = opposite;
    if (QLayoutItem *first = m_rowsColumn->itemAt(0)) {
        qobject_cast<ConditionRowEditor *>(first->widget())->setFirstWords(word, opposite);
    }
}

void ConditionEditor::refresh()
{
    static_cast<SqlLine *>(m_sql)->setNames(namesFor(*m_context));
    makeRows();
    showMistake();
}

QString ConditionEditor::numberColumn() const
{
    for (const ConditionRow &row : m_rows) {
        const Column *column = findColumn(m_context->table, row.column);
        if (column && (column->type == ColumnType::WholeNumber || column->type == ColumnType::DecimalNumber)) {
            return column->name;
        }
    }
    return {};
}

void ConditionEditor::makeRows()
{
    while (QLayoutItem *item = m_rowsColumn->takeAt(0)) {
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;
    }
    m_notSimple->setVisible(!m_isSimple);
    m_rowsPart->setVisible(m_isSimple && !m_rows.isEmpty());
    m_and->setText(m_rows.isEmpty() ? tr("+ only when") : tr("+ and"));
    m_and->setEnabled(m_isSimple && !m_context->table.columns.isEmpty());
    m_or->setEnabled(m_isSimple && !m_rows.isEmpty());
    for (int i = 0; m_isSimple && i < m_rows.size(); ++i) {
        auto *row = new ConditionRowEditor(m_context, m_rows.at(i), i == 0);
        if (i == 0) {
            row->setFirstWords(m_firstWord, m_firstOpposite);
        }
        // By where the row stands then: quick hands press twice before it is gone.
        connect(row, &ConditionRowEditor::edited, this, [this, row] {
            if (const int at = m_rowsColumn->indexOf(row); at >= 0) {
                m_rows[at] = row->row();
                showBrackets();
                takeRows();
            }
        });
        connect(
            row, &ConditionRowEditor::removed, this,
            [this, row] {
                const int at = m_rowsColumn->indexOf(row);
                if (at < 0) {
                    return;
                }
                if (at + 1 < m_rows.size() && m_rows.at(at + 1).isWithAbove && !m_rows.at(at).isWithAbove) {
                    m_rows[at + 1].isWithAbove = false; // the brackets begin there now, joined as they were
                    m_rows[at + 1].isOr = m_rows.at(at).isOr;
                }
                m_rows.removeAt(at);
                if (!m_rows.isEmpty()) {
                    m_rows.first().isOr = false;
                }
                makeRows();
                takeRows();
            },
            Qt::QueuedConnection);
        m_rowsColumn->addWidget(row);
    }
    showBrackets();
    putBehind(m_anchor, m_rowsColumn);
}

// Two rows mean the same with brackets and without.
void ConditionEditor::showBrackets()
{
    constexpr int Fewest = 3;
    const QList<QPair<int, int>> brackets = bracketsOf(m_rows);
    for (int i = 0; i < m_rowsColumn->count(); ++i) {
        qobject_cast<ConditionRowEditor *>(m_rowsColumn->itemAt(i)->widget())
            ->setBracketsOffered(m_rows.size() >= Fewest || !brackets.isEmpty());
    }
    m_rowsPart->setBrackets(brackets);
}

void ConditionEditor::addRow(bool isOr)
{
    ConditionRow row;
    row.isOr = isOr && !m_rows.isEmpty();
    row.column = m_rows.isEmpty() ? QString() : m_rows.last().column;
    if (row.column.isEmpty()) {
        row.column = m_context->table.columns.first().name;
    }
    const Column *column = findColumn(m_context->table, row.column);
    row.comparison = column ? comparisonsFor(column->type).first() : Comparison::Is;
    m_rows.append(row);
    makeRows();
    takeRows();
    if (QLayoutItem *last = m_rowsColumn->itemAt(m_rowsColumn->count() - 1)) {
        last->widget()->findChild<QWidget *>(QStringLiteral("conditionColumn"))->setFocus();
    }
}

void ConditionEditor::takeRows()
{
    const QString condition = conditionFromRows(m_rows);
    if (condition == m_condition) {
        Q_EMIT edited(m_condition); // the rows are others all the same
        return;
    }
    m_condition = condition;
    {
        const QSignalBlocker blocker(m_sql);
        m_sql->setPlainText(m_condition);
    }
    showMistake();
    Q_EMIT edited(m_condition);
}

void ConditionEditor::showMistake()
{
    const QString mistake = m_condition.isEmpty()
                                ? QString()
                                : sqlMistake(m_condition, columnNames(m_context->table), belongingTo(m_context->form));
    m_mistake->setText(mistake);
    m_mistake->setVisible(!mistake.isEmpty());
}

} // namespace nabblet
