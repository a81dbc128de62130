// Drafts over databases that nobody made for this program: every table in all three arrangements, without a flaw.
#include "core/check/form_quality.h"
#include "core/draft/draft.h"
#include "core/text/text_measure.h"
#include "data/profile/profiler.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestOddDatabases : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;

    static QString wideTable(int columns)
    {
        QStringList list;
        static const QStringList Types{"VARCHAR(40)",
                                       "INTEGER NOT NULL",
                                       "DATE",
                                       "BOOLEAN",
                                       "DECIMAL(8,2)",
                                       "TEXT",
                                       "BLOB",
                                       "",
                                       "TIMESTAMP NOT NULL DEFAULT CURRENT_TIMESTAMP"};
        for (int i = 0; i < columns; ++i) {
            list.append(QString("\"Column Number %1\" %2").arg(i).arg(Types.at(i % Types.size())));
        }
        return "CREATE TABLE wide (" + list.join(", ") + ");";
    }

private Q_SLOTS:
    void everyDraftHolds_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::newRow("three hundred columns") << wideTable(300) +
                                                      "INSERT INTO wide (\"Column Number 1\", \"Column Number 10\", "
                                                      "\"Column Number 19\") VALUES (1,2,3);";
        QTest::newRow("odd names") << QString::fromUtf8(
            "CREATE TABLE \"order\" (\"select\" INTEGER PRIMARY KEY, \"group by\" TEXT, \"\" TEXT, "
            "\"a\"\"b\" TEXT, \"[x]\" TEXT, \"日本 語\" TEXT, \"%1 %2\" TEXT, \"x.y\" TEXT, ' ' TEXT);"
            "INSERT INTO \"order\" (\"group by\") VALUES ('%1');"
            "CREATE TABLE \"l.\"\"1\" (n INTEGER REFERENCES \"order\"(\"select\"), \"%2\" TEXT);");
        QTest::newRow("keys of several columns, links within links")
            << "CREATE TABLE tenant (id INTEGER PRIMARY KEY, name TEXT NOT NULL);"
               "CREATE TABLE account (tenant_id INTEGER NOT NULL REFERENCES tenant, no INTEGER NOT NULL, parent_no "
               "INTEGER, "
               "name TEXT, PRIMARY KEY (tenant_id, no), FOREIGN KEY (tenant_id, parent_no) REFERENCES account "
               "(tenant_id, no));"
               "CREATE TABLE entry (tenant_id INTEGER NOT NULL, id INTEGER NOT NULL, debit INTEGER NOT NULL, credit "
               "INTEGER "
               "NOT NULL, amount DECIMAL(12,2) NOT NULL, PRIMARY KEY (tenant_id, id), "
               "FOREIGN KEY (tenant_id, debit) REFERENCES account (tenant_id, no), "
               "FOREIGN KEY (TENANT_ID, CREDIT) REFERENCES ACCOUNT (TENANT_ID, NO));"
               "INSERT INTO tenant VALUES (1, 'North'); INSERT INTO account VALUES (1, 10, NULL, 'Cash'), (1, 11, 10, "
               "'Bank');"
               "INSERT INTO entry VALUES (1, 1, 10, 11, 99.5);";
        QTest::newRow("links to nothing")
            << "CREATE TABLE a (id INTEGER PRIMARY KEY, b_id INTEGER REFERENCES gone (id), c TEXT REFERENCES a "
               "(nocolumn));"
               "CREATE TABLE b (x TEXT, FOREIGN KEY (x) REFERENCES a);"
               "CREATE VIEW broken AS SELECT * FROM nowhere; CREATE VIEW fine AS SELECT id + 1 AS next, * FROM a;";
        QTest::newRow("a circle")
            << "CREATE TABLE a (id INTEGER PRIMARY KEY, b_id INTEGER NOT NULL REFERENCES b (id));"
               "CREATE TABLE b (id INTEGER PRIMARY KEY, a_id INTEGER NOT NULL REFERENCES a (id));"
               "CREATE TABLE self (id INTEGER PRIMARY KEY, up INTEGER NOT NULL REFERENCES self (id));";
        QTest::newRow("no types, no keys, no rows") << "CREATE TABLE bag (a, b, c); CREATE TABLE one (only); CREATE "
                                                       "TABLE kv (k TEXT PRIMARY KEY, v) WITHOUT ROWID;"
                                                       "CREATE VIRTUAL TABLE words USING fts5(title, body);";
        QTest::newRow("values that are not what is declared")
            << "CREATE TABLE t (d DATE, n INTEGER, b BOOLEAN, x BLOB, w VARCHAR(5));"
               "INSERT INTO t VALUES ('soon', 'many', 'maybe', 'text', 'a text far longer than five letters, really "
               "so'),"
               "(NULL, NULL, NULL, NULL, NULL), (1e300, -9223372036854775808, 7, x'00ff', '');"
               "CREATE TABLE far (id INTEGER PRIMARY KEY, t TEXT);"
               "INSERT INTO far VALUES (-9223372036854775808, 'first'), (9223372036854775807, 'last');";
        QTest::newRow("a virtual table without its module")
            << "CREATE TABLE plain (id INTEGER PRIMARY KEY, name TEXT); PRAGMA writable_schema = ON; INSERT INTO "
               "sqlite_schema "
               "VALUES ('table', 'lost', 'lost', 0, 'CREATE VIRTUAL TABLE lost USING nosuchmodule(x)');";
        QTest::newRow("nothing") << "SELECT 1;";
    }

    void everyDraftHolds()
    {
        QFETCH(QString, sql);
        const QString path = m_folder.filePath(QString::number(qHash(QString(QTest::currentDataTag()))) + ".db");
        samples::sqlite3(path, "PRAGMA user_version = 1;" + sql);
        const Connection connection = samples::opened(path);
        const Result<Catalogue> catalogue = connection.readCatalogue();
        QVERIFY2(catalogue.isOk(), qPrintable(catalogue.error().sentence));
        QCOMPARE(findTable(*catalogue, "plain") != nullptr, sql.contains("TABLE plain"));
        // As many tables and views as can be read at all; of none, nothing below would be tried.
        const QString made =
            samples::sqlite3(path, "SELECT count(*) FROM sqlite_schema WHERE type IN ('table', 'view') AND "
                                   "name NOT IN ('broken', 'lost') AND name NOT LIKE 'words\\_%' ESCAPE '\\'");
        QVERIFY2(made.toInt() == catalogue->tables.size(), qPrintable(made));
        QCOMPARE(catalogue->tables.isEmpty(), sql == "SELECT 1;");
        const FixedTextMeasure measure;
        const std::atomic<bool> goesOn{false};
        Learned learned;
        for (const Table &table : catalogue->tables) {
            const auto read = profileTable(connection, *catalogue, table, goesOn);
            QVERIFY2(read.isOk(), qPrintable(table.name + ": " + read.error().sentence));
            learned.profiles.insert(table.name, **read);
            const Profile &profile = learned.profiles[table.name];
            DraftPlan plan = planWithChildren(*catalogue, table, &profile);
            // Everything that can be asked for, two deep.
            for (PlannedChild &child : plan.children) {
                child.isTaken = true;
                completeChild(*catalogue, child);
                for (PlannedChild &deeper : child.plan.children) {
                    deeper.isTaken = true;
                    deeper.place = ChildPlace::Button;
                    completeChild(*catalogue, deeper);
                }
            }
            const Result<bool> children = learnChildren(connection, *catalogue, plan, learned, goesOn);
            QVERIFY2(children.isOk(), qPrintable(children.error().sentence));
            plan = withLearned(*catalogue, plan, learned);
            for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked, Arrangement::Tabular}) {
                plan.arrangement = arrangement;
                plan.hasTotals = true;
                const Form form = draftForm(*catalogue, table, plan, &profile, measure, learned.profiles);
                const FormQuality quality = qualityOf(form, *catalogue, learned.profiles, measure);
                const QString which = table.name + ' ' + QString::number(int(arrangement));
                QVERIFY2(quality.overlaps == 0, qPrintable(which));
                QVERIFY2(quality.offGrid == 0, qPrintable(which));
                QVERIFY2(quality.cutCaptions == 0, qPrintable(which));
                QVERIFY2(quality.requiredMissing == 0, qPrintable(which));
                QVERIFY2(quality.linksWithoutLookup == 0, qPrintable(which));
                QVERIFY2(quality.typeableIdentities == 0, qPrintable(which));
                QVERIFY2(quality.leastFit >= 0.98, qPrintable(which + ' ' + quality.leastFitBox));
                QVERIFY2(form.width <= 1200, qPrintable(which + ' ' + QString::number(form.width)));
            }
        }
    }
};

QTEST_GUILESS_MAIN(TestOddDatabases)
#include "tst_odd_databases.moc"
