#include "entry/ask.h"

#include "core/text/tr.h"

#include <QMessageBox>
#include <QPushButton>

namespace nabblet {

NABBLET_TEXTS(Ask)

int ask(const AskedQuestion &asked, QWidget *parent)
{
    QMessageBox box(QMessageBox::NoIcon, asked.title, QStringLiteral("<b>%1</b>").arg(asked.question.toHtmlEscaped()),
                    QMessageBox::NoButton, parent);
    box.setTextFormat(Qt::RichText);
    box.setObjectName(QStringLiteral("question"));
    // The explanation may hold words from the database: shown as they are, never read as markup.
    box.setInformativeText(asked.explanation.toHtmlEscaped());
    QList<QPushButton *> buttons;
    for (int i = 0; i < asked.answers.size(); ++i) {
        const auto role = i == asked.harmless ? QMessageBox::RejectRole
                          : i == asked.usual  ? QMessageBox::AcceptRole
                                              : QMessageBox::DestructiveRole;
        QPushButton *button = box.addButton(asked.answers.at(i), role);
        button->setObjectName(QStringLiteral("answer%1").arg(i));
        buttons.append(button);
    }
    box.setDefaultButton(buttons.at(asked.usual));
    box.setEscapeButton(buttons.at(asked.harmless));
    box.exec();
    const auto *clicked = qobject_cast<QPushButton *>(box.clickedButton());
    for (int i = 0; i < buttons.size(); ++i) {
        if (buttons.at(i) == clicked) {
            return i;
        }
    }
    return asked.harmless;
}

void complain(const Error &error, QWidget *parent)
{
    QMessageBox box(QMessageBox::NoIcon, Texts::tr("Nabblet"), error.sentence, QMessageBox::NoButton, parent);
    box.setTextFormat(Qt::PlainText);
    box.setObjectName(QStringLiteral("complaint"));
    box.addButton(Texts::tr("Close"), QMessageBox::RejectRole)->setObjectName(QStringLiteral("answer0"));
    if (!error.detail.isEmpty()) {
        box.setDetailedText(error.detail);
    }
    box.exec();
}

} // namespace nabblet
