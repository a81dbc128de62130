#include "app/work/mail_dialog.h"

#include "app/server/keyring.h"
#include "core/text/tr.h"
#include "entry/theme/sheet.h"

#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace nabblet {

std::optional<MailSetup> askForMail(const MailSetup &now, QWidget *parent)
{
    constexpr int LastPort = 65535;
    QDialog sheet(parent);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("mailDialog"), Texts::tr("Mail of the project"), {});
    auto *lines = new QFormLayout;
    lines->setHorizontalSpacing(12);
    auto *way = new QComboBox;
    way->setObjectName(QStringLiteral("mailWay"));
    way->addItems({Texts::tr("The mail program of each computer"), Texts::tr("A mail server (SMTP)"),
                   Texts::tr("A folder, a file for each message")});
    way->setCurrentIndex(static_cast<int>(now.way));
    lines->addRow(Texts::tr("Sent by"), way);
    const auto line = [&](const char *name, const QString &caption, const QString &words, const QString &example) {
        auto *edit = new QLineEdit(words);
        edit->setObjectName(QLatin1String(name));
        edit->setPlaceholderText(example);
        edit->setMinimumWidth(300);
        lines->addRow(caption, edit);
        return edit;
    };
    QLineEdit *from = line("mailFrom", Texts::tr("From"), now.from, QStringLiteral("Depot <depot@nabharbour.example>"));
    QLineEdit *host = line("mailHost", Texts::tr("Server"), now.host, QStringLiteral("mail.nabharbour.example"));
    auto *security = new QComboBox;
    security->setObjectName(QStringLiteral("mailSecurity"));
    security->addItems({Texts::tr("in secret from the beginning (TLS)"),
                        Texts::tr("in secret after a greeting (STARTTLS)"),
                        Texts::tr("in the open, on this computer only")});
    security->setCurrentIndex(static_cast<int>(now.security));
    lines->addRow(Texts::tr("Talked to"), security);
    auto *port = new QSpinBox;
    port->setObjectName(QStringLiteral("mailPort"));
    port->setRange(0, LastPort);
    port->setSpecialValueText(Texts::tr("the usual one"));
    port->setValue(now.port);
    lines->addRow(Texts::tr("Port"), port);
    QLineEdit *user = line("mailUser", Texts::tr("Signs in as"), now.user, Texts::tr("nobody"));
    QLineEdit *password = line("mailPassword", Texts::tr("Password"), {}, Texts::tr("as it is in the keyring"));
    password->setEchoMode(QLineEdit::Password);
    QLineEdit *folder =
        line("mailFolder", Texts::tr("Folder"), now.folder, Texts::tr("from the project's folder: mail"));
    column->addLayout(lines);
    auto *note = new QLabel;
    note->setWordWrap(true);
    note->setObjectName(QStringLiteral("mailNote"));
    column->addWidget(note);
    auto *buttons = new QDialogButtonBox;
    QPushButton *take = buttons->addButton(Texts::tr("Send so"), QDialogButtonBox::AcceptRole);
    take->setObjectName(QStringLiteral("takeMail"));
    take->setDefault(true);
    buttons->addButton(Texts::tr("Cancel"), QDialogButtonBox::RejectRole);
    column->addWidget(buttons);
    const auto setup = [&] {
        MailSetup made;
        made.way = static_cast<MailWay>(way->currentIndex());
        if (made.way != MailWay::Program) {
            made.from = from->text().trimmed();
        }
        if (made.way == MailWay::Server) {
            made.host = host->text().trimmed();
            made.security = static_cast<MailSecurity>(security->currentIndex());
            made.port = port->value();
            made.user = user->text().trimmed();
        }
        if (made.way == MailWay::Folder) {
            made.folder = folder->text().trimmed();
        }
        return made;
    };
    const auto follow = [&] {
        const MailSetup made = setup();
        const bool isServer = made.way == MailWay::Server;
        for (QWidget *each :
             {static_cast<QWidget *>(host), static_cast<QWidget *>(security), static_cast<QWidget *>(port),
              static_cast<QWidget *>(user), static_cast<QWidget *>(password)}) {
            lines->labelForField(each)->setVisible(isServer);
            each->setVisible(isServer);
        }
        lines->labelForField(from)->setVisible(made.way != MailWay::Program);
        from->setVisible(made.way != MailWay::Program);
        lines->labelForField(folder)->setVisible(made.way == MailWay::Folder);
        folder->setVisible(made.way == MailWay::Folder);
        const bool isOpen = isServer && made.security == MailSecurity::None &&
                            made.host != QLatin1String("localhost") && !made.host.startsWith(QLatin1String("127."));
        const bool isWhole = made.way == MailWay::Program ||
                             (made.from.contains(u'@') && (isServer ? !made.host.isEmpty() : !made.folder.isEmpty()));
        note->setText(made.way == MailWay::Program
                          ? Texts::tr("People see each message in their own mail program, and send it there.")
                      : isOpen  ? Texts::tr("What is sent in the open can be read on the way. Choose TLS for a server "
                                             "elsewhere.")
                      : isWhole ? QString()
                                : Texts::tr("The address to send from is needed, and where to."));
        take->setEnabled(isWhole && !isOpen);
        sheet.adjustSize();
    };
    for (QComboBox *box : {way, security}) {
        QObject::connect(box, &QComboBox::currentIndexChanged, &sheet, follow);
    }
    for (QLineEdit *edit : {from, host, folder}) {
        QObject::connect(edit, &QLineEdit::textChanged, &sheet, follow);
    }
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    follow();
    if (sheet.exec() != QDialog::Accepted) {
        return {};
    }
    const MailSetup made = setup();
    if (!password->text().isEmpty() && !made.user.isEmpty()) {
        rememberMailPassword(made, password->text());
    }
    return made;
}

} // namespace nabblet
