#include "designer/panels/choices_table_dialog.h"

#include "core/text/tr.h"
#include "designer/panels/dialog_buttons.h"

#include <QFontDatabase>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>

namespace nabblet {

ChoicesTableDialog::ChoicesTableDialog(const Connection &connection, const Catalogue &catalogue, const Table &table,
                                       const QString &column, QWidget *parent)
    : QDialog(parent), m_connection(connection), m_catalogue(catalogue), m_table(table), m_column(column),
      m_values(countChoices(connection, table, column))
{
    setWindowTitle(tr("A table of the values of %1").arg(column.simplified()));
    setObjectName(QStringLiteral("choicesTable"));
    auto *grid = new QGridLayout(this);
    grid->setContentsMargins(16, 16, 16, 16);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(8);
    grid->setColumnStretch(1, 1);
    m_name = new QLineEdit(choicesTableName(catalogue, table, column));
    m_name->setObjectName(QStringLiteral("choicesTableName"));
    m_name->setAccessibleName(tr("Name of the table"));
    auto *caption = new QLabel(tr("Name of the table"));
    caption->setBuddy(m_name);
    grid->addWidget(caption, 0, 0);
    grid->addWidget(m_name, 0, 1);
    m_sql = new QPlainTextEdit;
    m_sql->setObjectName(QStringLiteral("choicesTableSql"));
    m_sql->setAccessibleName(tr("Statements"));
    m_sql->setReadOnly(true);
    m_sql->setTabChangesFocus(true);
    m_sql->setFont(QFontDatabase::systemFont(QFontDatabase::FixedFont));
    m_sql->setFixedHeight(116);
    m_sql->setMinimumWidth(440);
    grid->addWidget(new QLabel(tr("Statements")), 1, 0, Qt::AlignTop);
    grid->addWidget(m_sql, 1, 1);
    m_why = new QLabel;
    m_why->setObjectName(QStringLiteral("faint"));
    m_why->setWordWrap(true);
    m_why->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    m_why->setMinimumHeight(2 * fontMetrics().lineSpacing() + 4);
    grid->addWidget(m_why, 2, 1);
    const DialogButtons buttons = makeDialogButtons(this, tr("Make the table"), "makeChoicesTable");
    m_make = buttons.take;
    grid->addLayout(buttons.row, 3, 0, 1, 2);
    connect(m_name, &QLineEdit::textChanged, this, &ChoicesTableDialog::refresh);
    refresh();
}

void ChoicesTableDialog::refresh()
{
    const Result<ChoicesTable> made =
        m_values ? choicesTableOf(m_connection, m_catalogue, m_table, m_column, m_name->text()) : m_values.error();
    m_statements = made ? made->statements : QStringList();
    m_link = made ? made->link : TableLink();
    m_sql->setPlainText(m_statements.isEmpty() ? QString() : m_statements.join(QStringLiteral(";\n")) + u';');
    m_why->setText(made
                       ? counted(*m_values,
                                 tr("One value goes into the table. What is stored in “%1” stays as it is; the project "
                                    "remembers that it is chosen from there.")
                                     .arg(m_column.simplified()),
                                 tr("%1 values go into the table. What is stored in “%2” stays as it is; the project "
                                    "remembers that it is chosen from there.")
                                     .arg(QStringLiteral("%1"), m_column.simplified()))
                       : made.error().sentence);
    m_make->setEnabled(made.isOk());
}

void ChoicesTableDialog::accept()
{
    const Outcome run = runTogether(m_connection, m_statements);
    if (!run) {
        m_why->setText(run.error().sentence);
        return;
    }
    QDialog::accept();
}

} // namespace nabblet
