#include "entry/editors/text_window.h"

#include "entry/session/entry_session.h"

#include <QDialog>
#include <QDialogButtonBox>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace nabblet {

std::optional<QString> textInWindow(QWidget *parent, const QString &title, const QString &text, bool mayType)
{
    QDialog window(parent);
    window.setObjectName(QStringLiteral("textWindow"));
    window.setWindowTitle(title);
    window.setSizeGripEnabled(true);
    window.resize(720, 520);
    auto *column = new QVBoxLayout(&window);
    column->setContentsMargins(16, 14, 16, 14);
    auto *edit = new QPlainTextEdit(text);
    edit->setObjectName(QStringLiteral("wholeText"));
    edit->setAccessibleName(title);
    edit->setReadOnly(!mayType);
    edit->setTabChangesFocus(true);
    auto *buttons = new QDialogButtonBox;
    if (mayType) {
        auto *take = buttons->addButton(EntrySession::tr("Take it over"), QDialogButtonBox::AcceptRole);
        take->setObjectName(QStringLiteral("takeText"));
    }
    buttons->addButton(mayType ? EntrySession::tr("Cancel") : EntrySession::tr("Close"), QDialogButtonBox::RejectRole);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &window, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &window, &QDialog::reject);
    column->addWidget(edit, 1);
    column->addWidget(buttons);
    edit->setFocus();
    edit->moveCursor(QTextCursor::End);
    return window.exec() == QDialog::Accepted && mayType ? std::optional(edit->toPlainText()) : std::nullopt;
}

} // namespace nabblet
