#include "entry/theme/ask.h"

#include "core/text/tr.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QPushButton>

namespace nabblet {

namespace {

// A question may come up while a person types, and what they type was never meant as an answer: a letter or a space
// right after it came up goes by, and so does all that follows in the same burst, Enter too.
class TypingPassesBy : public QObject
{
public:
    explicit TypingPassesBy(QMessageBox *box) : QObject(box), m_box(box)
    {
        m_quiet.start();
        qApp->installEventFilter(this);
    }

protected:
    bool eventFilter(QObject *watched, QEvent *event) override
    {
        const bool isKey = event->type() == QEvent::KeyPress || event->type() == QEvent::KeyRelease;
        const auto *widget = isKey ? qobject_cast<QWidget *>(watched) : nullptr;
        if (!widget || widget->window() != m_box) {
            return false;
        }
        const auto *key = static_cast<QKeyEvent *>(event);
        const bool isLetter = !key->text().isEmpty() && key->text().at(0).isPrint() &&
                              !(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
        const bool isEnter = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter;
        if (m_quiet.elapsed() > Pause || !(isLetter || (isEnter && m_isBurst))) {
            return false;
        }
        if (isLetter) {
            m_isBurst = true;
            m_quiet.restart();
        }
        return true;
    }

private:
    static constexpr int Pause = 600; // ms without a letter, after which keys are meant for the question
    QMessageBox *m_box;
    QElapsedTimer m_quiet;
    bool m_isBurst = false;
};

} // namespace

std::optional<QString> askForWords(QWidget *parent, const QString &title, const QString &question, const QString &usual)
{
    QInputDialog dialog(parent);
    dialog.setObjectName(QStringLiteral("wordsQuestion"));
    dialog.setWindowTitle(title);
    dialog.setLabelText(question);
    dialog.setTextValue(usual);
    if (auto *line = dialog.findChild<QLineEdit *>()) {
        line->setObjectName(QStringLiteral("words"));
        line->setAccessibleName(question);
        line->setMinimumWidth(320);
    }
    return dialog.exec() == QDialog::Accepted ? std::optional(dialog.textValue()) : std::nullopt;
}

int ask(const AskedQuestion &asked, QWidget *parent)
{
    QMessageBox box(QMessageBox::NoIcon, asked.title, QStringLiteral("<b>%1</b>").arg(asked.question.toHtmlEscaped()),
                    QMessageBox::NoButton, parent);
    box.setTextFormat(Qt::RichText);
    box.setObjectName(QStringLiteral("question"));
    // The explanation may hold words from the database: shown as they are, never read as markup.
    box.setInformativeText(asked.explanation);
    if (auto *label = box.findChild<QLabel *>(QStringLiteral("qt_msgbox_informativelabel"))) {
        label->setTextFormat(Qt::PlainText);
    }
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
    new TypingPassesBy(&box);
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
    QPushButton *close = box.addButton(Texts::tr("Close"), QMessageBox::RejectRole);
    close->setObjectName(QStringLiteral("answer0"));
    if (!error.detail.isEmpty()) {
        box.setDetailedText(error.detail);
    }
    box.setDefaultButton(close); // not the one that shows the detail
    new TypingPassesBy(&box);
    box.exec();
}

} // namespace nabblet
