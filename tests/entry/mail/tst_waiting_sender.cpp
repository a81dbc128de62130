// Messages that wait go out by themselves once the server is there, each once; those in doubt stay for a person.
#include "data/mail/message.h"
#include "data/mail/outbox.h"
#include "entry/mail/send_sheet.h"
#include "entry/mail/waiting_sender.h"
#include "support/mail_server.h"

#include <QDir>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTest>

using namespace nabblet;

class TestWaitingSender : public QObject
{
    Q_OBJECT

    static WrittenMail written(const MailSetup &setup)
    {
        MailMessage message;
        message.from = setup.from;
        message.to = "Ansa <ansa@observers.example>";
        message.subject = "Visit";
        message.text = "Was there.";
        return *writtenMail(message);
    }

private Q_SLOTS:
    void init()
    {
        QStandardPaths::setTestModeEnabled(true);
        QDir(outboxFolder()).removeRecursively();
    }
    void cleanup() { QDir(outboxFolder()).removeRecursively(); }

    void whatWaitsGoesOut()
    {
        const samples::MailServer server;
        const Outbox outbox(outboxFolder());
        for (const char *to : {"Ansa <ansa@observers.example>", "Bo <bo@observers.example>"}) {
            QVERIFY(outbox.put(server.setup(), written(server.setup()), to, "Visit").isOk());
        }
        WaitingSender sender({}, nullptr, 10);
        QSignalSpy said(&sender, &WaitingSender::said);
        QTRY_COMPARE_WITH_TIMEOUT(said.size(), 1, 20000);
        QVERIFY(said.first().first().toString().contains("Ansa"));
        QVERIFY(said.first().first().toString().contains("Bo"));
        QVERIFY(outbox.waiting().isEmpty());
        QCOMPARE(server.messages().size(), 2);
    }

    // A server that is not there is tried again, and nothing is said of it.
    void triedAgainUntilItGoes()
    {
        const Outbox outbox(outboxFolder());
        MailSetup nowhere;
        {
            const samples::MailServer gone;
            nowhere = gone.setup();
        }
        QVERIFY(outbox.put(nowhere, written(nowhere), "Ansa", "Visit").isOk());
        WaitingSender sender({}, nullptr, 10);
        QSignalSpy said(&sender, &WaitingSender::said);
        QTRY_VERIFY_WITH_TIMEOUT(!outbox.waiting().isEmpty() && !outbox.waiting().first().why.isEmpty(), 20000);
        QCOMPARE(said.size(), 0);
        QVERIFY(!outbox.waiting().first().isInDoubt);
    }

    void whatIsInDoubtStays()
    {
        const samples::MailServer server({"--hang-after-data"});
        const Outbox outbox(outboxFolder());
        const Result<WaitingMail> waiting = outbox.put(server.setup(), written(server.setup()), "Ansa", "Visit");
        QVERIFY(waiting.isOk());
        std::atomic<bool> goesOn{false};
        QCOMPARE(outbox.send(*waiting, {}, goesOn).outcome, Sending::InDoubt);
        const qsizetype before = server.messages().size();
        WaitingSender sender({}, nullptr, 10);
        QSignalSpy said(&sender, &WaitingSender::said);
        QTest::qWait(300); // some goes of trying
        QCOMPARE(said.size(), 0);
        QCOMPARE(server.messages().size(), before);
        QCOMPARE(outbox.waiting().size(), 1);
        QVERIFY(outbox.waiting().first().isInDoubt);
    }
};

QTEST_MAIN(TestWaitingSender)
#include "tst_waiting_sender.moc"
