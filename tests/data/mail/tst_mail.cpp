// Messages: as they are written, sent, kept until they are, and never sent twice.
#include "data/mail/outbox.h"
#include "support/mail_server.h"

#include <QCryptographicHash>
#include <QTest>
#include <QThread>

using namespace nabblet;

class TestMail : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    const std::atomic<bool> m_goesOn{false};

    QString outboxFolder() const
    {
        static int run = 0;
        return m_folder.filePath(QString("outbox%1").arg(++run));
    }
    static MailMessage message(const QString &to = "Ansa Holm <ansa@nabharbour.example>, idris@nabharbour.example")
    {
        return {"Nab depot <depot@nabharbour.example>",
                to,
                QString::fromUtf8("Łucja’s visit – done"),
                QString::fromUtf8("First line\n.\n.dot at the beginning\nŁódź"),
                {{QString::fromUtf8("Größe & co.pdf"), "application/pdf", QByteArray("%PDF\0\xff\r\n.\r\n", 12)}}};
    }

private Q_SLOTS:
    // Read back by another program: words of any language, lines that begin with a dot, the file byte for byte.
    void arrivesAsWritten()
    {
        const samples::MailServer server;
        const Result<WrittenMail> mail = writtenMail(message());
        QVERIFY(mail.isOk());
        QCOMPARE(mail->recipients, QStringList({"ansa@nabharbour.example", "idris@nabharbour.example"}));
        const Sending sending = sendBySmtp(server.setup(), {}, *mail, m_goesOn);
        QVERIFY2(sending.outcome == Sending::Sent, qPrintable(sending.sentence));
        const QStringList read = server.read();
        QCOMPARE(read.size(), 6);
        QCOMPARE(read.at(0), message().subject);
        QCOMPARE(read.at(1), QString("Ansa Holm <ansa@nabharbour.example>, idris@nabharbour.example"));
        QCOMPARE(read.at(2), message().from);
        QCOMPARE(read.at(3), QString("True"));
        QVERIFY2(read.at(4).startsWith(QString::fromUtf8("'First line\\n.\\n.dot at the beginning\\nŁódź")),
                 qPrintable(read.at(4)));
        const QByteArray hash =
            QCryptographicHash::hash(message().attachments.first().bytes, QCryptographicHash::Sha256).toHex();
        QCOMPARE(read.at(5), QString::fromUtf8("Größe & co.pdf application/pdf ") + hash);
    }

    void addresses()
    {
        QVERIFY(!writtenMail(message("")).isOk());
        QVERIFY(!writtenMail(message("nobody")).isOk());
        QVERIFY(!writtenMail(message("a@b.example, nobody")).isOk());
        QVERIFY(!writtenMail(message("a@b.example\r\nBcc: c@d.example")).isOk() ||
                !writtenMail(message("a@b.example\r\nBcc: c@d.example"))->bytes.contains("\nBcc:"));
        MailMessage from = message();
        from.from = "depot";
        QVERIFY(!writtenMail(from).isOk());
        MailMessage odd = message();
        odd.subject = "One\r\nBcc: other@d.example";
        QVERIFY(!writtenMail(odd)->bytes.contains("\nBcc:"));
    }

    // What cannot be sent waits and says why; it is sent later, once.
    void waitsAndIsSentOnce()
    {
        const Outbox outbox(outboxFolder());
        MailSetup nowhere;
        {
            const samples::MailServer gone;
            nowhere = gone.setup();
        }
        const WrittenMail mail = *writtenMail(message());
        Result<WaitingMail> waiting = outbox.put(nowhere, mail, "Ansa", "Visit");
        QVERIFY(waiting.isOk());
        const Sending failed = outbox.send(*waiting, {}, m_goesOn);
        QCOMPARE(failed.outcome, Sending::NotSent);
        QVERIFY(failed.sentence.contains("does not answer"));
        QCOMPARE(outbox.waiting().size(), 1);
        QCOMPARE(outbox.waiting().first().why, failed.sentence);
        QCOMPARE(outbox.waiting().first().subject, QString("Visit"));
        // The server is back, elsewhere.
        const samples::MailServer server;
        WaitingMail again = outbox.waiting().first();
        again.setup = server.setup();
        QCOMPARE(outbox.send(again, {}, m_goesOn).outcome, Sending::Sent);
        QVERIFY(outbox.waiting().isEmpty());
        QCOMPARE(server.messages().size(), 1);
        // Nobody can send it once more.
        QVERIFY(outbox.send(again, {}, m_goesOn).outcome != Sending::Sent);
        QCOMPARE(server.messages().size(), 1);
    }

    // Several programs at once on one message: one sends it.
    void oneOfManySends()
    {
        const samples::MailServer server;
        const QString folder = outboxFolder();
        const Result<WaitingMail> waiting = Outbox(folder).put(server.setup(), *writtenMail(message()), "a", "b");
        std::atomic<int> sent{0};
        std::vector<std::unique_ptr<QThread>> threads;
        for (int i = 0; i < 6; ++i) {
            threads.emplace_back(QThread::create([&] {
                const std::atomic<bool> goesOn{false};
                sent += Outbox(folder).send(*waiting, {}, goesOn).outcome == Sending::Sent ? 1 : 0;
            }));
            threads.back()->start();
        }
        for (const auto &thread : threads) {
            thread->wait();
        }
        QCOMPARE(sent.load(), 1);
        QCOMPARE(server.messages().size(), 1);
    }

    // A server that fails at the worst moment: nobody but a person sends it again.
    void inDoubtIsNotRepeated()
    {
        const samples::MailServer server({"--hang-after-data"});
        const Outbox outbox(outboxFolder());
        const Result<WaitingMail> waiting = outbox.put(server.setup(), *writtenMail(message()), "a", "b");
        QCOMPARE(outbox.send(*waiting, {}, m_goesOn).outcome, Sending::InDoubt);
        QCOMPARE(outbox.waiting().size(), 1);
        QVERIFY(outbox.waiting().first().isInDoubt);
        QCOMPARE(outbox.send(outbox.waiting().first(), {}, m_goesOn).outcome, Sending::InDoubt);
        QCOMPARE(server.messages().size(), 1);
        QCOMPARE(outbox.send(outbox.waiting().first(), {}, m_goesOn, true).outcome, Sending::InDoubt);
        QCOMPARE(server.messages().size(), 2); // a person wanted it
        outbox.remove(outbox.waiting().first());
        QVERIFY(outbox.waiting().isEmpty());
    }

    void refusalsAreSaid()
    {
        const samples::MailServer server({"--refuse", "idris", "--user", "depot", "--password", "secret"});
        MailSetup setup = server.setup();
        const WrittenMail mail = *writtenMail(message());
        setup.user = "depot";
        const Sending wrong = sendBySmtp(setup, "guess", mail, m_goesOn);
        QCOMPARE(wrong.outcome, Sending::NotSent);
        QVERIFY2(wrong.sentence.contains("password"), qPrintable(wrong.sentence));
        const Sending refused = sendBySmtp(setup, "secret", mail, m_goesOn);
        QCOMPARE(refused.outcome, Sending::NotSent);
        QVERIFY2(refused.sentence.contains("550"), qPrintable(refused.sentence));
        QVERIFY(server.messages().isEmpty());
        QCOMPARE(sendBySmtp(setup, "secret", *writtenMail(message("ansa@nabharbour.example")), m_goesOn).outcome,
                 Sending::Sent);
        // In secret or not at all.
        setup.security = MailSecurity::StartTls;
        QCOMPARE(sendBySmtp(setup, "secret", mail, m_goesOn).outcome, Sending::NotSent);
        QCOMPARE(server.messages().size(), 1);
    }

    void setupsAreReadBack()
    {
        QVERIFY(mailSetupToJson(MailSetup()).isEmpty());
        MailSetup setup = samples::MailServer().setup();
        setup.user = "depot";
        QVERIFY(mailSetupFromJson(mailSetupToJson(setup)) == setup);
        QVERIFY(mailSetupFromJson({{"by", "pigeon"}, {"port", -7}}) == MailSetup());
        setup.port = 0;
        QCOMPARE(portOf(setup), 25);
        setup.security = MailSecurity::Tls;
        QCOMPARE(portOf(setup), 465);
    }
};

QTEST_GUILESS_MAIN(TestMail)
#include "tst_mail.moc"
