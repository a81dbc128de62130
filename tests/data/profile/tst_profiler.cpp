#include "data/profile/profiler.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestProfiler : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    const std::atomic<bool> m_goesOn{false};

    Profile profileOf(const QString &table) const
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        return **profileTable(connection, catalogue, *findTable(catalogue, table), m_goesOn);
    }

private Q_SLOTS:
    void initTestCase() { m_path = samples::fairwayDatabase(m_folder); }

    // Every figure is compared with what the sqlite3 client counts.
    void figuresAreThoseOfTheDatabase()
    {
        const Profile buoy = profileOf("buoy");
        const auto ask = [&](const QString &sql) { return samples::sqlite3(m_path, sql).toLongLong(); };
        QVERIFY(buoy.isExact);
        QCOMPARE(buoy.rows, ask("SELECT count(*) FROM buoy"));
        const ColumnProfile name = buoy.columns.value("name");
        QCOMPARE(name.values, ask("SELECT count(name) FROM buoy"));
        QCOMPARE(qint64(name.lengths.lastKey()), ask("SELECT max(length(name)) FROM buoy"));
        QVERIFY(name.hasMoreDistinct);
        const ColumnProfile status = buoy.columns.value("status");
        QCOMPARE(qint64(status.distinct.size()), ask("SELECT count(DISTINCT status) FROM buoy"));
        QCOMPARE(status.distinct.value("adrift"), ask("SELECT count(*) FROM buoy WHERE status = 'adrift'"));
        QCOMPARE(buoy.columns.value("depth_m").nulls, ask("SELECT count(*) FROM buoy WHERE depth_m IS NULL"));
        QCOMPARE(buoy.columns.value("photo").images, ask("SELECT count(photo) FROM buoy"));
        QVERIFY(holdsImages(buoy.columns.value("photo")));
        QVERIFY(holdsAddresses(buoy.columns.value("chart_page")));
        QVERIFY(!holdsAddresses(name));
        QVERIFY(linesFor(buoy.columns.value("remarks"), 1.0) == 3);
        QVERIFY(holdsAddresses(profileOf("contractor").columns.value("email")));
    }

    void everyTableAndViewHasAProfile()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        for (const Table &table : catalogue.tables) {
            const auto profile = profileTable(connection, catalogue, table, m_goesOn);
            QVERIFY2(profile.isOk() && *profile, qPrintable(table.name));
            QCOMPARE((*profile)->columns.size(), table.columns.size());
        }
    }

    void largeTablesAreSampledFairly()
    {
        const QString path = m_folder.filePath("large.db");
        samples::sqlite3(path, "CREATE TABLE n (id INTEGER PRIMARY KEY, part TEXT); CREATE TABLE w (k TEXT NOT NULL "
                               "PRIMARY KEY, part TEXT) WITHOUT ROWID;"
                               "WITH RECURSIVE s(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM s WHERE i < 300000) "
                               "INSERT INTO n SELECT i, CASE WHEN i <= 150000 THEN 'low' ELSE 'high' END FROM s;"
                               "INSERT INTO w SELECT printf('%07d', id), part FROM n;"
                               "CREATE TABLE gaps (id INTEGER PRIMARY KEY, part TEXT); INSERT INTO gaps SELECT id * "
                               "1000, part FROM n WHERE id % 100 = 0;");
        const Connection connection = samples::opened(path);
        const Catalogue catalogue = *connection.readCatalogue();
        for (const char *name : {"n", "w"}) {
            double last = 0;
            const Profile profile = **profileTable(connection, catalogue, *findTable(catalogue, name), m_goesOn,
                                                   [&](double share) { last = share; });
            QVERIFY(!profile.isExact);
            QVERIFY2(profile.rows > 50000 && profile.rows <= 100000, qPrintable(QString::number(profile.rows)));
            const auto distinct = profile.columns.value("part").distinct;
            const double share = double(distinct.value("low")) / double(profile.rows);
            QVERIFY2(share > 0.45 && share < 0.55, qPrintable(QString::number(share)));
            QCOMPARE(last, 1.0);
        }
        const Profile gaps = **profileTable(connection, catalogue, *findTable(catalogue, "gaps"), m_goesOn);
        QVERIFY(gaps.isExact);
        QCOMPARE(gaps.rows, 3000);
    }

    void aProfileCanBeGivenUp()
    {
        const Connection connection = samples::opened(m_path);
        const Catalogue catalogue = *connection.readCatalogue();
        const std::atomic<bool> isCancelled{true};
        QVERIFY(!profileTable(connection, catalogue, *findTable(catalogue, "buoy"), isCancelled)->has_value());
    }
};

QTEST_GUILESS_MAIN(TestProfiler)
#include "tst_profiler.moc"
