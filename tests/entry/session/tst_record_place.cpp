// Where a record stands among the others, by the way there and by counting.
#include "entry/reading/record_place.h"
#include "support/sample_database.h"

#include <QTemporaryDir>
#include <QTest>

using namespace nabblet;

class TestRecordPlace : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    std::optional<Connection> m_connection;
    RecordSource m_source;
    int m_changes = 0;
    std::unique_ptr<RecordPlace> m_place;

    RowKey keyOf(qlonglong id) const { return {QVariant(id)}; }
    void readRows(std::optional<RowKey> key = {}) { m_place->readRows(m_connection->address(), m_source, key); }

private Q_SLOTS:
    void initTestCase()
    {
        const QString path = m_folder.filePath("places.db");
        samples::sqlite3(path, "CREATE TABLE place (id INTEGER PRIMARY KEY, name TEXT); WITH RECURSIVE n(i) AS (SELECT "
                               "1 UNION ALL SELECT i + 1 FROM n WHERE i < 500) INSERT INTO place SELECT i, 'p' || i "
                               "FROM n");
        const Result<Connection> connection = Connection::open(addressOfFile(path));
        QVERIFY(connection);
        m_connection = *connection;
        const Result<Catalogue> catalogue = m_connection->readCatalogue();
        QVERIFY(catalogue);
        m_source = recordSourceOf(*findTable(*catalogue, "place"));
    }

    void init()
    {
        m_changes = 0;
        m_place = std::make_unique<RecordPlace>([this] { ++m_changes; });
    }

    void byTheWayThere()
    {
        QVERIFY(!m_place->position() && !m_place->count());
        m_place->setPosition(7);
        m_place->moveBy(1);
        m_place->moveBy(-3);
        QCOMPARE(*m_place->position(), 5);
        m_place->setPosition(std::nullopt);
        m_place->moveBy(1); // from nobody knows where
        QVERIFY(!m_place->position());
    }

    // Before they are counted, the last record has no number; the one before it is still known to be so.
    void fromTheLastOne()
    {
        m_place->setLast();
        m_place->moveBy(-2);
        QVERIFY(!m_place->position());
        readRows();
        QTRY_VERIFY(m_place->map());
        QCOMPARE(m_place->count().value_or(-1), 500);
        QCOMPARE(m_place->position().value_or(-1), 497);
        m_place->moveBy(1);
        QCOMPARE(m_place->position().value_or(-1), 498);
        QVERIFY(m_changes >= 2);
    }

    void byCounting()
    {
        m_place->setPosition(std::nullopt);
        readRows(keyOf(42));
        QTRY_COMPARE(m_place->position().value_or(-1), 41);
        m_place->setPosition(std::nullopt);
        m_place->find(m_connection->address(), m_source, keyOf(300));
        QTRY_COMPARE(m_place->position().value_or(-1), 299);
    }

    // What was counted for one record is not taken for the place of another that came in hand meanwhile.
    void aLateAnswerIsNotTaken()
    {
        m_place->find(m_connection->address(), m_source, keyOf(300));
        m_place->setPosition(3);
        readRows();
        QTRY_VERIFY(m_place->map());
        QCOMPARE(m_place->position().value_or(-1), 3);
    }

    // Others add rows: what was known stands until they are counted, and the last one is not taken for the new last.
    void countedAgain()
    {
        readRows();
        QTRY_VERIFY(m_place->map());
        m_place->setLast();
        samples::sqlite3(m_connection->address().part("file"), "INSERT INTO place VALUES (501, 'p501'), (502, 'p502')");
        m_place->readRowsAgain(m_connection->address(), m_source, keyOf(500));
        m_place->readRowsAgain(m_connection->address(), m_source, keyOf(500)); // while that is under way
        QCOMPARE(m_place->position().value_or(-1), 499);
        QVERIFY(m_place->map());
        QTRY_COMPARE(m_place->count().value_or(-1), 502);
        QTRY_VERIFY(m_place->map()->count == 502);
        QCOMPARE(m_place->position().value_or(-1), 499);
    }

    void whatIsAtHandIsNotCounted()
    {
        const QList<Row> rows{{keyOf(1), {}}, {keyOf(2), {}}};
        m_place->takeWhole(RecordSource(), rows, 1);
        QCOMPARE(m_place->position().value_or(-1), 1);
        QCOMPARE(m_place->count().value_or(-1), 2);
        m_place->takeWhole(RecordSource(), {}, -1);
        QVERIFY(!m_place->position());
        m_place->forgetRows();
        QVERIFY(!m_place->count() && !m_place->map());
    }
};

QTEST_GUILESS_MAIN(TestRecordPlace)
#include "tst_record_place.moc"
