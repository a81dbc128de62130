#include "entry/mail/send_sheet.h"

#include "core/file/whole_file.h"
#include "core/text/tr.h"
#include "data/background/background_work.h"
#include "data/export/row_file_formats.h"
#include "data/mail/outbox.h"
#include "entry/actions/filled_in.h"
#include "entry/export/rows_out.h"
#include "entry/print/print_to.h"
#include "entry/session/entry_session.h"
#include "entry/theme/sheet.h"

#include <QDesktopServices>
#include <QDialog>
#include <QDialogButtonBox>
#include <QDir>
#include <QEventLoop>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QProcess>
#include <QProgressBar>
#include <QPushButton>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QThread>
#include <QUrl>
#include <QUrlQuery>
#include <QVBoxLayout>

#include <atomic>

namespace nabblet {

namespace {

bool say(EntrySession &session, const QString &sentence)
{
    Q_EMIT session.said(sentence);
    return false;
}

// The record in hand as the file that goes along.
Result<MailAttachment> attachmentOf(EntrySession &session, Attached attached, const Appearance &appearance)
{
    const QTemporaryDir folder;
    const QString name = QString(session.values().recordWords().simplified()).replace(u'/', u'-').left(80);
    const QString called = name.isEmpty() ? session.form().title : name;
    if (attached == Attached::Pdf) {
        const QString path = folder.filePath(QStringLiteral("record.pdf"));
        PrintJob job(session, appearance, paperOf(session.form()), Printed::Record);
        if (const Outcome begun = job.begin(); !begun) {
            return begun.error();
        }
        const auto printed = printTo(job, path, [](int, int) { return true; });
        const Result<QByteArray> bytes = printed ? readWholeFile(path) : Result<QByteArray>(printed.error());
        return bytes
                   ? Result<MailAttachment>(MailAttachment{called + QStringLiteral(".pdf"), "application/pdf", *bytes})
                   : Result<MailAttachment>(bytes.error());
    }
    const bool isCsv = attached == Attached::Csv;
    const QString path = folder.filePath(isCsv ? QStringLiteral("record.csv") : QStringLiteral("record.jsonl"));
    Result<RowsOut> rows = rowsOut(session.state());
    if (!rows) {
        return rows.error();
    }
    const std::optional<RowKey> key = session.state().key();
    if (!key) {
        return Error{Texts::tr("The record is not stored yet."), {}};
    }
    const std::unique_ptr<RowFile> file = rowFileFormatOf(path)->make(path);
    const auto written = writeRecord(session.state().connection, *rows, *key, *file, &session);
    if (!written) {
        return written.error();
    }
    const Result<QByteArray> bytes = readWholeFile(path);
    return bytes ? Result<MailAttachment>(
                       MailAttachment{called + (isCsv ? QStringLiteral(".csv") : QStringLiteral(".json")),
                                      isCsv ? "text/csv" : "application/json", *bytes})
                 : Result<MailAttachment>(bytes.error());
}

// Waits for something that runs beside the interface, with a way to give up; shown only where it takes a while.
template <typename Do> void waitFor(const QString &words, QWidget *parent, std::atomic<bool> &isCancelled, Do work)
{
    constexpr int Patience = 300; // ms before anything is shown
    QDialog sheet(parent);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("sendingMail"), words, {});
    auto *label = new QLabel(words);
    label->setMinimumWidth(320);
    auto *bar = new QProgressBar;
    bar->setRange(0, 0);
    auto *buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    column->addWidget(label);
    column->addWidget(bar);
    column->addWidget(buttons);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, [&] {
        isCancelled = true;
        buttons->setEnabled(false);
    });
    QEventLoop loop;
    const std::unique_ptr<QThread> thread(QThread::create(work));
    QObject::connect(thread.get(), &QThread::finished, &loop, &QEventLoop::quit);
    QTimer::singleShot(Patience, &sheet, [&sheet] { sheet.show(); });
    sheet.setModal(true);
    thread->start();
    loop.exec();
    thread->wait();
}

// The person's own mail program takes it, and they send it there.
bool handOver(EntrySession &session, const MailMessage &message)
{
    const QString folder =
        QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + QStringLiteral("/attached");
    QStringList call{QStringLiteral("--utf8"), QStringLiteral("--subject"), message.subject, QStringLiteral("--body"),
                     message.text};
    for (const MailAttachment &attachment : message.attachments) {
        const QString path = QDir(folder).filePath(attachment.name);
        if (const Outcome kept = replaceWholeFile(path, attachment.bytes); !kept) {
            return say(session, kept.error().sentence);
        }
        call += {QStringLiteral("--attach"), path};
    }
    call += message.to.split(u',', Qt::SkipEmptyParts);
    if (!QStandardPaths::findExecutable(QStringLiteral("xdg-email")).isEmpty() &&
        QProcess::startDetached(QStringLiteral("xdg-email"), call)) {
        Q_EMIT session.said(Texts::tr("The message is in your mail program; send it there."));
        return true;
    }
    if (!message.attachments.isEmpty()) {
        return say(session, Texts::tr("No mail program here takes a message with a file. Set up a mail server for the "
                                      "project."));
    }
    QUrl url(QStringLiteral("mailto:") + message.to);
    QUrlQuery query;
    query.addQueryItem(QStringLiteral("subject"), message.subject);
    query.addQueryItem(QStringLiteral("body"), message.text);
    url.setQuery(query);
    return QDesktopServices::openUrl(url) || say(session, Texts::tr("There is no mail program here."));
}

bool putInFolder(EntrySession &session, const MailSetup &setup, const QString &projectFolder, const WrittenMail &mail)
{
    const QString folder = QDir(projectFolder).absoluteFilePath(setup.folder);
    const QString path =
        QDir(folder).filePath(QString::fromUtf8(mail.id.left(mail.id.indexOf('@'))) + QStringLiteral(".eml"));
    if (const Outcome kept = replaceWholeFile(path, mail.bytes); !kept) {
        return say(session, kept.error().sentence);
    }
    Q_EMIT session.said(Texts::tr("The message is in %1.").arg(path));
    return true;
}

bool sendByServer(EntrySession &session, const MailSetup &setup, const QString &password, const WrittenMail &mail,
                  const MailMessage &message, QWidget *parent)
{
    const Outbox outbox(outboxFolder());
    const Result<WaitingMail> waiting = outbox.put(setup, mail, message.to, message.subject);
    if (!waiting) {
        return say(session, waiting.error().sentence);
    }
    std::atomic<bool> isCancelled{false};
    Sending sending;
    waitFor(Texts::tr("Sending the message…"), parent, isCancelled,
            [&] { sending = outbox.send(*waiting, password, isCancelled); });
    switch (sending.outcome) {
    case Sending::Sent:
        Q_EMIT session.said(Texts::tr("Sent to %1.").arg(message.to));
        return true;
    case Sending::InDoubt:
        return say(session,
                   Texts::tr("The mail server had all of the message and did not say what became of it. It waits; "
                             "see “Messages that wait” before you send it again."));
    case Sending::NotSent:
        break;
    }
    return say(session, sending.sentence + u' ' + Texts::tr("The message waits; “Messages that wait” sends it again."));
}

} // namespace

QString outboxFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/outbox");
}

bool sendMessage(EntrySession &session, const Control &button, const Appearance &appearance, QWidget *parent)
{
    if (!session.saving().save()) { // what goes along is what is stored
        return false;
    }
    const MailSender &sender = session.mailSender();
    const MailSetup setup = sender.setup ? sender.setup() : MailSetup();
    const Mail mail = button.settings.value(setting::Message);
    MailMessage message{
        setup.from, filledIn(mail.to, session), filledIn(mail.subject, session), filledIn(mail.text, session), {}};
    if (mail.attached != Attached::Nothing) {
        const Result<MailAttachment> attachment = attachmentOf(session, mail.attached, appearance);
        if (!attachment) {
            return say(session, attachment.error().sentence);
        }
        message.attachments.append(*attachment);
    }
    QDialog sheet(parent);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("sendSheet"), Texts::tr("Send a message"), QSize(560, 420));
    sheet.setSizeGripEnabled(true);
    auto *lines = new QFormLayout;
    const auto line = [&](const QString &name, const QString &caption, const QString &words) {
        auto *edit = new QLineEdit(words);
        edit->setObjectName(name);
        edit->setAccessibleName(caption);
        edit->setCursorPosition(0);
        lines->addRow(caption, edit);
        return edit;
    };
    QLineEdit *to = line(QStringLiteral("mailTo"), Texts::tr("To"), message.to);
    QLineEdit *subject = line(QStringLiteral("mailSubject"), Texts::tr("Subject"), message.subject);
    column->addLayout(lines);
    auto *text = new QPlainTextEdit(message.text);
    text->setObjectName(QStringLiteral("mailText"));
    text->setAccessibleName(Texts::tr("Words of the message"));
    text->setTabChangesFocus(true);
    column->addWidget(text, 1);
    if (!message.attachments.isEmpty()) {
        const MailAttachment &attachment = message.attachments.first();
        auto *along =
            new QLabel(Texts::tr("Goes along: %1 (%2)")
                           .arg(attachment.name, session.state().locale.formattedDataSize(attachment.bytes.size())));
        along->setObjectName(QStringLiteral("mailAttached"));
        along->setTextFormat(Qt::PlainText);
        along->setWordWrap(true);
        column->addWidget(along);
    }
    auto *buttons = new QDialogButtonBox;
    QPushButton *send =
        buttons->addButton(setup.way == MailWay::Program ? Texts::tr("To the mail program") : Texts::tr("&Send"),
                           QDialogButtonBox::AcceptRole);
    send->setObjectName(QStringLiteral("sendNow"));
    send->setDefault(true);
    buttons->addButton(Texts::tr("Cancel"), QDialogButtonBox::RejectRole);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &sheet, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    column->addWidget(buttons);
    (message.to.isEmpty() ? static_cast<QWidget *>(to) : send)->setFocus();
    if (sheet.exec() != QDialog::Accepted) {
        return say(session, Texts::tr("Nothing was sent."));
    }
    message.to = to->text().trimmed();
    message.subject = subject->text();
    message.text = text->toPlainText();
    if (setup.way == MailWay::Program) {
        return handOver(session, message);
    }
    const Result<WrittenMail> written = writtenMail(message);
    if (!written) {
        return say(session, written.error().sentence);
    }
    return setup.way == MailWay::Folder
               ? putInFolder(session, setup, sender.projectFolder, *written)
               : sendByServer(session, setup, sender.password ? sender.password(setup) : QString(), *written, message,
                              parent);
}

void showOutbox(EntrySession &session, QWidget *parent)
{
    const Outbox outbox(outboxFolder());
    QList<WaitingMail> all = outbox.waiting();
    if (all.isEmpty()) {
        Q_EMIT session.said(Texts::tr("No message waits to be sent."));
        return;
    }
    QDialog sheet(parent);
    QVBoxLayout *column = begunSheet(sheet, QStringLiteral("outbox"), Texts::tr("Messages that wait"), QSize(560, 360));
    auto *list = new QListWidget;
    list->setObjectName(QStringLiteral("waitingMails"));
    list->setAccessibleName(Texts::tr("Messages that wait"));
    list->setWordWrap(true);
    auto *note = new QLabel;
    note->setObjectName(QStringLiteral("outboxNote"));
    note->setWordWrap(true);
    auto *buttons = new QDialogButtonBox;
    QPushButton *send = buttons->addButton(Texts::tr("&Send it now"), QDialogButtonBox::ActionRole);
    send->setObjectName(QStringLiteral("sendAgain"));
    QPushButton *letGo = buttons->addButton(Texts::tr("&Let it go"), QDialogButtonBox::ActionRole);
    letGo->setObjectName(QStringLiteral("letMailGo"));
    letGo->setAutoDefault(false);
    buttons->addButton(Texts::tr("Close"), QDialogButtonBox::RejectRole);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &sheet, &QDialog::reject);
    column->addWidget(list, 1);
    column->addWidget(note);
    column->addWidget(buttons);
    const auto fill = [&] {
        all = outbox.waiting();
        list->clear();
        for (const WaitingMail &mail : std::as_const(all)) {
            list->addItem(Texts::tr("%1 to %2\n%3", "subject, addresses, why it waits")
                              .arg(mail.subject, mail.to,
                                   mail.isInDoubt
                                       ? Texts::tr("It may have been sent already; ask before you send it again.")
                                       : mail.why));
        }
        list->setCurrentRow(0);
        send->setEnabled(!all.isEmpty());
        letGo->setEnabled(!all.isEmpty());
    };
    QObject::connect(send, &QPushButton::clicked, &sheet, [&] {
        const WaitingMail mail = all.value(list->currentRow());
        std::atomic<bool> isCancelled{false};
        Sending sending;
        const MailSender &sender = session.mailSender();
        const QString password = sender.password ? sender.password(mail.setup) : QString();
        waitFor(Texts::tr("Sending the message…"), &sheet, isCancelled,
                [&] { sending = outbox.send(mail, password, isCancelled, true); });
        note->setText(sending.outcome == Sending::Sent ? Texts::tr("Sent to %1.").arg(mail.to) : sending.sentence);
        fill();
    });
    QObject::connect(letGo, &QPushButton::clicked, &sheet, [&] {
        outbox.remove(all.value(list->currentRow()));
        fill();
    });
    fill();
    sheet.exec();
}

} // namespace nabblet
