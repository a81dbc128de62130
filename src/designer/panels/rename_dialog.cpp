#include "designer/panels/rename_dialog.h"

#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/panels/dialog_buttons.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace nabblet {

RenameDialog::RenameDialog(const Form &form, int others, const QString &pattern, QWidget *parent)
    : QDialog(parent), m_form(form), m_others(others)
{
    setWindowTitle(tr("Control names"));
    setObjectName(QStringLiteral("renameDialog"));
    resize(560, 460);
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(16, 16, 16, 16);
    column->setSpacing(10);
    auto *row = new QHBoxLayout;
    auto *caption = new QLabel(tr("Pattern"));
    m_pattern = new QLineEdit(pattern);
    m_pattern->setObjectName(QStringLiteral("renamePattern"));
    caption->setBuddy(m_pattern);
    row->addWidget(caption);
    row->addWidget(m_pattern, 1);
    column->addLayout(row);
    auto *hint =
        new QLabel(tr("{kind} and {column} are filled in. Names are always valid and differ from one another."));
    hint->setObjectName(QStringLiteral("faint"));
    column->addWidget(hint);
    m_names = new QTreeWidget;
    m_names->setObjectName(QStringLiteral("renamedControls"));
    m_names->setHeaderLabels({tr("Now"), tr("Then")});
    m_names->setRootIsDecorated(false);
    m_names->setColumnWidth(0, 250);
    column->addWidget(m_names, 1);
    m_says = new QLabel;
    m_says->setObjectName(QStringLiteral("faint"));
    m_says->setWordWrap(true);
    column->addWidget(m_says);
    const DialogButtons buttons = makeDialogButtons(this, tr("Rename"), "renameAll");
    m_rename = buttons.take;
    column->addLayout(buttons.row);
    connect(m_pattern, &QLineEdit::textChanged, this, &RenameDialog::refresh);
    refresh();
}

QString RenameDialog::pattern() const
{
    return m_pattern->text();
}

void RenameDialog::refresh()
{
    const Form renamed = renamedByPattern(m_form, pattern());
    m_names->clear();
    int changed = 0;
    for (int i = 0; i < m_form.controls.size(); ++i) {
        const QString &now = m_form.controls.at(i).name;
        const QString &then = renamed.controls.at(i).name;
        if (now != then) {
            new QTreeWidgetItem(m_names, {now, then});
            ++changed;
        }
    }
    const bool names = pattern().contains(QLatin1String("{column}"));
    m_rename->setEnabled(names);
    QString words = names ? counted(changed, tr("One control of this form gets another name."),
                                    tr("%1 controls of this form get other names."))
                          : tr("A pattern without {column} would number the controls; put it in.");
    if (names && m_others > 0) {
        words += u' ' + counted(m_others, tr("One other form of the project is named anew and saved."),
                                tr("%1 other forms of the project are named anew and saved."));
    }
    m_says->setText(words);
}

} // namespace nabblet
