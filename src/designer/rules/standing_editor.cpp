#include "designer/rules/standing_editor.h"

#include "core/rules/belonging.h"
#include "designer/rules/put_in_menu.h"
#include "designer/rules/sql_line.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QLabel *wrapped(const char *name)
{
    auto *label = new QLabel;
    label->setObjectName(QLatin1String(name));
    label->setTextFormat(Qt::PlainText);
    label->setWordWrap(true);
    return label;
}

bool hasExpression(const StandingRule &rule)
{
    return rule.kind == StandingKind::Formula || rule.kind == StandingKind::StartFormula;
}

} // namespace

StandingEditor::StandingEditor(const RuleContext *context, QWidget *parent) : QWidget(parent), m_context(context)
{
    setObjectName(QStringLiteral("standingEditor"));
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(8);
    m_says = wrapped("standingSays");
    m_from = wrapped("faint");
    m_expression = new SqlLine;
    m_expression->setObjectName(QStringLiteral("standingExpression"));
    m_expression->setAccessibleName(tr("Value as SQL"));
    m_putIn = putInButton(m_expression, context);
    m_mistake = wrapped("mistake");
    m_tried = wrapped("faint");
    m_board = new QPushButton(tr("Show on the board"));
    m_board->setObjectName(QStringLiteral("showOnBoard"));
    m_look = new QPushButton(tr("look at them"));
    m_look->setObjectName(QStringLiteral("lookAtStanding"));
    column->addWidget(m_says);
    column->addWidget(m_expression);
    auto *tools = new QHBoxLayout;
    tools->addWidget(m_putIn);
    tools->addStretch(1);
    column->addLayout(tools);
    column->addWidget(m_mistake);
    column->addWidget(m_tried);
    column->addWidget(m_from);
    m_ownTitle = new QLabel(tr("What people read where it does not hold"));
    m_own = new QLineEdit;
    m_own->setObjectName(QStringLiteral("ownSentence"));
    m_own->setAccessibleName(m_ownTitle->text());
    m_own->setToolTip(tr("In all forms of the project; empty: the words that the program finds"));
    column->addWidget(m_ownTitle);
    column->addWidget(m_own);
    auto *buttons = new QHBoxLayout;
    buttons->addWidget(m_board);
    buttons->addWidget(m_look);
    buttons->addStretch(1);
    column->addLayout(buttons);
    column->addStretch(1);
    connect(m_expression, &QPlainTextEdit::textChanged, this, [this] {
        showMistake();
        const QString typed = m_expression->toPlainText().trimmed();
        if (!typed.isEmpty() && typed != m_rule.expression) {
            m_rule.expression = typed;
            Q_EMIT edited(typed);
        }
    });
    connect(m_board, &QPushButton::clicked, this, [this] { Q_EMIT boardRequested(m_rule.control); });
    connect(m_look, &QPushButton::clicked, this, &StandingEditor::rowsRequested);
    connect(m_own, &QLineEdit::editingFinished, this, &StandingEditor::takeSentence);
}

void StandingEditor::takeSentence()
{
    const QString words = m_own->text().simplified();
    if (!m_rule.rule.isEmpty() && words != m_rule.own) {
        m_rule.own = words;
        Q_EMIT sentenceChanged(m_rule.rule, words);
    }
}

void StandingEditor::setRule(const StandingRule &rule)
{
    if (rule.rule != m_rule.rule) {
        takeSentence(); // another one was chosen while the keyboard was here
    }
    const bool isSame = rule.rule == m_rule.rule && rule.own == m_rule.own;
    m_rule = rule;
    if (!isSame) {
        m_own->setText(rule.own);
    }
    m_own->setVisible(!rule.rule.isEmpty());
    m_ownTitle->setVisible(!rule.rule.isEmpty());
    // The words that the program would find, when nothing is written.
    m_own->setPlaceholderText(rule.own.isEmpty() ? rule.sentence.section(QLatin1String(" ("), 0, -2) : QString());
    m_says->setText(rule.kind == StandingKind::Formula        ? tr("%1 shows what this gives:").arg(rule.subject)
                    : rule.kind == StandingKind::StartFormula ? tr("%1 starts with what this gives:").arg(rule.subject)
                                                              : rule.sentence);
    const bool isOfTable = rule.kind == StandingKind::RequiredByTable || rule.kind == StandingKind::CheckOfTable;
    m_from->setText(rule.kind == StandingKind::UniqueInTable
                        ? tr("The database asks for this. It is tried when the record is saved.")
                    : isOfTable
                        ? tr("The database asks for this. It is tried when the keyboard leaves the box, and said "
                             "in words where it does not hold.")
                    : rule.kind == StandingKind::Limits ? tr("It is tried when the keyboard leaves the box. The board "
                                                             "has it among the settings of the control.")
                    : rule.kind == StandingKind::Formula
                        ? tr("It is shown and stored nowhere. A rule that puts a value in stores it in a column.")
                        : tr("It stands in new records and may be typed over. The board has it among the settings "
                             "of the control."));
    m_expression->setNames(namesFor(*m_context));
    if (m_expression->toPlainText().trimmed() != rule.expression) {
        const QSignalBlocker still(m_expression);
        m_expression->setPlainText(rule.expression);
    }
    m_expression->setVisible(hasExpression(rule));
    m_putIn->setVisible(hasExpression(rule));
    m_board->setVisible(rule.control != 0);
    m_tried->hide();
    showMistake();
}

void StandingEditor::showMistake()
{
    const QString typed = m_expression->toPlainText().trimmed();
    const QString mistake = !hasExpression(m_rule) ? QString()
                            : typed.isEmpty()
                                ? tr("Nothing is written yet; what was there before goes on.")
                                : sqlMistake(typed, columnNames(m_context->table), belongingTo(m_context->form));
    m_mistake->setText(mistake);
    m_mistake->setVisible(!mistake.isEmpty());
}

void StandingEditor::setTried(const QString &words)
{
    m_tried->setText(words);
    m_tried->setVisible(!words.isEmpty() && hasExpression(m_rule));
}

void StandingEditor::setHasRows(bool hasRows)
{
    m_look->setVisible(hasRows);
}

} // namespace nabblet
