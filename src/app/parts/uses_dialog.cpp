#include "app/parts/uses_dialog.h"

#include "core/text/tr.h"
#include "designer/panels/dialog_buttons.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace nabblet {

UsesDialog::UsesDialog(const QString &title, const QList<ProjectUse> &uses, QWidget *parent)
    : QDialog(parent), m_uses(uses), m_list(new QListWidget)
{
    setObjectName(QStringLiteral("usesSheet"));
    setWindowTitle(title);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 14);
    column->setSpacing(10);
    auto *words = new QLabel(
        uses.isEmpty() ? tr("No form of this project uses it.")
                       : counted(uses.size(), tr("It is used in one place:"), tr("It is used in %1 places:")));
    column->addWidget(words);
    m_list->setObjectName(QStringLiteral("uses"));
    m_list->setAccessibleName(title);
    for (const ProjectUse &use : uses) {
        m_list->addItem(use.words);
    }
    if (!uses.isEmpty()) {
        m_list->setCurrentRow(0);
    }
    column->addWidget(m_list, 1);
    const DialogButtons buttons = makeDialogButtons(this, tr("Go there"), "goToUse");
    buttons.take->setEnabled(!uses.isEmpty());
    column->addLayout(buttons.row);
    connect(m_list, &QListWidget::itemActivated, this, &QDialog::accept);
    resize(520, 380);
    m_list->setFocus();
}

std::optional<ProjectUse> UsesDialog::chosen() const
{
    const int row = m_list->currentRow();
    return row >= 0 && row < m_uses.size() ? std::optional(m_uses.at(row)) : std::nullopt;
}

} // namespace nabblet
