#include "designer/panels/new_column_dialog.h"

#include "designer/panels/dialog_buttons.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFontDatabase>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>

namespace nabblet {

namespace {

QString typeWords(ColumnType type)
{
    switch (type) {
    case ColumnType::WholeNumber:
        return NewColumnDialog::tr("whole number");
    case ColumnType::DecimalNumber:
        return NewColumnDialog::tr("number with decimals");
    case ColumnType::Date:
        return NewColumnDialog::tr("date");
    case ColumnType::Time:
        return NewColumnDialog::tr("time");
    case ColumnType::DateTime:
        return NewColumnDialog::tr("date and time");
    case ColumnType::YesNo:
        return NewColumnDialog::tr("yes or no");
    case ColumnType::Binary:
        return NewColumnDialog::tr("picture");
    case ColumnType::Text:
        break;
    }
    return NewColumnDialog::tr("text");
}

} // namespace

NewColumnDialog::NewColumnDialog(const Connection &connection, const Table &table, QWidget *parent)
    : QDialog(parent), m_connection(connection), m_table(table)
{
    setWindowTitle(tr("New column of %1").arg(table.name.simplified()));
    setObjectName(QStringLiteral("newColumn"));
    auto *grid = new QGridLayout(this);
    grid->setContentsMargins(16, 16, 16, 16);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(8);
    grid->setColumnStretch(1, 1);
    const auto line = [&](int row, const QString &caption, QWidget *editor, const char *name) {
        auto *label = new QLabel(caption);
        label->setBuddy(editor);
        editor->setObjectName(QString::fromLatin1(name));
        editor->setAccessibleName(caption);
        grid->addWidget(label, row, 0, editor == m_statement ? Qt::AlignTop : Qt::AlignVCenter);
        grid->addWidget(editor, row, 1);
    };
    m_name = new QLineEdit;
    line(0, tr("Name"), m_name, "columnName");
    m_type = new QComboBox;
    for (const ColumnType type : offeredTypes()) {
        m_type->addItem(typeWords(type), static_cast<int>(type));
    }
    line(1, tr("Holds"), m_type, "columnType");
    m_required = new QCheckBox(tr("must be filled in"));
    line(2, tr("Required"), m_required, "columnRequired");
    m_default = new QLineEdit;
    m_default->setPlaceholderText(tr("nothing"));
    line(3, tr("Starts as"), m_default, "columnDefault");
    m_statement = new QPlainTextEdit;
    m_statement->setReadOnly(true);
    m_statement->setFont(QFontDatabase::systemFont(QFontDatabase::FixedFont));
    m_statement->setTabChangesFocus(true);
    m_statement->setFixedHeight(72);
    m_statement->setMinimumWidth(380);
    line(4, tr("Statement"), m_statement, "columnStatement");
    m_why = new QLabel;
    m_why->setObjectName(QStringLiteral("faint"));
    m_why->setWordWrap(true);
    m_why->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    m_why->setMinimumHeight(2 * fontMetrics().lineSpacing() + 4);
    grid->addWidget(m_why, 5, 1);
    const DialogButtons buttons = makeDialogButtons(this, tr("Add column"), "addColumn");
    m_add = buttons.take;
    grid->addLayout(buttons.row, 6, 0, 1, 2);
    connect(m_name, &QLineEdit::textChanged, this, &NewColumnDialog::refresh);
    connect(m_default, &QLineEdit::textChanged, this, &NewColumnDialog::refresh);
    connect(m_type, &QComboBox::currentIndexChanged, this, &NewColumnDialog::refresh);
    connect(m_required, &QCheckBox::toggled, this, &NewColumnDialog::refresh);
    refresh();
}

NewColumn NewColumnDialog::wanted() const
{
    return {m_name->text().trimmed(), static_cast<ColumnType>(m_type->currentData().toInt()), m_required->isChecked(),
            m_default->text()};
}

QString NewColumnDialog::column() const
{
    return wanted().name;
}

void NewColumnDialog::refresh()
{
    m_default->setEnabled(wanted().type != ColumnType::Binary);
    const Result<QString> statement = addColumnStatement(m_connection, m_table, wanted(), locale());
    m_statement->setPlainText(statement ? *statement : QString());
    m_why->setText(statement ? tr("The table is changed for everyone who uses this database. Taking the field off the "
                                  "form later leaves the column there.")
                             : statement.error().sentence);
    m_add->setEnabled(statement.isOk());
}

void NewColumnDialog::accept()
{
    const Result<QString> statement = addColumnStatement(m_connection, m_table, wanted(), locale());
    const Outcome run = statement ? runTogether(m_connection, {*statement}) : Outcome(statement.error());
    if (!run) {
        m_why->setText(run.error().sentence);
        return;
    }
    QDialog::accept();
}

} // namespace nabblet
