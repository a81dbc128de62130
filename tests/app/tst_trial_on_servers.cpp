// Trials on servers, where nothing is copied: one transaction that is never kept, whatever is done in it, that holds
// nobody up for long, and whose end – by whomever – leaves nothing behind.
#include "app/parts/trial_page.h"
#include "app/window/main_window.h"
#include "app/work/trial.h"
#include "core/draft/draft.h"
#include "core/file/form_file.h"
#include "entry/view/entry_view.h"
#include "support/throw_away_servers.h"

#include <QApplication>
#include <QDir>
#include <QLabel>
#include <QMessageBox>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTest>
#include <QTimer>

using namespace nabblet;

class TestTrialOnServers : public QObject
{
    Q_OBJECT

    samples::TestServer *m_server = nullptr;
    QString m_database;
    Workspace m_workspace;
    std::unique_ptr<Appearance> m_appearance;
    std::unique_ptr<Trial> m_trial;

    QString ask(const QString &sql) const { return m_server->ask(m_database, sql); }
    bool isMariadb() const { return m_server->dialect() == QLatin1String("mariadb"); }
    Form draftOf(const QString &table) const
    {
        return draftColumnar(m_workspace.catalogue, *findTable(m_workspace.catalogue, table), *m_appearance);
    }
    void begin(const QString &table)
    {
        Result<std::unique_ptr<Trial>> begun = Trial::begin(m_workspace, draftOf(table), {});
        if (!begun) {
            qFatal("%s", qPrintable(begun.error().sentence));
        }
        m_trial = std::move(*begun);
    }
    EntrySession &session() const { return *m_trial->session(); }
    const Control &boxOf(const QString &column) const
    {
        for (const Control &control : session().form().controls) {
            if (control.column == column) {
                return control;
            }
        }
        qFatal("no box of %s", qPrintable(column));
    }
    QSqlDatabase tried() const { return session().state().connection.database(); }
    QString inTrial(const QString &sql) const
    {
        QSqlQuery query(tried());
        return query.exec(sql) && query.next() ? query.value(0).toString() : query.lastError().databaseText();
    }
    QString everything() const
    {
        return ask("SELECT * FROM buoy ORDER BY 1") + ask("SELECT * FROM visit ORDER BY 1") +
               ask("SELECT * FROM fairway ORDER BY 1");
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
        QStandardPaths::setTestModeEnabled(true);
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void init()
    {
        QFETCH_GLOBAL(QString, server);
        m_server = samples::serverNamed(server);
        static int made = 0;
        m_database = QStringLiteral("trial_%1").arg(++made);
        samples::makeFairway(*m_server, m_database);
        const Result<Workspace> opened = openDatabase(m_server->addressOf(m_database));
        QVERIFY2(opened.isOk(), opened ? "" : qPrintable(opened.error().sentence));
        m_workspace = *opened;
    }
    void cleanup()
    {
        m_trial.reset();
        m_workspace = {};
    }
    void cleanupTestCase() { samples::endServers(); }

    // Changed, added, deleted and taken back, as at work; then all of it is gone.
    void nothingOfItIsKept()
    {
        const QString before = everything();
        begin("fairway");
        QVERIFY(!m_trial->isOnCopy());
        const qlonglong id = session().state().record.row->key.first().toLongLong();
        session().typing().choose(boxOf("name"), QString("Tried Reach"));
        QVERIFY(session().saving().save());
        QCOMPARE(inTrial(QString("SELECT name FROM fairway WHERE fairway_id = %1").arg(id)), "Tried Reach");
        QVERIFY(session().moves().add());
        session().typing().choose(boxOf("name"), QString("Tried Anew"));
        QVERIFY(session().saving().save());
        QVERIFY(session().moves().goFirst());
        QCOMPARE(session().state().value("name").toString(), "Tried Reach");
        QCOMPARE(inTrial("SELECT count(*) FROM fairway WHERE name LIKE 'Tried%'"), "2");
        QCOMPARE(everything(), before); // others see none of it, meanwhile …
        m_trial.reset();
        QCOMPARE(everything(), before); // … and nobody does afterwards
    }

    // What reads beside the interface elsewhere sees what was tried, too.
    void workBesideItSeesWhatWasTried()
    {
        begin("fairway");
        session().typing().choose(boxOf("name"), QString("Tried Reach"));
        QVERIFY(session().saving().save());
        BackgroundWork work;
        QString found;
        work.start(session().state().connection.address(),
                   [&](const Connection &connection, const std::atomic<bool> &, const BackgroundWork::Report &report) {
                       QSqlQuery query(connection.database());
                       query.exec("SELECT count(*) FROM fairway WHERE name = 'Tried Reach'");
                       const QString count = query.next() ? query.value(0).toString() : query.lastError().text();
                       report([&, count] { found = count; });
                   });
        QVERIFY(work.isBusy());
        QTRY_COMPARE(found, "1");
        QVERIFY(!work.isBusy());
        // And no other thread, nor anything of a later day, opens it as the database itself.
        const DatabaseAddress address = session().state().connection.address();
        QVERIFY(!Connection::open(address));
        QVERIFY(session().state().connection.storedAddress() == m_workspace.address);
    }

    void aFailureUndoesItselfAlone()
    {
        begin("fairway");
        session().typing().choose(boxOf("name"), QString("Tried Reach"));
        QVERIFY(session().saving().save());
        for (int i = 0; i < 3; ++i) {
            QSqlQuery bad(tried());
            QVERIFY(!bad.exec("SELECT nothing_of_that_name FROM fairway"));
            QCOMPARE(inTrial("SELECT count(*) FROM fairway WHERE name = 'Tried Reach'"), "1");
        }
        // A refusal is one, as at work, and what was typed stays.
        session().typing().choose(boxOf("name"), QVariant());
        QVERIFY(!session().saving().save());
        QVERIFY(!session().state().messages.isEmpty());
        session().typing().choose(boxOf("name"), QString("Tried Again"));
        QVERIFY(session().saving().save());
        QCOMPARE(inTrial("SELECT count(*) FROM fairway WHERE name = 'Tried Again'"), "1");
    }

    // A builder's own statement may be any.
    void whatWouldKeepItIsRefused()
    {
        const QString before = everything();
        begin("fairway");
        session().typing().choose(boxOf("name"), QString("Tried Reach"));
        QVERIFY(session().saving().save());
        const QStringList statements{"COMMIT",
                                     " commit ",
                                     "/* it /* is */ kept */ COMMIT",
                                     "-- kept\nCOMMIT AND CHAIN",
                                     "END",
                                     "BEGIN",
                                     "START TRANSACTION",
                                     "/*! COMMIT */",
                                     "/*M! COMMIT */",
                                     "CREATE TABLE made (id INTEGER)",
                                     "TRUNCATE TABLE fairway",
                                     "SET autocommit = 1",
                                     "CALL nothing()",
                                     "ALTER TABLE fairway ADD COLUMN made INTEGER"};
        for (const QString &statement : statements) {
            QSqlQuery query(tried());
            const bool isRun = query.exec(statement);
            QVERIFY2(!isRun || !isMariadb(), qPrintable(statement));
            Transaction part(session().state().connection);
            QSqlQuery inside(tried());
            inside.exec(statement);
            part.commit();
        }
        m_trial.reset();
        QCOMPARE(everything(), before);
        QVERIFY(!ask("SELECT count(*) FROM made").startsWith("0"));
        // One that ends it ends all of it: what follows runs nowhere.
        begin("fairway");
        QSqlQuery query(tried());
        query.exec("ROLLBACK");
        QVERIFY(!query.exec("INSERT INTO fairway (name) VALUES ('Kept')"));
        QSignalSpy ended(m_trial.get(), &Trial::ended);
        QTRY_COMPARE(ended.size(), 1);
        m_trial.reset();
        QCOMPARE(everything(), before);
    }

    // Somebody else needs a row that was changed, or its table: the trial gives way, long before they give up.
    void nobodyIsHeldUp_data()
    {
        QTest::addColumn<QString>("statement");
        QTest::newRow("a row") << "UPDATE fairway SET name = 'Theirs' WHERE fairway_id = %1";
        QTest::newRow("the table") << "ALTER TABLE fairway ADD COLUMN theirs INTEGER; "
                                      "UPDATE fairway SET name = 'Theirs' WHERE fairway_id = %1";
    }
    void nobodyIsHeldUp()
    {
        QFETCH(QString, statement);
        begin("fairway");
        const qlonglong id = session().state().record.row->key.first().toLongLong();
        session().typing().choose(boxOf("name"), QString("Tried Reach"));
        QVERIFY(session().saving().save());
        QSignalSpy ended(m_trial.get(), &Trial::ended);
        std::future<QString> other = std::async(std::launch::async, [&] { return ask(statement.arg(id)); });
        QTRY_COMPARE_WITH_TIMEOUT(ended.size(), 1, 10000);
        QVERIFY(ended.first().first().toString().contains("somebody else"));
        other.wait();
        QCOMPARE(ask(QString("SELECT name FROM fairway WHERE fairway_id = %1").arg(id)), "Theirs");
        // It is over for good.
        session().typing().choose(boxOf("name"), QString("Too late"));
        QVERIFY(!session().saving().save());
        QCOMPARE(ask(QString("SELECT name FROM fairway WHERE fairway_id = %1").arg(id)), "Theirs");
    }

    void aTrialThatTheServerEndsLeavesNothing()
    {
        const QString before = everything();
        begin("fairway");
        session().typing().choose(boxOf("name"), QString("Tried Reach"));
        QVERIFY(session().saving().save());
        const Connection &connection = session().state().connection;
        const QString number = connection.dialect().connectionNumber(connection.database());
        QSignalSpy ended(m_trial.get(), &Trial::ended);
        ask(isMariadb() ? "KILL " + number : QString("SELECT pg_terminate_backend(%1)").arg(number));
        for (int i = 0; i < 3; ++i) { // nothing runs on a new connection, where it would be kept
            session().typing().choose(boxOf("name"), QString("Kept %1").arg(i));
            QVERIFY(!session().saving().save());
            QSqlQuery query(tried());
            QVERIFY(!query.exec("INSERT INTO fairway (name) VALUES ('Kept')"));
        }
        QTRY_COMPARE_WITH_TIMEOUT(ended.size(), 1, 10000);
        m_trial.reset();
        QCOMPARE(everything(), before);
    }

    // What a database looks at when a transaction is kept is looked at when a record is saved.
    void checksAtTheEndAreTried()
    {
        if (isMariadb()) {
            QSKIP("it has no such checks");
        }
        ask("CREATE TABLE pair (id INTEGER PRIMARY KEY, other INTEGER NOT NULL REFERENCES pair (id) "
            "DEFERRABLE INITIALLY DEFERRED); INSERT INTO pair VALUES (1, 1), (2, 2)");
        m_workspace = *openDatabase(m_server->addressOf(m_database));
        begin("pair");
        Transaction good(session().state().connection);
        QSqlQuery query(tried());
        QVERIFY(query.exec("INSERT INTO pair VALUES (3, 4)")); // not yet there, and looked at later
        QVERIFY(query.exec("INSERT INTO pair VALUES (4, 3)"));
        QVERIFY(good.commit());
        Transaction bad(session().state().connection);
        QVERIFY(query.exec("INSERT INTO pair VALUES (5, 99)"));
        QVERIFY(!bad.commit());
        QCOMPARE(bad.error().nativeErrorCode(), "23503");
        QCOMPARE(inTrial("SELECT count(*) FROM pair"), "4");
        Transaction later(session().state().connection); // as before, the order does not matter within one
        QVERIFY(query.exec("INSERT INTO pair VALUES (6, 7)"));
        QVERIFY(query.exec("INSERT INTO pair VALUES (7, 6)"));
        QVERIFY(later.commit());
    }

    void tablesThatKeepAtOnceAreNotTriedOn()
    {
        if (!isMariadb()) {
            QSKIP("it has no such tables");
        }
        ask("CREATE TABLE journal (id INTEGER PRIMARY KEY, words TEXT) ENGINE = Aria TRANSACTIONAL = 0");
        const Result<std::unique_ptr<Trial>> begun = Trial::begin(m_workspace, draftOf("fairway"), {});
        QVERIFY(!begun);
        QVERIFY2(begun.error().sentence.contains("“journal”"), qPrintable(begun.error().sentence));
    }

    // A view is read by a copy of its keys, in a table of this connection.
    void viewsAreTriedToo()
    {
        ask("CREATE VIEW seen AS SELECT name, count(*) AS rows_of_it FROM fairway GROUP BY name");
        m_workspace = *openDatabase(m_server->addressOf(m_database));
        const QString before = everything();
        begin("seen");
        QVERIFY(session().state().hasRecord());
        QVERIFY(session().moves().goNext());
        Transaction part(session().state().connection);
        QSqlQuery query(tried());
        QVERIFY2(query.exec("INSERT INTO fairway (name) VALUES ('Tried Reach')"), qPrintable(query.lastError().text()));
        QVERIFY(part.commit());
        QVERIFY(session().state().connection.dialect().isTrialGoing(tried()));
        m_trial.reset();
        QCOMPARE(everything(), before);
    }

    // In the window: what is said there, and where one is when it ends by itself.
    void theWindowSaysWhatItIs()
    {
        QTemporaryDir folder;
        QDir(folder.path()).mkdir("forms");
        Workspace project = m_workspace;
        project.projectFolder = folder.path();
        project.project.database = m_workspace.address;
        QVERIFY(saveProjectOf(project).isOk());
        const QString path = folder.filePath("forms/fairway.nabform");
        QVERIFY(saveForm(path, draftOf("fairway")).isOk());
        MainWindow window;
        window.show();
        window.filing().openPath(path);
        QVERIFY(window.document() && window.session());
        window.showTrial();
        QVERIFY(window.isTrial());
        TrialPage *page = window.trialPage();
        QStringList said;
        for (const QLabel *label : page->findChildren<QLabel *>()) {
            said.append(label->text());
        }
        QVERIFY2(said.join('\n').contains("Nothing done here is kept"), qPrintable(said.join('\n')));
        const Connection &connection = page->trial()->session()->state().connection;
        const QString number = connection.dialect().connectionNumber(connection.database());
        QString complaint;
        QTimer answering;
        connect(&answering, &QTimer::timeout, this, [&] {
            if (auto *box = qobject_cast<QMessageBox *>(QApplication::activeModalWidget())) {
                complaint = box->text();
                box->accept();
            }
        });
        answering.start(20);
        ask(isMariadb() ? "KILL " + number : QString("SELECT pg_terminate_backend(%1)").arg(number));
        QSqlQuery(connection.database()).exec("SELECT 1");
        QTRY_VERIFY_WITH_TIMEOUT(!complaint.isEmpty(), 10000);
        QVERIFY2(complaint.contains("nothing of it was kept"), qPrintable(complaint));
        QVERIFY(!window.isTrial());
    }
};

QTEST_MAIN(TestTrialOnServers)
#include "tst_trial_on_servers.moc"
