#include "app/server/server_dialog.h"

#include "app/server/keyring.h"
#include "app/server/server_try.h"
#include "core/model/written_address.h"
#include "data/dialect/passwords.h"
#include "designer/panels/dialog_buttons.h"
#include "entry/theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace nabblet {

namespace {

constexpr int DialogWidth = 520; // px

} // namespace

ServerDialog::ServerDialog(const DatabaseAddress &address, const QString &why, QWidget *parent, For what)
    : QDialog(parent), m_kind(new QComboBox), m_remembers(new QCheckBox(tr("&Keep it in the keyring"))),
      m_onlyHere(new QCheckBox(tr("On this computer on&ly; the project stays as it is"))), m_tls(new QComboBox),
      m_said(new QLabel), m_try(new QPushButton(tr("&Try")))
{
    setWindowTitle(tr("Database on a server"));
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(16, 16, 16, 12);
    column->setSpacing(12);
    auto *rows = new QFormLayout;
    rows->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    rows->setLabelAlignment(Qt::AlignRight | Qt::AlignVCenter);
    rows->setVerticalSpacing(8);
    rows->setHorizontalSpacing(10);
    column->addLayout(rows);

    m_kind->setObjectName(QStringLiteral("kind"));
    m_kind->addItem(QStringLiteral("PostgreSQL"), QStringLiteral("postgresql"));
    m_kind->addItem(QStringLiteral("MariaDB"), QStringLiteral("mariadb"));
    rows->addRow(tr("K&ind"), m_kind);
    m_host = addLine(rows, "host", tr("Com&puter"), tr("this computer; or a name, or a whole address to take apart"));
    m_port = addLine(rows, "port", tr("P&ort"), tr("the usual one"));
    m_database = addLine(rows, "database", tr("&Database"), QString());
    m_user = addLine(rows, "user", tr("&User"), tr("as you are called on this computer"));
    m_password = addLine(rows, "password", tr("Pass&word"), tr("where the server asks for one"));
    m_password->setEchoMode(QLineEdit::Password);
    m_remembers->setObjectName(QStringLiteral("remembers"));
    rows->addRow(QString(), m_remembers);
    m_tls->setObjectName(QStringLiteral("tls"));
    m_tls->addItem(tr("where the server offers it"), QString());
    m_tls->addItem(tr("never"), QStringLiteral("disable"));
    m_tls->addItem(tr("always"), QStringLiteral("require"));
    m_tls->addItem(tr("always, and the certificate is checked"), QStringLiteral("verify-full"));
    rows->addRow(tr("&Encrypted"), m_tls);
    m_certificates = addLine(rows, "certificates", tr("&Certificates"), tr("a file to check by; the computer's own"));
    m_options =
        addLine(rows, "options", tr("Op&tions"), tr("further ones of the server, such as -c search_path=depot"));
    const auto certificatesFollow = [this, rows] {
        rows->setRowVisible(m_certificates, m_tls->currentData() == QStringLiteral("verify-full"));
    };
    connect(m_tls, &QComboBox::currentIndexChanged, this, certificatesFollow);

    m_onlyHere->setObjectName(QStringLiteral("onlyHere"));
    m_onlyHere->setVisible(what == For::Project);
    rows->addRow(QString(), m_onlyHere);
    m_said->setObjectName(QStringLiteral("said"));
    m_said->setWordWrap(true);
    m_said->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_said->setMinimumHeight(2 * fontMetrics().lineSpacing());
    m_said->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    column->addWidget(m_said);
    column->addStretch(1);

    const DialogButtons buttons = makeDialogButtons(this, tr("Open"), "open");
    m_open = buttons.take;
    m_try->setObjectName(QStringLiteral("try"));
    m_try->setAutoDefault(false);
    buttons.row->insertWidget(0, m_try);
    column->addLayout(buttons.row);
    connect(m_try, &QPushButton::clicked, this, [this] { tryOut(false); });
    connect(m_host, &QLineEdit::textEdited, this, [this, before = qsizetype(0)](const QString &words) mutable {
        if (words.size() > before + 1) { // pasted; what is typed is looked at when it is whole
            takePasted(words);
        }
        before = m_host->text().size();
    });
    connect(m_host, &QLineEdit::editingFinished, this, [this] { takePasted(m_host->text()); });
    for (QLineEdit *line : findChildren<QLineEdit *>()) {
        connect(line, &QLineEdit::textEdited, this, [this] { setSaid(QString(), true); });
    }
    showAddress(address);
    certificatesFollow();
    if (!why.isEmpty()) {
        setSaid(why, false);
    }
    resize(DialogWidth, sizeHint().height());
    (m_database->text().isEmpty() ? m_host : m_password)->setFocus();
}

ServerDialog::~ServerDialog() = default;

QLineEdit *ServerDialog::addLine(QFormLayout *rows, const char *name, const QString &caption, const QString &prompt)
{
    auto *line = new QLineEdit;
    line->setObjectName(QLatin1String(name));
    line->setPlaceholderText(prompt);
    rows->addRow(caption, line);
    return line;
}

void ServerDialog::showAddress(const DatabaseAddress &address)
{
    m_others = address;
    m_kind->setCurrentIndex(std::max(0, m_kind->findData(address.dialect)));
    m_host->setText(address.part("host"));
    m_port->setText(address.part("port"));
    m_database->setText(address.part("database"));
    m_user->setText(address.part("user"));
    m_tls->setCurrentIndex(std::max(0, m_tls->findData(address.part("tls"))));
    m_certificates->setText(address.part("certificates"));
    m_options->setText(address.part("options"));
    m_password->setText(passwordFor(address));
}

// A whole address that was pasted is taken apart.
void ServerDialog::takePasted(const QString &words)
{
    const std::optional<WrittenAddress> read = readServerAddress(words);
    if (read && words.count(u'/') >= 3) {
        showAddress(read->address);
        m_password->setText(read->password);
    }
}

DatabaseAddress ServerDialog::address() const
{
    DatabaseAddress address = m_others;
    address.parts.remove(QStringLiteral("file"));
    address.dialect = m_kind->currentData().toString();
    const auto put = [&](const char *name, const QString &value) {
        if (value.isEmpty()) {
            address.parts.remove(QLatin1String(name));
        } else {
            address.parts.insert(QLatin1String(name), value);
        }
    };
    put("host", m_host->text().trimmed());
    put("port", m_port->text().trimmed());
    put("database", m_database->text());
    put("user", m_user->text());
    put("tls", m_tls->currentData().toString());
    put("certificates",
        m_tls->currentData() == QStringLiteral("verify-full") ? m_certificates->text().trimmed() : QString());
    put("options", m_options->text().trimmed());
    return address;
}

bool ServerDialog::isOnlyHere() const
{
    return m_onlyHere->isChecked();
}

void ServerDialog::tryOut(bool isToOpen)
{
    if (m_trying && m_trying->isUnderWay()) {
        return;
    }
    if (m_database->text().isEmpty()) {
        setSaid(tr("Say which database it is."), false);
        m_database->setFocus();
        return;
    }
    m_opensWhenTried = isToOpen;
    keepPassword(address(), m_password->text());
    m_trying = std::make_unique<ServerTry>();
    connect(m_trying.get(), &ServerTry::done, this, [this](const QString &whyNot) { tried(whyNot); });
    m_trying->start(address());
    m_try->setEnabled(false);
    m_open->setEnabled(false);
    setSaid(tr("Waiting for the server…"), true);
}

void ServerDialog::tried(const QString &whyNot)
{
    m_try->setEnabled(true);
    m_open->setEnabled(true);
    if (!whyNot.isEmpty()) {
        setSaid(whyNot, false);
        return;
    }
    setSaid(tr("The database can be opened."), true);
    if (!m_opensWhenTried) {
        return;
    }
    if (m_remembers->isChecked() && !rememberPassword(address(), m_password->text())) {
        m_remembers->setChecked(false);
        setSaid(tr("This desktop has no keyring that keeps the password. Press Open once more to go on without."),
                false);
        return;
    }
    QDialog::accept();
}

void ServerDialog::accept()
{
    tryOut(true);
}

void ServerDialog::setSaid(const QString &words, bool isGood)
{
    m_said->setText(words);
    const QString alarm = panelColours(themeOfPalette(palette())).alarm.name();
    m_said->setStyleSheet(isGood ? QString() : QStringLiteral("color: %1").arg(alarm));
}

} // namespace nabblet
