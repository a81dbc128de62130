// Entry on a server far away: every answer takes 200 ms, and now and then there is none. Whatever key is pressed, the
// window answers at once.
#include "core/draft/draft.h"
#include "core/kinds/settings/lookup.h"
#include "core/looks/files/look_book.h"
#include "data/dialect/waiting.h"
#include "entry/session/entry_session.h"
#include "entry/session/read_ahead.h"
#include "entry/view/entry_view.h"
#include "support/slow_relay.h"
#include "support/throw_away_servers.h"

#include <QApplication>
#include <QTest>

using namespace nabblet;

class TestSlowLink : public QObject
{
    Q_OBJECT

    samples::TestServer *m_server = nullptr;
    QString m_database;
    std::unique_ptr<samples::SlowRelay> m_link;
    std::optional<Connection> m_connection;
    Catalogue m_catalogue;
    std::unique_ptr<Appearance> m_appearance;

    static constexpr int OneWay = 100; // ms
    static constexpr int Soon = 50;    // ms

    qint64 m_patience = 60000; // ms, after which what is waited for is given up
    qint64 m_longest = 0;      // that was waited for the server since somebody asked

    // The choices of all lists that drop down, and the records beside the one in hand.
    static bool isAllThere(const EntrySession &session)
    {
        return QTest::qWaitFor(
            [&] {
                const std::optional<RowKey> key = session.state().key();
                const std::optional<Row> next = key ? session.readsAhead().after(*key) : std::nullopt;
                const std::optional<Row> previous = key ? session.readsAhead().before(*key) : std::nullopt;
                bool isThere =
                    next && session.readsAhead().knowsAllOf(*next) && session.readsAhead().knowsRowsBelow(*next) &&
                    (!previous ||
                     (session.readsAhead().knowsAllOf(*previous) && session.readsAhead().knowsRowsBelow(*previous)));
                for (const Control &control : session.form().controls) {
                    const bool isList = lookupOf(control) && kindNamed(control.kind).editor == Editor::Choice;
                    isThere = isThere && (!isList || session.values().wholeChoices(control));
                }
                return isThere;
            },
            20000);
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
        setWhileWaiting({[this](qint64 waited) {
                             m_longest = std::max(m_longest, waited);
                             return waited < m_patience;
                         },
                         {}});
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void init()
    {
        QFETCH_GLOBAL(QString, server);
        m_server = samples::serverNamed(server);
        static int made = 0;
        m_database = QStringLiteral("far_%1").arg(++made);
        samples::makeFairway(*m_server, m_database);
        DatabaseAddress address = m_server->addressOf(m_database);
        QString &host = address.parts["host"];
        const bool isFolder = server == QLatin1String("postgresql"); // which the socket is in
        m_link = std::make_unique<samples::SlowRelay>(isFolder ? host + "/.s.PGSQL.5432" : host, ".s.PGSQL.5432", 0);
        host = isFolder ? m_link->folder() : m_link->path();
        const Result<Connection> opened = Connection::open(address);
        QVERIFY2(opened.isOk(), opened ? "" : qPrintable(opened.error().sentence));
        m_connection = *opened;
        m_catalogue = *m_connection->readCatalogue();
    }
    void cleanup()
    {
        m_connection.reset();
        m_link.reset();
    }
    void cleanupTestCase() { samples::endServers(); }

    // Typed into every box, gone from box to box and from record to record, also while nothing answers at all.
    void noKeyWaitsForTheServer()
    {
        const Table &table = *findTable(m_catalogue, "buoy");
        const Form form =
            draftForm(m_catalogue, table, planWithChildren(m_catalogue, table), nullptr, FixedTextMeasure());
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        EntryView view(&session, *m_appearance);
        view.resize(1000, 800);
        view.show();
        QVERIFY(QTest::qWaitForWindowExposed(&view));
        view.activateWindow();
        QTRY_VERIFY(view.isActiveWindow());
        view.focusFirst();
        QVERIFY(isAllThere(session));
        m_link->setDelay(OneWay);
        int keys = 0;
        QStringList waited;
        const auto press = [&](Qt::Key key, const QString &what) {
            m_longest = 0;
            QTest::keyClick(QApplication::focusWidget(), key);
            QApplication::processEvents();
            ++keys;
            if (m_longest > Soon) {
                waited.append(QString("%1: %2 ms").arg(what).arg(m_longest));
            }
        };
        for (const bool isBroken : {false, true}) {
            m_link->setBroken(isBroken);
            for (int box = 0; box < 14; ++box) {
                const QString name = QApplication::focusWidget()->accessibleName();
                for (const Qt::Key key : {Qt::Key_1, Qt::Key_A, Qt::Key_Backspace, Qt::Key_Backspace}) {
                    press(key, name);
                }
                press(Qt::Key_Tab, name + " Tab");
            }
        }
        m_link->setBroken(false);
        qInfo("%d keys", keys);
        QVERIFY2(waited.isEmpty(), qPrintable(waited.join('\n')));
    }

    void goingOnDoesNotWaitForTheServer_data()
    {
        QTest::addColumn<bool>("hasRowsInside");
        QTest::newRow("alone") << false;
        QTest::newRow("with the rows that belong to each") << true;
    }
    void goingOnDoesNotWaitForTheServer()
    {
        QFETCH(bool, hasRowsInside);
        const Table &table = *findTable(m_catalogue, "buoy");
        const DraftPlan plan = hasRowsInside ? planWithChildren(m_catalogue, table) : planDraft(table);
        const Form form = draftForm(m_catalogue, table, plan, nullptr, FixedTextMeasure());
        EntrySession session(*m_connection, m_catalogue, form);
        QVERIFY(session.start().isOk());
        EntryView view(&session, *m_appearance);
        view.show();
        QVERIFY(isAllThere(session));
        m_link->setDelay(OneWay);
        for (int step = 0; step < 12; ++step) {
            QVERIFY(isAllThere(session));
            m_longest = 0;
            QVERIFY(step % 5 == 4 ? session.moves().goPrevious() : session.moves().goNext());
            view.grab();
            QApplication::processEvents();
            QVERIFY2(m_longest < Soon, qPrintable(QString("step %1: %2 ms").arg(step).arg(m_longest)));
        }
    }

    // Given up while nothing answers, also not to that: the wait ends, and so does closing the form.
    void whatIsGivenUpEndsOnABrokenLink()
    {
        const Form form = draftColumnar(m_catalogue, *findTable(m_catalogue, "buoy"), *m_appearance);
        auto session = std::make_unique<EntrySession>(*m_connection, m_catalogue, form);
        QVERIFY(session->start().isOk());
        QVERIFY(isAllThere(*session));
        m_link->setBroken(true);
        m_patience = 300;
        QElapsedTimer clock;
        clock.start();
        QVERIFY(!session->moves().goLast());
        QVERIFY(!session->state().messages.isEmpty());
        QVERIFY2(clock.elapsed() < 12000, qPrintable(QString::number(clock.elapsed())));
        const qint64 stopped = clock.restart();
        session.reset(); // with what it reads beside the interface
        m_connection.reset();
        QVERIFY2(clock.elapsed() < 12000, qPrintable(QString::number(clock.elapsed())));
        qInfo("given up after %lld ms, closed after %lld", stopped, clock.elapsed());
        m_patience = 60000;
        m_link->setBroken(false);
    }
};

QTEST_MAIN(TestSlowLink)
#include "tst_slow_link.moc"
