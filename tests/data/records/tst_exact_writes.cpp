// What is written, and what goes along with it, byte for byte; and how long SQL of other people may take.
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "data/background/background_work.h"
#include "data/dialect/patience.h"
#include "data/dialect/transaction.h"
#include "data/records/copied_rows.h"
#include "data/records/deletion.h"
#include "data/records/row_sample.h"
#include "data/records/select_source.h"
#include "support/sample_database.h"

#include <QElapsedTimer>
#include <QSqlQuery>
#include <QTest>

using namespace nabblet;

class TestExactWrites : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::optional<Connection> m_connection;
    Catalogue m_catalogue;

    const Table &table(const QString &name) const { return *findTable(m_catalogue, name); }
    RefusalContext context(const QString &name) const
    {
        return {m_catalogue, table(name), [](const QString &column) { return column.toUpper(); }};
    }
    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    void open(const QString &sql)
    {
        ask(sql);
        m_connection = samples::opened(m_path);
        m_catalogue = *m_connection->readCatalogue();
    }

private Q_SLOTS:
    void init()
    {
        m_connection.reset();
        static int run = 0;
        m_path = m_folder.filePath(QString("exact%1.db").arg(++run));
    }
    void cleanupTestCase() { m_connection.reset(); }

    // An empty BLOB is read as one, and text in no known encoding keeps its bytes: neither makes a conflict of a row
    // that nobody else touched, and both survive being taken away and brought back.
    void oddValuesAreComparedAsStored_data()
    {
        QTest::addColumn<QString>("value");
        QTest::newRow("empty blob") << "x''";
        QTest::newRow("blob") << "x'00ff'";
        QTest::newRow("text that is no UTF-8") << "CAST(x'4b6ff8ff' AS TEXT)";
        QTest::newRow("real sign for what cannot be read") << "char(65533)";
        QTest::newRow("text with a NUL") << "'a' || char(0) || 'b'";
        QTest::newRow("empty text") << "''";
        QTest::newRow("nothing") << "NULL";
        QTest::newRow("number in a text column") << "12";
        QTest::newRow("real") << "0.1 + 0.2";
    }
    void oddValuesAreComparedAsStored()
    {
        QFETCH(QString, value);
        open(QString("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, odd); INSERT INTO t VALUES (1, 'a', %1)")
                 .arg(value));
        const QString before = ask("SELECT typeof(odd), hex(odd) FROM t");
        const RecordSource source = recordSourceOf(table("t"));
        const Row row = **firstRow(*m_connection, source);
        const Written written = updateRow(*m_connection, source, row, {{"name", "b"}}, context("t"));
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(ask("SELECT name FROM t"), QString("b"));
        const Result<Deletion> deletion = deletionOf(*m_connection, m_catalogue, source, written.row->key);
        QVERIFY(deletion.isOk());
        QCOMPARE(deleteRow(*m_connection, source, *written.row, context("t")).kind, Written::Done);
        QCOMPARE(bringBack(*m_connection, m_catalogue, *deletion, context("t")).kind, Written::Done);
        QCOMPARE(ask("SELECT typeof(odd), hex(odd) FROM t"), before);
    }

    // A change that only the column's collation does not see is a change.
    void smallAndCapitalLettersDiffer()
    {
        open("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT COLLATE NOCASE, n); INSERT INTO t VALUES (1, 'a', 1)");
        const RecordSource source = recordSourceOf(table("t"));
        const Row row = **firstRow(*m_connection, source);
        ask("UPDATE t SET name = 'A'");
        QCOMPARE(updateRow(*m_connection, source, row, {{"n", 2}}, context("t")).kind, Written::Conflict);
        QCOMPARE(ask("SELECT name, n FROM t"), QString("A|1"));
    }

    // Rows that go along by ON DELETE CASCADE, several tables deep and in a circle, and links that are emptied, all
    // come back as they were.
    void whatGoesAlongComesBack()
    {
        open("CREATE TABLE a (id INTEGER PRIMARY KEY, name TEXT, head REFERENCES a ON DELETE SET NULL);"
             "CREATE TABLE b (id INTEGER PRIMARY KEY, a INTEGER NOT NULL REFERENCES a ON DELETE CASCADE, t TEXT);"
             "CREATE TABLE c (b INTEGER REFERENCES b ON DELETE CASCADE, no INTEGER, t TEXT, PRIMARY KEY (b, no));"
             "CREATE TABLE d (t TEXT, a REFERENCES a ON DELETE SET NULL);"
             "INSERT INTO a VALUES (1, 'one', 1), (2, 'two', 1); INSERT INTO b VALUES (10, 1, 'x'), (11, 1, 'y'), (12, "
             "2, 'z');"
             "INSERT INTO c VALUES (10, 1, 'p'), (10, 2, 'q'), (12, 1, 'r'); INSERT INTO d VALUES ('k', 1), ('l', 2);");
        const QString before = ask("SELECT * FROM a; SELECT * FROM b; SELECT * FROM c ORDER BY b, no; SELECT * FROM d");
        const RecordSource source = recordSourceOf(table("a"));
        const Row row = **firstRow(*m_connection, source);
        const Result<Deletion> deletion = deletionOf(*m_connection, m_catalogue, source, row.key);
        QVERIFY(deletion.isOk());
        QCOMPARE(deletion->rows.size(), 5);
        QStringList along;
        for (const RowsAlong &each : deletion->along) {
            along.append(QString("%1 %2").arg(each.count).arg(each.table));
        }
        along.sort();
        QCOMPARE(along, (QStringList{"1 a", "1 d", "2 b", "2 c"}));
        QCOMPARE(deleteRow(*m_connection, source, row, context("a")).kind, Written::Done);
        QCOMPARE(ask("SELECT count(*) FROM b; SELECT count(*) FROM c; SELECT count(*) FROM d WHERE a IS NULL"),
                 QString("1\n1\n1"));
        QCOMPARE(bringBack(*m_connection, m_catalogue, *deletion, context("a")).kind, Written::Done);
        QCOMPARE(ask("SELECT * FROM a; SELECT * FROM b; SELECT * FROM c ORDER BY b, no; SELECT * FROM d"), before);
    }

    // What keeps a row is known before it is tried; what goes along by another link keeps nothing.
    void whatKeepsARowIsKnownBefore()
    {
        open("CREATE TABLE a (id INTEGER PRIMARY KEY);"
             "CREATE TABLE b (id INTEGER PRIMARY KEY, a REFERENCES a ON DELETE CASCADE, other REFERENCES a);"
             "CREATE TABLE c (id INTEGER PRIMARY KEY, a REFERENCES a);"
             "INSERT INTO a VALUES (1), (2); INSERT INTO b VALUES (5, 1, 1), (6, 2, 1); INSERT INTO c VALUES (7, 2)");
        const RecordSource source = recordSourceOf(table("a"));
        const auto kept = [&](const Row &row) {
            QStringList words;
            const Result<Deletion> deletion = deletionOf(*m_connection, m_catalogue, source, row.key);
            for (const RowsAlong &each : deletion->along) {
                if (each.rule == LinkRule::Keeps) {
                    words.append(QString("%1 %2").arg(each.count).arg(each.table));
                }
            }
            return words;
        };
        const Result<QList<Row>> rows = rowsAfter(*m_connection, source, {}, 2);
        QCOMPARE(kept(rows->at(0)), (QStringList{"1 b"})); // row 6 only
        QCOMPARE(kept(rows->at(1)), (QStringList{"1 c"}));
        ask("DELETE FROM b WHERE id = 6");
        QCOMPARE(kept(rows->at(0)), QStringList());
    }

    // Bringing back is all or nothing.
    void bringingBackIsWhole()
    {
        open("CREATE TABLE a (id INTEGER PRIMARY KEY); CREATE TABLE b (id INTEGER PRIMARY KEY, a REFERENCES a ON "
             "DELETE CASCADE);"
             "INSERT INTO a VALUES (1); INSERT INTO b VALUES (5, 1), (6, 1)");
        const RecordSource source = recordSourceOf(table("a"));
        const Row row = **firstRow(*m_connection, source);
        const Result<Deletion> deletion = deletionOf(*m_connection, m_catalogue, source, row.key);
        QCOMPARE(deleteRow(*m_connection, source, row, context("a")).kind, Written::Done);
        ask("INSERT INTO b VALUES (6, NULL)"); // someone took a number meanwhile
        QCOMPARE(bringBack(*m_connection, m_catalogue, *deletion, context("a")).kind, Written::Refused);
        QCOMPARE(ask("SELECT count(*) FROM a; SELECT id FROM b"), QString("0\n6"));
    }

    // The reason names the table that stands in the way, in words, also behind one that would go along.
    void theReasonNamesWhatStandsInTheWay()
    {
        open("CREATE TABLE a (id INTEGER PRIMARY KEY); CREATE TABLE first_part (id INTEGER PRIMARY KEY, a REFERENCES a "
             "ON DELETE CASCADE);"
             "CREATE TABLE bill_line (id INTEGER PRIMARY KEY, part REFERENCES first_part);"
             "INSERT INTO a VALUES (1); INSERT INTO first_part VALUES (5, 1); INSERT INTO bill_line VALUES (7, 5)");
        const RecordSource source = recordSourceOf(table("a"));
        const Written written = deleteRow(*m_connection, source, **firstRow(*m_connection, source), context("a"));
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY2(written.refusal.sentence.contains("1 in “Bill line”"), qPrintable(written.refusal.sentence));
        QVERIFY(!written.refusal.sentence.contains("First part"));
    }

    // A row that a change takes out of its SELECT, or out of the rows of its parent, is known all the same.
    void aRowThatLeavesItsRowsIsStillThere()
    {
        open("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, town TEXT); INSERT INTO t VALUES (1, 'a', 'x'), (2, "
             "'b', 'x')");
        const Result<Table> select =
            describeSelect(*m_connection, m_catalogue, "own",
                           "SELECT id, name AS called, upper(name) AS up, town FROM t WHERE town = 'x'");
        QVERIFY(select.isOk());
        Catalogue catalogue = m_catalogue;
        catalogue.tables.append(*select);
        const RefusalContext own{catalogue, *select, [](const QString &column) { return column; }};
        const RecordSource source = recordSourceOf(*select);
        const Row row = **firstRow(*m_connection, source);
        const Written written = updateRow(*m_connection, source, row, {{"town", "y"}, {"called", "c"}}, own);
        QCOMPARE(written.kind, Written::Done);
        QVERIFY(written.isOutside);
        QCOMPARE(valueOf(source, *written.row, "called").toString(), QString("c"));
        QCOMPARE(valueOf(source, *written.row, "town").toString(), QString("y"));
        const Written again = updateRow(*m_connection, source, *written.row, {{"town", "x"}}, own);
        QCOMPARE(again.kind, Written::Done);
        QVERIFY(!again.isOutside);
        const Written added = insertRow(*m_connection, source, {{"called", "n"}, {"town", "z"}}, own);
        QCOMPARE(added.kind, Written::Done);
        QVERIFY(added.isOutside);
        QCOMPARE(valueOf(source, *added.row, "called").toString(), QString("n"));
        ask("UPDATE t SET name = 'other' WHERE id = 3");
        QCOMPARE(updateRow(*m_connection, source, *added.row, {{"town", "x"}}, own).kind, Written::Conflict);
    }

    // Columns that are gone are an error, never a text of their own name.
    void aColumnThatIsGoneIsNoText()
    {
        open("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, town TEXT); INSERT INTO t VALUES (1, 'a', 'x')");
        const RecordSource source = recordSourceOf(table("t"));
        const Row row = **firstRow(*m_connection, source);
        RecordSource linked = linkedTo(source, {"town"}, {"x"});
        linked.columns = {"id"};
        ask("ALTER TABLE t RENAME COLUMN town TO place");
        QVERIFY(!firstRow(*m_connection, source).isOk());
        QVERIFY(!rowsAfter(*m_connection, source, {}, 10).isOk());
        QVERIFY(!firstRow(*m_connection, linked).isOk());
        QVERIFY(!countRows(*m_connection, linked).isOk());
        QVERIFY(!totalOfRows(*m_connection, source, {TotalKind::Greatest, "town"}).isOk());
        QVERIFY(!sampleRows(*m_connection, source, {}, {}, 10).isOk());
        QCOMPARE(updateRow(*m_connection, source, row, {{"name", "b"}}, context("t")).kind, Written::Refused);
        Lookup lookup;
        lookup.table = "t";
        lookup.valueColumns = {"id"};
        lookup.columns = {"id"};
        lookup.wordsColumns = {"town"};
        QVERIFY(!lookupRows(*m_connection, lookup, {}, 10).isOk());
        QVERIFY(!lookupWords(*m_connection, lookup, {1}).isOk());
        QVERIFY(!followedValue(*m_connection, {{"id"}, "t", {"id"}, "town"}, {1}).isOk());
        QCOMPARE(ask("SELECT name FROM t"), QString("a"));
    }

    // A record saved a moment after another program took a column away is shown as it is stored, as far as it is there.
    void whatIsSavedIsReadAsFarAsItIsThere()
    {
        open("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, town TEXT, kind TEXT DEFAULT 'd')");
        RecordSource source = recordSourceOf(table("t"));
        source.order = {{"town", false, "stored"}};
        ask("ALTER TABLE t RENAME COLUMN town TO place");
        const Written added = insertRow(*m_connection, source, {{"name", "a"}}, context("t"));
        QCOMPARE(added.kind, Written::Done);
        QCOMPARE(valueOf(source, *added.row, "name").toString(), QString("a"));
        QCOMPARE(valueOf(source, *added.row, "kind").toString(), QString("d"));
        QVERIFY(valueOf(source, *added.row, "town").isNull());
        QCOMPARE(ask("SELECT name || kind FROM t"), QString("ad"));
    }

    // Two forms on one view do not take each other's rows away.
    void copiesOfAViewAreTheirOwn()
    {
        open("CREATE TABLE t (n INTEGER); INSERT INTO t VALUES (1), (2), (3); CREATE VIEW v AS SELECT n FROM t");
        Result<RecordSource> one = readable(*m_connection, recordSourceOf(table("v")));
        const Row second = **rowAfter(*m_connection, *one, (**firstRow(*m_connection, *one)).key);
        ask("DELETE FROM t WHERE n = 1");
        {
            const Result<RecordSource> other = readable(*m_connection, recordSourceOf(table("v")));
            QCOMPARE(*countRows(*m_connection, *other), 2);
            QCOMPARE((**rowWithKey(*m_connection, *one, second.key)).values, second.values);
        }
        QCOMPARE((**rowWithKey(*m_connection, *one, second.key)).values, second.values);
        const QString copy = one->table;
        one = RecordSource();
        QSqlQuery left(m_connection->database());
        QVERIFY(left.exec("SELECT count(*) FROM sqlite_temp_schema") && left.next());
        QCOMPARE(left.value(0).toInt(), 0); // each goes with its last user
        QVERIFY(!copy.isEmpty());
    }

    // SQL that never ends, ends; what one call of a function could take long over is refused.
    void sqlOfOthersEnds_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::newRow("recursion")
            << "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n) SELECT count(*) AS c FROM n";
        QTest::newRow("crossed") << "SELECT count(*) AS c FROM t a, t b, t c, t d, t e";
        QTest::newRow("large value") << "SELECT length(randomblob(900000000)) AS c";
        QTest::newRow("large text") << "SELECT length(printf('%.*c', 900000000, 'x')) AS c";
        QTest::newRow("wide text") << "SELECT length(format('%900000000d', 1)) AS c";
    }
    void sqlOfOthersEnds()
    {
        QFETCH(QString, sql);
        open("CREATE TABLE t (n INTEGER PRIMARY KEY, v INTEGER);"
             "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 3000) INSERT INTO t SELECT i, i "
             "FROM n");
        QElapsedTimer clock;
        clock.start();
        const Result<Table> described = describeSelect(*m_connection, m_catalogue, "own", sql);
        if (described) {
            const Result<RecordSource> source = readable(*m_connection, recordSourceOf(*described));
            QVERIFY(!source.isOk());
            QVERIFY(!source.error().sentence.isEmpty());
        }
        QVERIFY2(clock.elapsed() < 10 * LongestWait, qPrintable(QString::number(clock.elapsed()))); // it ends at all
        QCOMPARE(*countRows(*m_connection, recordSourceOf(table("t"))), 3000); // the connection works on
    }

    void formattingIsAsEver()
    {
        open("CREATE TABLE t (n)");
        for (const char *call :
             {"printf('%05.2f|%s|%-6d|%%', 3.14159, 'x', 7)", "format('%*d', 6, 42)", "printf('%.3s', 'abcdef')",
              "printf(NULL)", "printf('%,d', 1234567)", "printf('%!.15g', 0.1)", "printf('%q', 'it''s')"}) {
            QSqlQuery query(m_connection->database());
            QVERIFY2(query.exec(QString("SELECT quote(%1)").arg(call)) && query.next(), call);
            QCOMPARE(query.value(0).toString(), ask(QString("SELECT quote(%1)").arg(call)));
        }
    }

    // A transaction inside another is undone by itself, and the outer one goes on.
    void transactionsNest()
    {
        open("CREATE TABLE t (n)");
        const auto add = [&](int n) {
            QVERIFY(QSqlQuery(m_connection->database()).exec(QString("INSERT INTO t VALUES (%1)").arg(n)));
        };
        {
            Transaction outer(*m_connection);
            QVERIFY(outer.hasBegun());
            add(1);
            {
                Transaction inner(*m_connection);
                QVERIFY(inner.hasBegun());
                add(2);
            }
            {
                Transaction inner(*m_connection);
                add(3);
                QVERIFY(inner.commit());
            }
            QCOMPARE(ask("SELECT count(*) FROM t"), QString("0"));
            QVERIFY(outer.commit());
        }
        QCOMPARE(ask("SELECT group_concat(n) FROM t"), QString("1,3"));
        {
            Transaction lost(*m_connection);
            add(4);
        }
        QCOMPARE(ask("SELECT group_concat(n) FROM t"), QString("1,3"));
    }

    // Work that counts in one step of the database, where no step is looked at, is given up all the same.
    void countingIsGivenUpAtOnce()
    {
        open(
            "CREATE TABLE t (a TEXT); WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 400000) "
            "INSERT INTO t SELECT printf('%0100d', i) FROM n");
        const auto counts = [&](std::atomic<int> &began, std::atomic<int> &done) {
            return [&](const Connection &connection, const std::atomic<bool> &isCancelled,
                       const BackgroundWork::Report &) {
                began = 1;
                for (int i = 0; i < 200 && !isCancelled; ++i) {
                    QSqlQuery query(connection.database());
                    if (query.exec("SELECT count(*) FROM t")) {
                        ++done;
                    }
                }
            };
        };
        std::atomic<int> began{0};
        std::atomic<int> done{0};
        {
            BackgroundWork work;
            work.start(m_connection->address(), counts(began, done));
            QTRY_VERIFY(began != 0);
        }
        QVERIFY2(done < 200, qPrintable(QString::number(done))); // it did not go on to the end
    }
};

QTEST_GUILESS_MAIN(TestExactWrites)
#include "tst_exact_writes.moc"
