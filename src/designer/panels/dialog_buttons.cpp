#include "designer/panels/dialog_buttons.h"

#include "core/text/tr.h"

#include <QHBoxLayout>
#include <QPushButton>

namespace nabblet {

DialogButtons makeDialogButtons(QDialog *dialog, const QString &words, const char *name)
{
    DialogButtons buttons{new QHBoxLayout, new QPushButton(words)};
    buttons.take->setObjectName(QString::fromLatin1(name));
    buttons.take->setDefault(true);
    auto *cancel = new QPushButton(Texts::tr("Cancel"));
    cancel->setAutoDefault(false);
    buttons.row->setSpacing(8);
    buttons.row->addStretch();
    buttons.row->addWidget(cancel);
    buttons.row->addWidget(buttons.take);
    QObject::connect(buttons.take, &QPushButton::clicked, dialog, &QDialog::accept);
    QObject::connect(cancel, &QPushButton::clicked, dialog, &QDialog::reject);
    return buttons;
}

} // namespace nabblet
