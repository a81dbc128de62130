#include "data/background/steady_work.h"
#include "support/sample_database.h"

#include <QSqlQuery>
#include <QTest>

#include <numeric>
#include <utility>

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

    // One after the other on one connection; of those where the last counts, the last.
    void steadyWorkIsDoneInItsOrder()
    {
        QList<int> arrived;
        std::atomic<int> connections{0};
        QString name; // of the connection, of its thread alone
        SteadyWork work(*Connection::open(m_address));
        const auto task = [&](int number) {
            return [&, number](const Connection &connection, const BackgroundWork::Report &report) {
                connections += std::exchange(name, connection.database().connectionName()) == name ? 0 : 1;
                report([&, number] { arrived.append(number); });
            };
        };
        for (int i = 0; i < 50; ++i) {
            work.post(task(i), SteadyWork::Else::Undone);
        }
        for (int i = 100; i < 110; ++i) {
            work.postLast(task(i));
        }
        QTRY_VERIFY(arrived.contains(109));
        QCOMPARE(connections, 1);
        QList<int> inOrder;
        for (const int number : std::as_const(arrived)) {
            if (number < 100) {
                inOrder.append(number);
            }
        }
        QList<int> all(50);
        std::iota(all.begin(), all.end(), 0);
        QCOMPARE(inOrder, all);
        QCOMPARE(arrived.last(), 109);
        work.post(task(200), SteadyWork::Else::Undone); // it goes on afterwards
        QTRY_COMPARE(arrived.last(), 200);
    }

    void steadyWorkEndsInTheMiddle()
    {
        int arrived = 0;
        std::atomic<bool> hasBegun{false};
        {
            SteadyWork work(*Connection::open(m_address));
            for (int i = 0; i < 20000; ++i) {
                work.post(
                    [&](const Connection &connection, const BackgroundWork::Report &report) {
                        QSqlQuery(connection.database()).exec("SELECT count(*) FROM visit");
                        hasBegun = true;
                        report([&] { ++arrived; });
                    },
                    SteadyWork::Else::Here);
            }
            QTRY_VERIFY(hasBegun);
        }
        const int before = arrived;
        QCoreApplication::processEvents();
        QCOMPARE(arrived, before);
    }

    // A server that grants no further connection: what is needed is done by the one there is, the rest is not.
    void steadyWorkWithoutAConnectionIsDoneHere()
    {
        const QString path = m_folder.filePath("gone.db");
        QVERIFY(QFile::copy(m_address.part("file"), path));
        SteadyWork work(*Connection::open(addressOfFile(path)));
        QVERIFY(QFile::remove(path));
        QStringList done;
        const auto task = [&](const QString &name) {
            return [&, name](const Connection &connection, const BackgroundWork::Report &report) {
                QSqlQuery query(connection.database());
                const bool isRead = query.exec("SELECT 1") && query.next();
                report([&, name, isRead] { done.append(isRead ? name : "unread"); });
            };
        };
        work.post(task("needed"), SteadyWork::Else::Here);
        work.post(task("ahead"), SteadyWork::Else::Undone);
        work.postLast(task("looked"));
        QTRY_COMPARE(done, QStringList({"needed", "looked"}));
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
