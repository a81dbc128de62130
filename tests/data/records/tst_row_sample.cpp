// Stored rows as they are looked through while a form is designed.
#include "data/records/row_sample.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestRowSample : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;

    static RecordSource sourceOf(const Connection &connection, const QString &table)
    {
        const Result<Catalogue> catalogue = connection.readCatalogue();
        return recordSourceOf(*findTable(*catalogue, table));
    }

private Q_SLOTS:
    void rowsComeInTheOrderAskedFor()
    {
        const Connection connection = samples::opened(samples::fairwayDatabase(m_folder));
        const RecordSource source = sourceOf(connection, "buoy");
        const Result<RowSample> up = sampleRows(connection, source, {"name", Qt::AscendingOrder}, {}, 1000);
        const Result<RowSample> down = sampleRows(connection, source, {"name", Qt::DescendingOrder}, {}, 1000);
        QVERIFY(up && down);
        QVERIFY(up->isWhole);
        QCOMPARE(up->columns, source.columns);
        QCOMPARE(up->rows.size(),
                 samples::sqlite3(m_folder.filePath("fairway.db"), "SELECT count(*) FROM buoy").toInt());
        const qsizetype name = up->columns.indexOf("name");
        QCOMPARE(up->rows.first().at(name), down->rows.last().at(name));
        for (qsizetype i = 1; i < up->rows.size(); ++i) {
            QVERIFY(up->rows.at(i - 1).at(name).toString() <= up->rows.at(i).at(name).toString());
        }
    }

    void noMoreThanAskedForAndItSaysSo()
    {
        const Connection connection = samples::opened(samples::fairwayDatabase(m_folder, "most.db"));
        const RecordSource source = sourceOf(connection, "buoy");
        const Result<RowSample> some = sampleRows(connection, source, {}, {}, 7);
        QVERIFY(some);
        QCOMPARE(some->rows.size(), 7);
        QVERIFY(!some->isWhole);
    }

    // What is typed is looked for as it is typed, whatever it holds.
    void wordsAreTakenAsTheyStand()
    {
        const QString file = m_folder.filePath("odd.db");
        samples::sqlite3(file,
                         "CREATE TABLE \"odd [name]\" (id INTEGER PRIMARY KEY, \"a \"\"b\"\".c\" TEXT, n NUMERIC);"
                         "INSERT INTO \"odd [name]\" VALUES (1, '100% wool', 1.5), (2, '100 per cent', 2),"
                         "(3, 'under_score', NULL), (4, 'underXscore', 4), (5, 'it''s; DROP TABLE x', 5),"
                         "(6, 'bang!bang', 6)");
        const Connection connection = samples::opened(file);
        const RecordSource source = sourceOf(connection, "odd [name]");
        const auto found = [&](const QString &words) {
            QStringList ids;
            const Result<RowSample> sample = sampleRows(connection, source, {}, words, 100);
            if (!sample) {
                return QString("failed: ") + sample.error().sentence;
            }
            for (const QVariantList &row : sample->rows) {
                ids.append(row.first().toString());
            }
            return ids.join(' ');
        };
        QCOMPARE(found("100%"), "1");
        QCOMPARE(found("r_s"), "3");
        QCOMPARE(found("!"), "6");
        QCOMPARE(found("'s; DROP"), "5");
        QCOMPARE(found("1.5"), "1");
        QCOMPARE(found("nothing"), "");
        QCOMPARE(found(""), "1 2 3 4 5 6");
        const Result<RowSample> sorted = sampleRows(connection, source, {"a \"b\".c", Qt::DescendingOrder}, {}, 100);
        QVERIFY(sorted);
        QCOMPARE(sorted->rows.first().at(1).toString(), "under_score");
        // NULL is told apart from an empty text.
        const Result<RowSample> all = sampleRows(connection, source, {}, {}, 100);
        QVERIFY(!all->rows.at(2).at(2).isValid());
    }

    void aSelectIsLookedThroughToo()
    {
        const Connection connection = samples::opened(samples::fairwayDatabase(m_folder, "select.db"));
        RecordSource source;
        source.table = "vessel";
        source.select = "SELECT name AS ship, vessel_id FROM vessel -- the fleet";
        source.columns = {"ship", "vessel_id"};
        const Result<RowSample> sample = sampleRows(connection, source, {"ship", Qt::AscendingOrder}, "e", 100);
        QVERIFY2(sample, sample ? "" : qPrintable(sample.error().sentence));
        QVERIFY(!sample->rows.isEmpty());
        source.columns = {"no such column"};
        source.select = "SELECT * FROM nowhere";
        const Result<RowSample> failed = sampleRows(connection, source, {}, {}, 100);
        QVERIFY(!failed && !failed.error().sentence.isEmpty());
    }
};

QTEST_GUILESS_MAIN(TestRowSample)
#include "tst_row_sample.moc"
