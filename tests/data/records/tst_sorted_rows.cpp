// Rows in an order of their own: whatever is stored, walking, counting and finding by number agree with one another and
// with what the database itself gives.
#include "core/draft/draft.h"
#include "core/sorts/order_of_select.h"
#include "core/sorts/sort_table.h"
#include "core/sorts/sorted_by.h"
#include "data/records/copied_rows.h"
#include "data/records/select_source.h"
#include "data/records/writing.h"
#include "support/sample_database.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestSortedRows : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::optional<Connection> m_connection;
    Catalogue m_catalogue;

    void open(const QString &sql)
    {
        static int run = 0;
        m_connection.reset();
        m_path = m_folder.filePath(QString("sorted%1.db").arg(++run));
        samples::sqlite3(m_path, sql);
        m_connection = samples::opened(m_path);
        m_catalogue = *m_connection->readCatalogue();
    }
    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    RecordSource sortedSource(const QString &table, const QList<SortedBy> &sorted) const
    {
        Form form = draftColumnar(m_catalogue, *findTable(m_catalogue, table), FixedTextMeasure());
        form.settings.set(setting::Sorted, sorted);
        return *recordSourceOf(form, m_catalogue);
    }
    // The keys by walking through them in one direction.
    QStringList walked(const RecordSource &source, bool isForward) const
    {
        QStringList keys;
        MaybeRow row = isForward ? firstRow(*m_connection, source) : lastRow(*m_connection, source);
        while (row.isOk() && *row) {
            isForward ? keys.append((**row).key.first().toString()) : keys.prepend((**row).key.first().toString());
            const RowPlace place = placeOf(source, **row);
            row = isForward ? rowAfter(*m_connection, source, place) : rowBefore(*m_connection, source, place);
        }
        return keys;
    }

private Q_SLOTS:
    // The order of a builder's own SELECT becomes that of the form, where a form can have it.
    void theOrderOfASelectIsKept_data()
    {
        QTest::addColumn<QString>("order");
        QTest::addColumn<bool>("isKept");
        for (const char *kept :
             {"n", "n DESC", "town, n DESC", "\"town\" ASC, 1 DESC", "t.town desc, [n]", "2, 3", "twice"}) {
            QTest::newRow(kept) << kept << true;
        }
        for (const char *other : {"n + 1", "n LIMIT 3", "town COLLATE NOCASE", "length(town)", "9", "-n",
                                  "n NULLS LAST", "'n'", "n,", "random()", "hidden"}) {
            QTest::newRow(other) << other << false;
        }
    }
    void theOrderOfASelectIsKept()
    {
        QFETCH(QString, order);
        QFETCH(bool, isKept);
        open("CREATE TABLE t (id INTEGER PRIMARY KEY, town TEXT, n INTEGER, hidden INTEGER); INSERT INTO t VALUES "
             "(1, 'b', 3, 1), (2, 'B', NULL, 2), (3, 'a', 3, 3), (4, NULL, 10, 4), (5, 'a', 2, 5), (6, 'é', 2, 6)");
        const QString sql = "SELECT id, town, n, n * 2 AS twice FROM t ORDER BY " + order;
        Table table;
        const Result<Table> described = describeSelect(*m_connection, m_catalogue, "own", sql);
        if (described) { // some are no SQL at all
            table = *described;
        } else {
            table.select = sql;
        }
        QCOMPARE(orderOfSelect(table).has_value(), isKept);
        if (!isKept) {
            return;
        }
        m_catalogue.tables.append(table);
        const Form form = draftColumnar(m_catalogue, table, FixedTextMeasure());
        const Result<RecordSource> source = recordSourceOf(form, m_catalogue);
        QVERIFY(source.isOk());
        const QStringList expected = ask("SELECT id FROM (" + sql + ", id)").split('\n');
        QCOMPARE(walked(*source, true), expected);
        QCOMPARE(walked(*source, false), expected);
    }

    void everyWayThroughIsTheSame()
    {
        QRandomGenerator random(5);
        const QStringList values{"NULL",  "''", "'a'", "'A'", "'b'", "'Ä'",  "CAST(x'ff41' AS TEXT)",
                                 "x'00'", "-1", "0",   "2.5", "10",  "'10'", "9007199254740993",
                                 "NULL"};
        QString sql = "CREATE TABLE t (id INTEGER PRIMARY KEY, x, y TEXT, n DECIMAL(8, 2), up INTEGER);"
                      "CREATE VIEW v AS SELECT id, x, y, n FROM t;";
        for (int i = 0; i < 60; ++i) {
            const auto any = [&] { return values.at(random.bounded(values.size())); };
            sql += QString("INSERT INTO t VALUES (%1, %2, %3, %4, %5);")
                       .arg(QString::number(i * 3), any(), any(), any(), QString::number(i % 2));
        }
        open(sql);
        for (int round = 0; round < 40; ++round) {
            QList<SortedBy> sorted;
            QStringList order;
            const QStringList columns{"x", "y", "n"};
            for (int i = 0, count = 1 + random.bounded(3); i < count; ++i) {
                const QString column = columns.at((round + i) % 3);
                const Sort &sort = sorts().at(random.bounded(static_cast<int>(sorts().size())));
                sorted.append({column, random.bounded(2) == 0, sort.name});
                order.append(sort.expression(column) + (sorted.last().isDescending ? " DESC" : ""));
            }
            for (const bool isHeld : {false, true}) {
                const RecordSource all = sortedSource("t", sorted);
                const RecordSource source = isHeld ? linkedTo(all, {"up"}, {1}) : all;
                const QStringList expected = ask(QString("SELECT id FROM t %1 ORDER BY %2, id")
                                                     .arg(isHeld ? "WHERE up = 1" : "", order.join(',')))
                                                 .split('\n');
                QCOMPARE(walked(source, true), expected);
                QCOMPARE(walked(source, false), expected);
                const std::atomic<bool> goesOn{false};
                const RowMap map = **mapRows(*m_connection, source, goesOn);
                QCOMPARE(map.count, expected.size());
                for (int i = 0; i < expected.size(); i += 7) {
                    const Row row = **rowAt(*m_connection, source, map, i);
                    QCOMPARE(row.key.first().toString(), expected.at(i));
                    QCOMPARE(*countRowsBefore(*m_connection, source, placeOf(source, row)), i);
                    // From this place on, as a stone of the map.
                    const RowMap stone{map.count, {placeOf(source, row)}};
                    QCOMPARE((**rowAt(*m_connection, source, stone, 0)).key, row.key);
                    const QList<Row> after = *rowsAfter(*m_connection, source, placeOf(source, row), 3);
                    for (int k = 0; k < after.size(); ++k) {
                        QCOMPARE(after.at(k).key.first().toString(), expected.at(i + 1 + k));
                    }
                }
            }
            const RecordSource view = *readable(*m_connection, sortedSource("v", sorted));
            QCOMPARE(walked(view, true).size(), 60);
            QCOMPARE(walked(view, true), walked(view, false));
        }
    }

    void theUsualSortFollowsTheColumn()
    {
        open("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, n INTEGER);"
             "INSERT INTO t VALUES (1, 'b', 10), (2, 'B', 9), (3, 'a', NULL)");
        QCOMPARE(walked(sortedSource("t", {{"name", false, {}}}), true), QStringList({"3", "1", "2"}));
        QCOMPARE(walked(sortedSource("t", {{"name", false, "stored"}}), true), QStringList({"2", "3", "1"}));
        QCOMPARE(walked(sortedSource("t", {{"n", false, {}}}), true), QStringList({"3", "2", "1"}));
        QCOMPARE(walked(sortedSource("t", {{"n", true, {}}}), true), QStringList({"1", "2", "3"}));
        const RecordSource gone = sortedSource("t", {{"away", false, {}}, {"n", false, {}}});
        QCOMPARE(gone.missing, QStringList("away"));
        QCOMPARE(walked(gone, true), QStringList({"3", "2", "1"}));
    }

    // What builders write reads back as it was meant, whatever columns are called.
    void ordersAreReadAsTheyAreWritten()
    {
        open("CREATE TABLE t (id INTEGER PRIMARY KEY, name TEXT, \"sort by letters\" TEXT, \"up descending\" TEXT)");
        const Table &table = *findTable(m_catalogue, "t");
        QList<QList<SortedBy>> all{{}, {{"name", false, {}}}};
        for (const Sort &sort : sorts()) {
            all.append({{"name", true, sort.name}, {"sort by letters", false, {}}, {"up descending", true, {}}});
            all.append({{"sort by letters", true, sort.name}, {"up descending", false, sort.name}});
        }
        for (const QList<SortedBy> &sorted : std::as_const(all)) {
            const Result<QList<SortedBy>> read = readSorted(sortedInWords(sorted), &table);
            QVERIFY2(read.isOk(), qPrintable(sortedInWords(sorted)));
            QCOMPARE(*read, sorted);
        }
        QCOMPARE(readSorted(" name  Descending ,, id ", &table)->size(), 2);
        QCOMPARE(readSorted("name by length, name", &table)->size(), 2);
        QVERIFY(readSorted("nmae", &table).error().sentence.contains("nmae"));
        QVERIFY(!readSorted("name, name descending", &table));
    }
};

QTEST_GUILESS_MAIN(TestSortedRows)
#include "tst_sorted_rows.moc"
