#include "designer/reconcile/columns_instead_dialog.h"

#include "core/kinds/control_names.h"
#include "designer/panels/dialog_buttons.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

ColumnsInsteadDialog::ColumnsInsteadDialog(const Form &form, const Table &table, const Control &box, QWidget *parent)
    : QDialog(parent), m_list(new QListWidget)
{
    setObjectName(QStringLiteral("columnsInsteadSheet"));
    setWindowTitle(tr("Other columns instead"));
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 14);
    column->setSpacing(10);
    auto *words =
        new QLabel(tr("Tick the columns that are to stand where “%1” stands. The first takes its box, the others come "
                      "below it; what is there makes way.")
                       .arg(calledFor(form, box)));
    words->setWordWrap(true);
    column->addWidget(words);
    m_list->setObjectName(QStringLiteral("columnsToTake"));
    m_list->setAccessibleName(tr("Columns"));
    for (const Column &each : table.columns) {
        const bool isShown = std::any_of(form.controls.begin(), form.controls.end(),
                                         [&](const Control &control) { return control.column == each.name; });
        if (isShown || each.numbersItself) {
            continue;
        }
        auto *item = new QListWidgetItem(each.name + QStringLiteral("   ") + each.declaredType.toLower());
        item->setData(Qt::UserRole, each.name);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(Qt::Unchecked);
        m_list->addItem(item);
    }
    column->addWidget(m_list, 1);
    const DialogButtons buttons = makeDialogButtons(this, tr("Put them there"), "takeColumns");
    m_take = buttons.take;
    column->addLayout(buttons.row);
    connect(m_list, &QListWidget::itemChanged, this, &ColumnsInsteadDialog::refresh);
    resize(420, 380);
    refresh();
}

QStringList ColumnsInsteadDialog::columns() const
{
    QStringList columns;
    for (int i = 0; i < m_list->count(); ++i) {
        if (m_list->item(i)->checkState() == Qt::Checked) {
            columns.append(m_list->item(i)->data(Qt::UserRole).toString());
        }
    }
    return columns;
}

void ColumnsInsteadDialog::refresh()
{
    m_take->setEnabled(!columns().isEmpty());
}

} // namespace nabblet
