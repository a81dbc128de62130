// Rows that belong to one record, rows from SELECTs, lookups over several columns, totals: on the real database.
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "data/profile/profiler.h"
#include "data/records/copied_rows.h"
#include "data/records/select_source.h"
#include "data/records/writing.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestRowsFrom : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    int m_databases = 0;
    std::unique_ptr<Connection> m_connection;
    Catalogue m_catalogue;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    RecordSource sourceOf(const QString &table) const { return recordSourceOf(*findTable(m_catalogue, table)); }
    Result<Table> described(const QString &sql) const { return describeSelect(*m_connection, m_catalogue, "own", sql); }
    RefusalContext context(const QString &table) const
    {
        return {m_catalogue, *findTable(m_catalogue, table), [](const QString &column) { return column; }};
    }

private Q_SLOTS:
    void init()
    {
        m_path = samples::fairwayDatabase(m_folder, QString("f%1.db").arg(++m_databases));
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
    }

    void onlyTheRowsOfOneParentAreMet()
    {
        const RecordSource visits = linkedTo(sourceOf("visit"), {"buoy_id"}, {9});
        const auto all = *rowsAfter(*m_connection, visits, {}, 1000);
        QCOMPARE(QString::number(all.size()), ask("SELECT count(*) FROM visit WHERE buoy_id = 9"));
        QVERIFY(all.size() > 1);
        for (const Row &row : all) {
            QCOMPARE(valueOf(visits, row, "buoy_id").toInt(), 9);
        }
        QCOMPARE(**firstRow(*m_connection, visits), all.first());
        QCOMPARE(**lastRow(*m_connection, visits), all.last());
        QCOMPARE(*countRows(*m_connection, visits), all.size());
        QCOMPARE((**rowAfter(*m_connection, visits, all.first().key)), all.at(1));
        QVERIFY(!*rowAfter(*m_connection, visits, all.last().key));
        QCOMPARE(rowsBefore(*m_connection, visits, all.last().key, 1)->first(), all.at(all.size() - 2));
        const std::atomic<bool> goesOn{false};
        const RowMap map = **mapRows(*m_connection, visits, goesOn);
        QCOMPARE(map.count, all.size());
        QCOMPARE(**rowAt(*m_connection, visits, map, 1), all.at(1));
        const RecordSource nobody = linkedTo(sourceOf("visit"), {"buoy_id"}, {QVariant()});
        QVERIFY(rowsAfter(*m_connection, nobody, {}, 10)->isEmpty());
    }

    void newRowsGetTheLinkByThemselves()
    {
        const RecordSource lines = linkedTo(sourceOf("part_fitted"), {"visit_id"}, {3});
        const Written written = insertRow(
            *m_connection, lines,
            {{"line_no", 77}, {"part_no", ask("SELECT min(part_no) FROM part")}, {"quantity", 2}, {"unit_price", 5}},
            context("part_fitted"));
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(ask("SELECT visit_id FROM part_fitted WHERE line_no = 77"), "3");
    }

    void totalsAreThoseOfTheDatabase()
    {
        const RecordSource lines = linkedTo(sourceOf("part_fitted"), {"visit_id"}, {3});
        const auto total = [&](TotalKind kind, const QString &column) {
            return totalOfRows(*m_connection, lines, {kind, column})->toDouble();
        };
        const auto stored = [&](const QString &what) {
            return ask("SELECT " + what + " FROM part_fitted WHERE visit_id = 3").toDouble();
        };
        QCOMPARE(total(TotalKind::Sum, "line_cost"), stored("sum(line_cost)"));
        QCOMPARE(total(TotalKind::Count, {}), stored("count(*)"));
        QCOMPARE(total(TotalKind::Average, "quantity"), stored("avg(quantity)"));
        QCOMPARE(total(TotalKind::Least, "quantity"), stored("min(quantity)"));
        QCOMPARE(total(TotalKind::Greatest, "unit_price"), stored("max(unit_price)"));
    }

    void aSelectIsReadAndWritten()
    {
        const QString sql =
            "SELECT v.visit_id AS no, v.crew_lead AS lead, b.name FROM visit v JOIN buoy b USING (buoy_id) "
            "WHERE v.battery_v < 12; -- low ones";
        QVERIFY(!described(sql)); // something stands behind the semicolon that would swallow the rest of the line
        const QString good = "SELECT v.visit_id AS no, v.crew_lead AS lead, b.name -- the buoy's\n"
                             "FROM visit v JOIN buoy b USING (buoy_id) WHERE v.battery_v < 12 ;";
        const Result<Table> table = described(good);
        QVERIFY2(table.isOk(), qPrintable(table.error().sentence));
        QCOMPARE(table->writesTo, "visit");
        QVERIFY(findColumn(*table, "lead")->readOnlyReason.isEmpty());
        QVERIFY(!findColumn(*table, "name")->readOnlyReason.isEmpty());
        const RecordSource source = recordSourceOf(*table);
        QCOMPARE(QString::number(*countRows(*m_connection, source)),
                 ask("SELECT count(*) FROM visit WHERE battery_v < 12"));
        const Row first = **firstRow(*m_connection, source);
        const Row next = **rowAfter(*m_connection, source, first.key);
        QVERIFY(next.key.first().toInt() > first.key.first().toInt());
        Catalogue with = m_catalogue;
        with.tables.append(*table);
        const RefusalContext where{with, *table, [](const QString &column) { return column; }};
        const Written written = updateRow(*m_connection, source, first, {{"lead", "Tove Quist"}}, where);
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(valueOf(source, *written.row, "lead").toString(), "Tove Quist");
        QCOMPARE(ask("SELECT crew_lead FROM visit WHERE visit_id = " + first.key.first().toString()), "Tove Quist");
        // What someone else changed meanwhile is not overwritten.
        QCOMPARE(updateRow(*m_connection, source, first, {{"lead", "Nobody"}}, where).kind, Written::Conflict);
    }

    void whatIsNoSelectIsRefusedInWords_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::addColumn<QString>("says");
        QTest::newRow("nothing") << "  "
                                 << "Write a SELECT";
        QTest::newRow("nonsense") << "SELEC name"
                                  << "not understood";
        QTest::newRow("unknown table") << "SELECT * FROM lighthouse"
                                       << "lighthouse";
        QTest::newRow("delete") << "DELETE FROM buoy"
                                << "Only a SELECT";
        QTest::newRow("delete with rows") << "DELETE FROM buoy RETURNING name"
                                          << "Only a SELECT";
        QTest::newRow("two") << "SELECT 1; DROP TABLE buoy"
                             << "One SELECT alone";
        QTest::newRow("values") << "SELECT name FROM buoy WHERE buoy_id = :no"
                                << ":no";
        QTest::newRow("pragma") << "PRAGMA table_info(buoy)"
                                << "cannot be read";
        QTest::newRow("escape") << "SELECT 1) ; DROP TABLE buoy; --"
                                << "not understood";
    }

    void whatIsNoSelectIsRefusedInWords()
    {
        QFETCH(QString, sql);
        QFETCH(QString, says);
        const Result<Table> table = described(sql);
        QVERIFY(!table.isOk());
        QVERIFY2(table.error().sentence.contains(says), qPrintable(table.error().sentence));
        QCOMPARE(ask("SELECT count(*) FROM buoy"), "212");
    }

    void rowsThatComeUpTwiceAreOnlyRead()
    {
        const Result<Table> table =
            described("SELECT b.buoy_id, b.name, v.visited_on FROM buoy b JOIN visit v USING (buoy_id)");
        QVERIFY(table && table->writesTo.isEmpty());
        QVERIFY(findColumn(*table, "name")->readOnlyReason.contains("more than once"));
        // They can be gone through all the same.
        const Result<RecordSource> source = readable(*m_connection, recordSourceOf(*table));
        QVERIFY(source.isOk());
        QCOMPARE(QString::number(*countRows(*m_connection, *source)), ask("SELECT count(*) FROM visit"));
    }

    // A preview of something endless shows its first rows, beside the whole of something else.
    void aPreviewReadsNoMoreThanItShows()
    {
        const RecordSource view = recordSourceOf(*findTable(m_catalogue, "parts_cost_by_buoy"));
        const RecordSource whole = *readable(*m_connection, view);
        const RecordSource few = *readable(*m_connection, view, 10);
        QCOMPARE(*countRows(*m_connection, few), 10);
        QCOMPARE(QString::number(*countRows(*m_connection, whole)), ask("SELECT count(*) FROM parts_cost_by_buoy"));
        const Result<Table> endless = described(
            "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n) SELECT i, i * 2 AS twice FROM n");
        QVERIFY(endless.isOk());
        const Result<RecordSource> first = readable(*m_connection, recordSourceOf(*endless), 300);
        QVERIFY(first.isOk());
        QCOMPARE(valueOf(*first, **lastRow(*m_connection, *first), "twice").toInt(), 600);
        // Not even the first row may keep the builder waiting.
        QVERIFY(
            described("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n) SELECT max(i) AS most FROM n")
                .isOk());
    }

    // A view may have a column of the name by which SQLite numbers rows; its rows are told apart all the same.
    void aColumnMayBeCalledAsTheRowNumber()
    {
        samples::sqlite3(m_path, "CREATE VIEW odd AS SELECT NULL AS rowid, name FROM vessel ORDER BY name");
        const Catalogue catalogue = *m_connection->readCatalogue();
        const Result<RecordSource> rows = readable(*m_connection, recordSourceOf(*findTable(catalogue, "odd")));
        QVERIFY(rows);
        QStringList names;
        for (MaybeRow row = firstRow(*m_connection, *rows); row && *row;
             row = rowAfter(*m_connection, *rows, placeOf(*rows, **row))) {
            names.append(valueOf(*rows, **row, "name").toString());
            const MaybeRow again = rowWithKey(*m_connection, *rows, (**row).key);
            QVERIFY(again && *again);
            QCOMPARE(valueOf(*rows, **again, "name").toString(), names.last());
        }
        QCOMPARE(names.join('\n'), samples::sqlite3(m_path, "SELECT name FROM vessel ORDER BY name"));
        samples::sqlite3(m_path, "CREATE VIEW odder AS SELECT 1 AS rowid, 2 AS _rowid_, 3 AS OID FROM vessel");
        const Catalogue again = *m_connection->readCatalogue();
        const Result<RecordSource> none = readable(*m_connection, recordSourceOf(*findTable(again, "odder")));
        QVERIFY(!none);
        QVERIFY(!none.error().sentence.isEmpty());
    }

    void columnsOfOneNameAreTold()
    {
        const Result<Table> table = described("SELECT b.*, f.* FROM buoy b JOIN fairway f USING (fairway_id)");
        QVERIFY2(table.isOk(), qPrintable(table.error().sentence));
        QSet<QString> names;
        for (const Column &column : table->columns) {
            names.insert(column.name);
        }
        QCOMPARE(names.size(), table->columns.size());
        const RecordSource source = recordSourceOf(*table);
        QVERIFY(firstRow(*m_connection, source)->has_value());
    }

    void aFormsSelectsJoinTheCatalogue()
    {
        Form form;
        form.rowsFrom = "low";
        form.select = "SELECT visit_id, battery_v FROM visit WHERE battery_v < 12";
        const Result<Catalogue> with = withSelects(*m_connection, m_catalogue, form);
        QVERIFY(with && findTable(*with, "low"));
        form.select = "SELECT nonsense";
        QVERIFY(!withSelects(*m_connection, m_catalogue, form).isOk());
    }

    void lookupsOverSeveralColumnsFindTheirRow()
    {
        const Lookup fitted{
            "part_fitted", {"visit_id", "line_no"}, {"visit_id", "line_no", "part_no"}, {"visit_id", "line_no"}};
        const QString part = ask("SELECT part_no FROM part_fitted WHERE visit_id = 3 AND line_no = 1");
        QCOMPARE(*lookupWords(*m_connection, fitted, {3, 1}), "3 1 " + part);
        const auto rows = *lookupRows(*m_connection, fitted, QString(), 500, {{"visit_id", 3}});
        QCOMPARE(QString::number(rows.size()), ask("SELECT count(*) FROM part_fitted WHERE visit_id = 3"));
        for (const LookupRow &row : rows) {
            QCOMPARE(row.values.size(), 2);
            QCOMPARE(row.values.first().toInt(), 3);
        }
    }

    void whatIsFollowedIsRead()
    {
        const Followed phone{{"contractor_id"}, "contractor", {"contractor_id"}, "phone"};
        QCOMPARE(followedValue(*m_connection, phone, {1})->toString(),
                 ask("SELECT phone FROM contractor WHERE contractor_id = 1"));
        QVERIFY(followedValue(*m_connection, phone, {9999})->isNull());
    }

    void childrenAreLookedThrough()
    {
        const Table &buoy = *findTable(m_catalogue, "buoy");
        const DraftPlan plan = planWithChildren(m_catalogue, buoy);
        Learned learned;
        const std::atomic<bool> goesOn{false};
        QVERIFY(*learnChildren(*m_connection, m_catalogue, plan, learned, goesOn));
        QVERIFY(learned.profiles.contains("visit"));
        const int usual = learned.usualRows.value(learnedKey("visit", {{"buoy_id"}, {"buoy_id"}}));
        QVERIFY(usual >= 1 &&
                usual <= ask("SELECT max(n) FROM (SELECT count(*) n FROM visit GROUP BY buoy_id)").toInt());
        const Profile profile = learned.profiles.value("visit");
        QCOMPARE(qint64(profile.lookupWords.value("vessel_id").lengths.lastKey()),
                 ask("SELECT max(length(name)) FROM vessel").toLongLong());
        const std::atomic<bool> isCancelled{true};
        Learned none;
        QVERIFY(!*learnChildren(*m_connection, m_catalogue, plan, none, isCancelled));
    }

    void estimatesComeFromTheNumbers()
    {
        QCOMPARE(QString::number(**estimatedRows(*m_connection, *findTable(m_catalogue, "visit"))),
                 ask("SELECT max(visit_id) - min(visit_id) + 1 FROM visit"));
        QVERIFY(!estimatedRows(*m_connection, *findTable(m_catalogue, "part"))->has_value());
    }
};

QTEST_GUILESS_MAIN(TestRowsFrom)
#include "tst_rows_from.moc"
