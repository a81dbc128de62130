#include "designer/new_form/rows_dialog.h"

#include "data/records/select_source.h"
#include "designer/panels/dialog_buttons.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace nabblet {

RowsDialog::RowsDialog(const Connection &connection, const Catalogue &catalogue, const QString &rowsFrom,
                       const QString &select, Theme theme, QWidget *parent)
    : QDialog(parent), m_catalogue(catalogue)
{
    setWindowTitle(tr("Where the rows come from"));
    setObjectName(QStringLiteral("rowsDialog"));
    resize(620, 380);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(16, 16, 16, 16);
    column->setSpacing(10);
    auto *hint = new QLabel(tr("Whose rows does the form show and write? What is on the form already stays."));
    hint->setObjectName(QStringLiteral("faint"));
    column->addWidget(hint);
    auto *middle = new QHBoxLayout;
    m_tables = new QTreeWidget;
    m_tables->setObjectName(QStringLiteral("rowsTables"));
    m_tables->setHeaderHidden(true);
    m_tables->setRootIsDecorated(false);
    m_tables->setFixedWidth(200);
    m_tables->setAccessibleName(tr("Tables, views and SELECT"));
    for (const Table &table : catalogue.tables) {
        if (table.kind == TableKind::Select) {
            continue;
        }
        auto *item = new QTreeWidgetItem(m_tables, {table.name.simplified()});
        item->setData(0, Qt::UserRole, table.name);
        if (select.isEmpty() && table.name == rowsFrom) {
            m_tables->setCurrentItem(item);
        }
    }
    auto *own = new QTreeWidgetItem(m_tables, {tr("Own SELECT")});
    if (!select.isEmpty()) {
        m_tables->setCurrentItem(own);
    }
    m_select = new SelectBox(connection, catalogue, theme);
    m_select->setText(select);
    middle->addWidget(m_tables);
    middle->addWidget(m_select, 1);
    column->addLayout(middle, 1);
    const DialogButtons buttons = makeDialogButtons(this, tr("Take these rows"), "takeRowsFrom");
    m_take = buttons.take;
    column->addLayout(buttons.row);
    connect(m_tables, &QTreeWidget::currentItemChanged, this, &RowsDialog::refresh);
    connect(m_tables, &QTreeWidget::itemDoubleClicked, this, [this] {
        if (m_take->isEnabled()) {
            accept();
        }
    });
    connect(m_select, &SelectBox::checked, this, &RowsDialog::refresh);
    m_select->check();
    refresh();
}

QString RowsDialog::rowsFrom() const
{
    const QTreeWidgetItem *item = m_tables->currentItem();
    const QString table = item ? item->data(0, Qt::UserRole).toString() : QString();
    return item && table.isEmpty() ? selectTableName(m_catalogue) : table;
}

QString RowsDialog::select() const
{
    return rowsFrom() == selectTableName(m_catalogue) && m_select->table() ? m_select->table()->select : QString();
}

const Table *RowsDialog::selectTable() const
{
    return select().isEmpty() ? nullptr : &*m_select->table();
}

void RowsDialog::refresh()
{
    const bool isOwn = rowsFrom() == selectTableName(m_catalogue);
    m_select->setEnabled(isOwn);
    m_take->setEnabled(!rowsFrom().isEmpty() && (!isOwn || m_select->table()));
}

} // namespace nabblet
