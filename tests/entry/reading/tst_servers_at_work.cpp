// Entry on a server: a form drafted from its tables is worked with, while the server is slow, stands still, or dies in
// the middle of a save. The same for every kind of server.
#include "core/draft/draft.h"
#include "core/kinds/settings/lookup.h"
#include "core/looks/files/look_book.h"
#include "entry/reading/waiting_strip.h"
#include "entry/session/entry_session.h"
#include "entry/session/read_ahead.h"
#include "entry/view/entry_view.h"
#include "support/throw_away_servers.h"

#include <QApplication>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>
#include <QTimer>

#include <future>

using namespace nabblet;

// Counts how often a widget was painted.
class PaintCount : public QObject
{
public:
    int count = 0;

protected:
    bool eventFilter(QObject *, QEvent *event) override
    {
        count += event->type() == QEvent::Paint ? 1 : 0;
        return false;
    }
};

class TestServersAtWork : public QObject
{
    Q_OBJECT

    samples::TestServer *m_server = nullptr;
    QString m_database;
    std::optional<Connection> m_connection;
    Catalogue m_catalogue;
    std::unique_ptr<Appearance> m_appearance;

    QString ask(const QString &sql) const { return m_server->ask(m_database, sql); }
    Form draftOf(const QString &table) const
    {
        return draftColumnar(m_catalogue, *findTable(m_catalogue, table), *m_appearance);
    }
    static ControlId fieldOf(const Form &form, const QString &column)
    {
        for (const Control &control : form.controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }
    static const char *messagesOf(const EntrySession &session)
    {
        static QByteArray all;
        all.clear();
        for (const FieldMessage &message : session.state().messages) {
            all += message.sentence.toUtf8() + ' ';
        }
        return all.constData();
    }
    // How some statements begin, a line each.
    static const char *begun(const QStringList &statements)
    {
        static QByteArray all;
        all.clear();
        for (const QString &statement : statements) {
            all += "\n" + statement.left(100).toUtf8();
        }
        return all.constData();
    }
    // What can only be had once the server works again, some ms later.
    std::future<void> later(int ms, const std::function<void()> &what)
    {
        return std::async(std::launch::async, [ms, what] {
            QThread::msleep(ms);
            what();
        });
    }

private Q_SLOTS:
    void initTestCase_data()
    {
        QTest::addColumn<QString>("server");
        QTest::newRow("PostgreSQL") << "postgresql";
        QTest::newRow("MariaDB") << "mariadb";
    }
    void initTestCase()
    {
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void init()
    {
        QFETCH_GLOBAL(QString, server);
        m_server = samples::serverNamed(server);
        static int made = 0;
        m_database = QStringLiteral("work_%1").arg(++made);
        samples::makeFairway(*m_server, m_database);
        const Result<Connection> opened = Connection::open(m_server->addressOf(m_database));
        QVERIFY2(opened.isOk(), opened ? "" : qPrintable(opened.error().sentence));
        m_connection = *opened;
        m_catalogue = *m_connection->readCatalogue();
    }
    void cleanup() { m_connection.reset(); }
    void cleanupTestCase() { samples::endServers(); }

    // Forms of every table are drafted, opened, stepped through, shown and saved in.
    void everyTableMakesAFormThatWorks()
    {
        for (const Table &table : std::as_const(m_catalogue.tables)) {
            const Form form = draftOf(table.name);
            EntrySession session(*m_connection, m_catalogue, form);
            const Outcome started = session.start();
            QVERIFY2(started.isOk(), started ? "" : qPrintable(table.name + ": " + started.error().detail));
            EntryView view(&session, *m_appearance);
            view.resize(900, 700);
            view.show();
            for (int step = 0; step < 5; ++step) {
                view.grab();
                while (session.readMissing()) {
                    view.grab();
                }
                session.moves().goNext();
            }
        }
    }

    // A server far away is asked as seldom as can be, whatever a form looks up: by its own log.
    void aStepAndASaveAskSeldom()
    {
        const Form form = draftOf("buoy");
        int lookups = 0;
        for (const Control &control : form.controls) {
            lookups += lookupOf(control) ? 1 : 0;
        }
        QVERIFY(lookups >= 3);
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        EntryView view(&session, *m_appearance);
        view.resize(900, 700);
        view.show();
        const auto settle = [&] {
            do {
                QApplication::processEvents();
                view.grab();
            } while (session.readMissing());
        };
        settle();
        for (int step = 0; step < 4; ++step) {
            const QStringList asked = m_server->statementsOf(*m_connection, [&] {
                QVERIFY(session.moves().goNext());
                settle();
            });
            QVERIFY2(asked.size() <= 2, begun(asked));
        }
        session.typing().choose(*form.controls.find(fieldOf(form, "name")), QString("Seldom Gate"));
        const QStringList asked = m_server->statementsOf(*m_connection, [&] { QVERIFY(session.saving().save()); });
        // The change, the record read back, and what its boxes look up; the beginning and the end of the transaction.
        QVERIFY2(asked.size() <= 5, begun(asked));
        QCOMPARE(ask("SELECT count(*) FROM buoy WHERE name = 'Seldom Gate'"), "1");
    }

    // Lines of an open list that painting missed are told of once they are there, and then no more.
    void whatPaintingMissedIsToldOf()
    {
        Form form = draftOf("buoy");
        Control list = *form.controls.find(fieldOf(form, "fairway_id"));
        list.kind = "list";
        form.controls.replace(form.controls.indexOf(list.id), list);
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        QSignalSpy read(&session, &EntrySession::valuesRead);
        {
            const ControlValues::Painting painting(&session.values());
            QVERIFY(session.values().listRows(list).isEmpty());
        }
        QTRY_COMPARE(read.size(), 1);
        {
            const ControlValues::Painting painting(&session.values());
            QVERIFY(!session.values().listRows(list).isEmpty());
        }
        QApplication::processEvents();
        QCOMPARE(read.size(), 1);
    }

    // Whoever goes on waits for nothing: the records beside the one in hand, and what they look up, are there already.
    // What others change meanwhile is seen all the same, also where what was read is older.
    void whatStandsBesideIsReadAhead()
    {
        const Form form = draftOf("buoy");
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        EntryView view(&session, *m_appearance);
        view.resize(900, 700);
        view.show();
        const auto settle = [&] {
            do {
                QApplication::processEvents();
                view.grab();
            } while (session.readMissing());
        };
        settle();
        const auto isReady = [&] {
            return QTest::qWaitFor(
                [&] {
                    const std::optional<Row> next = session.readsAhead().after(*session.state().key());
                    return next && session.readsAhead().knowsAllOf(*next);
                },
                20000);
        };
        QVERIFY(isReady());
        const QStringList asked = m_server->statementsOf(*m_connection, [&] {
            QVERIFY(session.moves().goNext());
            settle();
        });
        QVERIFY2(asked.isEmpty(), begun(asked));
        // Hands that are too fast for it at first are not for long.
        bool isCaughtUp = false;
        QVERIFY(session.moves().goFirst());
        for (int i = 0; i < 400 && !isCaughtUp; ++i) {
            QVERIFY(session.moves().goNext() || session.moves().goFirst());
            QApplication::processEvents();
            isCaughtUp = session.readsAhead().after(*session.state().key()).has_value();
        }
        QVERIFY(isCaughtUp);
        // The same rows as there are, in their order, lookups with their words.
        QVERIFY(session.moves().goFirst());
        EntrySession plain(*m_connection, m_catalogue, form);
        QVERIFY(plain.start(Counting::No).isOk()); // reads nothing ahead
        for (int i = 0; i < 60; ++i) {
            settle();
            QCOMPARE(session.state().key(), plain.state().key());
            QCOMPARE(session.state().record.row->values, plain.state().record.row->values);
            for (const Control &control : form.controls) {
                QCOMPARE(session.values().shown(control).words, plain.values().shown(control).words);
            }
            QVERIFY(session.moves().goNext());
            QVERIFY(plain.moves().goNext());
            QTest::qWait(i % 7); // now and then faster than it is read
        }
        // Others change the next record, and the words of what it looks up.
        QVERIFY(isReady());
        QVERIFY(plain.moves().goToKey(session.state().record.row->key));
        QVERIFY(plain.moves().goNext());
        const qlonglong next = plain.state().key()->first().toLongLong();
        ask(QString("UPDATE buoy SET name = 'Theirs Now' WHERE buoy_id = %1").arg(next));
        ask(QString("UPDATE fairway SET name = 'Their Reach' WHERE fairway_id = "
                    "(SELECT fairway_id FROM buoy WHERE buoy_id = %1)")
                .arg(next));
        QVERIFY(session.moves().goNext());
        QCOMPARE(session.state().key()->first().toLongLong(), next);
        QTRY_COMPARE_WITH_TIMEOUT(session.state().value("name").toString(), "Theirs Now", 10000);
        QTRY_COMPARE_WITH_TIMEOUT(session.values().shown(*form.controls.find(fieldOf(form, "fairway_id"))).words,
                                  "Their Reach", 10000);
        // What is written lets go of what was read.
        QVERIFY(session.moves().goPrevious());
        session.typing().choose(*form.controls.find(fieldOf(form, "name")), QString("Ours"));
        QVERIFY2(session.saving().save(), messagesOf(session));
        QVERIFY(session.moves().goNext());
        QCOMPARE(session.state().value("name").toString(), "Theirs Now");
    }

    // Typed, saved, read by the server's own client; a value of another program is seen as a conflict.
    void typedValuesAreSaved()
    {
        const Form form = draftOf("buoy");
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        const ControlId name = fieldOf(form, "name");
        const ControlId lit = fieldOf(form, "is_lit");
        const ControlId depth = fieldOf(form, "depth_m");
        const ControlId laid = fieldOf(form, "laid_on");
        QVERIFY(name && lit && depth && laid);
        const qlonglong id = session.state().record.row->key.first().toLongLong();
        const auto stored = [&](const char *column) {
            return ask(QString("SELECT %1 FROM buoy WHERE buoy_id = %2").arg(column).arg(id));
        };
        session.typing().choose(*form.controls.find(name), QString("Łódź Gate"));
        session.typing().choose(*form.controls.find(depth), 12.5);
        session.typing().choose(*form.controls.find(laid), QString("2024-02-29"));
        const QString was = stored("is_lit");
        session.typing().choose(*form.controls.find(lit), was == "t" || was == "1" ? 0 : 1);
        QVERIFY2(session.saving().save(), messagesOf(session));
        QCOMPARE(stored("name"), "Łódź Gate");
        QCOMPARE(stored("depth_m"), "12.5");
        QCOMPARE(stored("laid_on"), "2024-02-29");
        QVERIFY(stored("is_lit") != was);
        ask(QString("UPDATE buoy SET name = 'Theirs' WHERE buoy_id = %1").arg(id));
        session.typing().choose(*form.controls.find(name), QString("Mine"));
        QVERIFY(!session.saving().save());
        QCOMPARE(stored("name"), "Theirs");
        QVERIFY(session.saving().keepMine());
        QCOMPARE(stored("name"), "Mine");
    }

    // A server that stands still: the window paints and says so, what is typed comes afterwards, Stop gives it up.
    void aServerThatStandsStillFreezesNothing()
    {
        const WaitingStrip strip;
        const Form form = draftOf("buoy");
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        EntryView view(&session, *m_appearance);
        view.resize(900, 700);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        view.activateWindow();
        QWidget *box = view.widgetFor(fieldOf(form, "name"));
        QVERIFY(box);
        const qlonglong first = session.state().record.row->key.first().toLongLong();
        PaintCount painted;
        view.installEventFilter(&painted);
        bool wasShown = false;
        m_server->setStopped(true);
        std::future<void> resumed = later(1500, [this] { m_server->setStopped(false); });
        std::future<void> looking = later(700, [&] {
            QMetaObject::invokeMethod(
                &view,
                [&] {
                    wasShown = strip.isShown();
                    view.update();
                },
                Qt::QueuedConnection);
        });
        QElapsedTimer clock;
        clock.start();
        session.moves().goTo(60); // where nothing was read ahead, however long the window took to come
        QVERIFY2(clock.elapsed() >= 1000, "it waited for the server");
        resumed.wait();
        looking.wait();
        QVERIFY(wasShown);
        QVERIFY2(painted.count > 0, "the window painted meanwhile");
        QVERIFY(!strip.isShown());
        QVERIFY(session.state().record.row->key.first().toLongLong() != first);
        // Given up: the record stays, and all goes on when the server does.
        const RowKey here = session.state().record.row->key;
        m_server->setStopped(true);
        resumed = later(1200, [this] { m_server->setStopped(false); });
        looking = later(500, [&] {
            QMetaObject::invokeMethod(
                &view,
                [&] {
                    if (auto *stop = view.findChild<QPushButton *>("stopWaiting")) {
                        stop->click();
                    }
                },
                Qt::QueuedConnection);
        });
        session.moves().goTo(120);
        resumed.wait();
        looking.wait();
        QTRY_VERIFY_WITH_TIMEOUT(firstRow(*m_connection, session.state().source).isOk(), 10000);
        session.moves().goNext();
        QVERIFY(session.state().hasRecord());
    }

    // Killed at some moment of a save: the record is there once or not at all, what was typed is kept, and saving again
    // never makes a second one.
    void killedInTheMiddleOfSaves()
    {
        // How often: a dozen times, or as NABBLET_KILLS says.
        const int asked = qEnvironmentVariableIntValue("NABBLET_KILLS");
        const int rounds = asked > 0 ? asked : 12;
        Form form = draftOf("fairway");
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        const ControlId name = fieldOf(form, "name");
        int known = 0;
        for (int round = 0; round < rounds; ++round) {
            const QString called = QString("Round %1").arg(round);
            QVERIFY(session.moves().add());
            session.typing().choose(*form.controls.find(name), called);
            std::future<void> killed = later(round % 4, [this] {
                m_server->kill();
                m_server->start();
            });
            const bool isSaved = session.saving().save();
            killed.wait();
            QTRY_VERIFY_WITH_TIMEOUT(firstRow(*m_connection, session.state().source).isOk(), 10000);
            const QString there = ask(QString("SELECT count(*) FROM fairway WHERE name = '%1'").arg(called));
            if (isSaved) {
                QCOMPARE(there, "1");
                ++known;
                continue;
            }
            // Not saved, and said so: it is not there, and what was typed still is.
            QCOMPARE(there, "0");
            QCOMPARE(session.state().value("name").toString(), called);
            QVERIFY2(session.saving().save(), messagesOf(session));
            QCOMPARE(ask(QString("SELECT count(*) FROM fairway WHERE name = '%1'").arg(called)), "1");
        }
        qInfo("%d of %d saved at once", known, rounds);
    }

    // A server with another one that follows it: the one that can only be read says so; when the first dies in the
    // middle of saves and the other takes its place, nothing that was said to be saved is gone, and work goes on there.
    void anotherTakesItsPlace()
    {
        if (m_server->dialect() != QLatin1String("postgresql")) {
            return; // of the other kind the nodes of a cluster are alike
        }
        const int asked = qEnvironmentVariableIntValue("NABBLET_KILLS") / 10;
        const int rounds = asked > 0 ? asked : 2;
        auto leader = std::make_unique<samples::PostgresqlServer>();
        samples::makeFairway(*leader, "fairway");
        const Form form = draftOf("fairway");
        const ControlId name = fieldOf(form, "name");
        int atOnce = 0;
        for (int round = 0; round < rounds; ++round) {
            auto follower = std::make_unique<samples::PostgresqlServer>(*leader);
            const Result<Connection> looking = Connection::open(follower->addressOf("fairway"));
            QVERIFY(looking.isOk());
            QVERIFY(looking->isReadOnly());
            EntrySession reader(*looking, *looking->readCatalogue(), form);
            QVERIFY(reader.start().isOk()); // to look at
            QVERIFY(reader.state().hasRecord());

            const Result<Connection> opened = Connection::open(leader->addressWith(*follower, "fairway"));
            QVERIFY(opened.isOk());
            QVERIFY(!opened->isReadOnly());
            EntrySession session(*opened, *opened->readCatalogue(), form);
            QVERIFY(session.start().isOk());
            std::future<void> taken = later(20 + 7 * round, [&] {
                leader->kill();
                follower->promote();
            });
            QStringList saved;
            bool isRetried = false;
            for (int i = 0; i < 30; ++i) {
                const QString called = QString("Round %1.%2").arg(round).arg(i);
                QVERIFY(session.moves().add() || isRetried);
                session.typing().choose(*form.controls.find(name), called);
                bool isSaved = session.saving().save();
                QElapsedTimer waited;
                waited.start();
                while (!isSaved && waited.elapsed() < 60000) {
                    isRetried = true;
                    QCOMPARE(session.state().value("name").toString(), called); // what was typed stays
                    QVERIFY(!session.state().messages.isEmpty());               // and why it is not saved is said
                    QTest::qWait(50);
                    isSaved = session.saving().save();
                }
                QVERIFY2(isSaved, messagesOf(session));
                saved.append(called);
            }
            taken.wait();
            atOnce += isRetried ? 0 : 1;
            for (const QString &called : std::as_const(saved)) {
                QCOMPARE(
                    follower->ask("fairway", QString("SELECT count(*) FROM fairway WHERE name = '%1'").arg(called)),
                    "1");
            }
            leader = std::move(follower);
        }
        qInfo("%d of %d rounds without a save that had to be tried again", atOnce, rounds);
    }
};

QTEST_MAIN(TestServersAtWork)
#include "tst_servers_at_work.moc"
