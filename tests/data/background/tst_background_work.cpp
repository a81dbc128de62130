#include "data/background/background_work.h"
#include "support/sample_database.h"

#include <QSqlQuery>
#include <QTest>

using namespace nabblet;

class TestBackgroundWork : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    DatabaseAddress m_address;

private Q_SLOTS:
    void initTestCase() { m_address = addressOfFile(samples::fairwayDatabase(m_folder)); }

    void reportsArriveInOrderInTheStartersThread()
    {
        QList<int> arrived;
        BackgroundWork work;
        work.start(m_address,
                   [&](const Connection &connection, const std::atomic<bool> &, const BackgroundWork::Report &report) {
                       QSqlQuery query(connection.database());
                       query.exec("SELECT count(*) FROM fairway");
                       query.next();
                       const int count = query.value(0).toInt();
                       report([&, count] {
                           QCOMPARE(QThread::currentThread(), thread());
                           arrived.append(count);
                       });
                       report([&] { arrived.append(-1); });
                   });
        QTRY_COMPARE(arrived, QList<int>({9, -1}));
    }

    // A report that is on its way arrives, although the work is over and other work begins.
    void aReportOutlivesItsWork()
    {
        int arrived = 0;
        std::atomic<int> ended{0};
        BackgroundWork work;
        const auto once = [&](const Connection &, const std::atomic<bool> &, const BackgroundWork::Report &report) {
            report([&] { ++arrived; });
            ++ended;
        };
        work.start(m_address, once);
        while (ended == 0) { // without letting events through
            QThread::yieldCurrentThread();
        }
        work.start(m_address, once);
        QTRY_COMPARE(arrived, 2);
    }

    void workGivenUpReportsNothing()
    {
        bool hasArrived = false;
        std::atomic<bool> hasReported{false};
        BackgroundWork work;
        work.start(m_address,
                   [&](const Connection &, const std::atomic<bool> &isCancelled, const BackgroundWork::Report &report) {
                       report([&] { hasArrived = true; });
                       hasReported = true;
                       while (!isCancelled) {
                           QThread::yieldCurrentThread();
                       }
                   });
        while (!hasReported) { // the report is on its way, not yet here
            QThread::yieldCurrentThread();
        }
        work.giveUp();
        QCoreApplication::processEvents();
        QVERIFY(!hasArrived);
    }

    void leavingWaitsForTheWorkToNotice()
    {
        std::atomic<bool> hasEnded{false};
        std::atomic<bool> hasBegun{false};
        {
            BackgroundWork work;
            work.start(m_address,
                       [&](const Connection &, const std::atomic<bool> &isCancelled, const BackgroundWork::Report &) {
                           hasBegun = true;
                           while (!isCancelled) {
                               QThread::yieldCurrentThread();
                           }
                           hasEnded = true;
                       });
            QTRY_VERIFY(hasBegun);
        }
        QVERIFY(hasEnded);
    }

    // A statement that would run for minutes ends soon after it is given up.
    void aLongStatementIsGivenUpToo()
    {
        std::atomic<bool> hasBegun{false};
        std::atomic<bool> wasCut{false};
        {
            BackgroundWork work;
            work.start(m_address, [&](const Connection &connection, const std::atomic<bool> &,
                                      const BackgroundWork::Report &) {
                QSqlQuery query(connection.database());
                hasBegun = true;
                wasCut =
                    !query.exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n LIMIT 1000000000000) "
                                "SELECT count(*) FROM n") ||
                    !query.next();
            });
            QTRY_VERIFY(hasBegun);
        }
        QVERIFY(wasCut);
    }

    void aDatabaseThatIsNotThereReportsNothing()
    {
        std::atomic<int> begun{0};
        bool hasArrived = false;
        const auto work = [&](const Connection &, const std::atomic<bool> &, const BackgroundWork::Report &report) {
            ++begun;
            report([&] { hasArrived = true; });
        };
        BackgroundWork nowhere;
        nowhere.start(addressOfFile("/nowhere.db"), work);
        QTRY_VERIFY(!nowhere.isBusy());
        QCoreApplication::processEvents();
        QCOMPARE(begun.load(), 0);
        QVERIFY(!hasArrived);
        // The same work on a database that is there arrives, so that its not arriving says something.
        BackgroundWork somewhere;
        somewhere.start(m_address, work);
        QTRY_VERIFY(hasArrived);
        QCOMPARE(begun.load(), 1);
    }
};

QTEST_GUILESS_MAIN(TestBackgroundWork)
#include "tst_background_work.moc"
