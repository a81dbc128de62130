#include "core/kinds/settings/lookup.h"
#include "data/records/copied_rows.h"
#include "data/records/writing.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestSqliteCatalogue : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    Catalogue m_fairway;

    Catalogue catalogueOf(const QString &sql, const QString &name)
    {
        const QString path = m_folder.filePath(name);
        const QString said = samples::sqlite3(path, sql);
        if (!said.isEmpty()) {
            qWarning("%s", qPrintable(said));
        }
        return *samples::opened(path).readCatalogue();
    }

private Q_SLOTS:
    void initTestCase()
    {
        const Result<Catalogue> catalogue = samples::opened(samples::fairwayDatabase(m_folder)).readCatalogue();
        QVERIFY(catalogue.isOk());
        m_fairway = *catalogue;
    }

    void theDepotIsReadWhole()
    {
        QStringList names;
        for (const Table &table : m_fairway.tables) {
            names.append(table.name);
        }
        QCOMPARE(names, QStringList({"buoy", "buoy_type", "contractor", "fairway", "observer", "observer_buoy", "part",
                                     "part_claim", "part_fitted", "vessel", "visit", "buoy_due_for_visit",
                                     "parts_cost_by_buoy"}));
        QCOMPARE(findTable(m_fairway, "parts_cost_by_buoy")->kind, TableKind::View);
    }

    void columnsAreReadWithAllTheyDeclare()
    {
        const Table &buoy = *findTable(m_fairway, "buoy");
        const Column &key = *findColumn(buoy, "buoy_id");
        QVERIFY(key.numbersItself);
        const Column &asset = *findColumn(buoy, "asset_no");
        QVERIFY(asset.isRequired && !asset.numbersItself && !asset.hasDefault);
        QCOMPARE(asset.length.value_or(0), 12);
        const Column &status = *findColumn(buoy, "status");
        QCOMPARE(status.choices, QVariantList({"on station", "adrift", "in depot", "withdrawn"}));
        QVERIFY(status.hasDefault);
        QCOMPARE(status.defaultExpression, "'on station'");
        QCOMPARE(findColumn(buoy, "depth_m")->decimals.value_or(-1), 1);
        QCOMPARE(findColumn(buoy, "photo")->type, ColumnType::Binary);
        const Table &visit = *findTable(m_fairway, "visit");
        QVERIFY(findColumn(visit, "labour_cost")->isGenerated);
        QVERIFY(findColumn(*findTable(m_fairway, "part_fitted"), "line_cost")->isGenerated);
        QCOMPARE(findTable(m_fairway, "contractor")->checks.last().name, "agreement_ends_after_it_starts");
    }

    void keysAndLinksAreRead()
    {
        QCOMPARE(findTable(m_fairway, "part_fitted")->primaryKey, QStringList({"visit_id", "line_no"}));
        const Table &claim = *findTable(m_fairway, "part_claim");
        QCOMPARE(claim.foreignKeys.size(), 1);
        QCOMPARE(claim.foreignKeys.first().columns, QStringList({"visit_id", "line_no"}));
        QCOMPARE(claim.foreignKeys.first().parentColumns, QStringList({"visit_id", "line_no"}));
        const Table &buoy = *findTable(m_fairway, "buoy");
        QCOMPARE(buoy.foreignKeys.size(), 4);
        QCOMPARE(findLink(buoy, "replaces_buoy_id")->parentTable, "buoy");
        QCOMPARE(findLink(buoy, "buoy_type")->parentColumns, QStringList({"code"}));
        QCOMPARE(buoy.uniqueKeys.size(), 1);
        QCOMPARE(buoy.uniqueKeys.first().columns, QStringList({"asset_no"}));
        QCOMPARE(namingColumn(*findTable(m_fairway, "fairway")), "name");
    }

    void oddNamesWorkEverywhere_data()
    {
        QTest::addColumn<QString>("name");
        QTest::newRow("space") << "two words";
        QTest::newRow("quote") << "it's \"quoted\"";
        QTest::newRow("starts and ends with quotes") << "\"x\"";
        QTest::newRow("reserved") << "select";
        QTest::newRow("brackets") << "a[0] b";
        QTest::newRow("dot") << "main.table";
        QTest::newRow("semicolon") << "a; DROP TABLE b; --";
        QTest::newRow("question mark") << "what?";
        QTest::newRow("colon") << ":name";
        QTest::newRow("percent") << "100%1 %2";
        QTest::newRow("backtick") << "`tick`";
        QTest::newRow("Greek") << QString::fromUtf8("Φάρος");
        QTest::newRow("Arabic") << QString::fromUtf8("منارة");
        QTest::newRow("emoji") << QString::fromUtf8("🛟");
        QTest::newRow("line break") << "two\nlines";
        QTest::newRow("row number") << "rowid";
    }

    void oddNamesWorkEverywhere()
    {
        QFETCH(QString, name);
        const QString quoted = sqliteDialect().quoteName(name);
        const QString other = sqliteDialect().quoteName(name + " child");
        const Catalogue catalogue = catalogueOf(
            QString("CREATE TABLE %1 (id INTEGER PRIMARY KEY, %1 TEXT NOT NULL UNIQUE CHECK (%1 IN ('a', 'b', 'c')));"
                    "CREATE TABLE %2 (%1 TEXT REFERENCES %1 (%1), n INT);"
                    "INSERT INTO %1 (%1) VALUES ('a'), ('b'); INSERT INTO %2 VALUES ('b', 1);")
                .arg(quoted, other),
            QString("odd%1.db").arg(qHash(name)));
        const Table *table = findTable(catalogue, name);
        const Table *child = findTable(catalogue, name + " child");
        QVERIFY(table && child);
        QVERIFY(findColumn(*table, name));
        QCOMPARE(findColumn(*table, name)->choices, QVariantList({"a", "b", "c"}));
        QCOMPARE(findLink(*child, name)->parentTable, name);

        const Connection connection = samples::opened(m_folder.filePath(QString("odd%1.db").arg(qHash(name))));
        const RefusalContext context{catalogue, *table, [](const QString &column) { return column; }};
        const RecordSource source = recordSourceOf(*table);
        const MaybeRow first = firstRow(connection, source);
        QVERIFY2(first.isOk(), first.isOk() ? "" : qPrintable(first.error().sentence));
        QCOMPARE(valueOf(source, **first, name).toString(), "a");
        const Written changed = updateRow(connection, source, **first, {{name, "c"}}, context);
        QCOMPARE(changed.kind, Written::Done);
        const Written twice = insertRow(connection, source, {{name, "c"}}, context);
        QCOMPARE(twice.kind, Written::Refused);
        QCOMPARE(twice.refusal.columns, QStringList({name}));
        const RecordSource children = recordSourceOf(*child);
        const MaybeRow row = firstRow(connection, children);
        QVERIFY2(row.isOk() && *row, row.isOk() ? "no row" : qPrintable(row.error().sentence));
        QCOMPARE(*lookupWords(connection, Lookup{name, {name}, {name}, {name}}, {"b"}), "b");
        QCOMPARE(lookupRows(connection, Lookup{name, {name}, {name}, {name}}, "b", 10)->size(), 1);
    }

    void strangeTablesDoNotStopTheOthers()
    {
        const Catalogue catalogue =
            catalogueOf("CREATE TABLE a (x TEXT PRIMARY KEY, rowid INT, y INT GENERATED ALWAYS AS (rowid * 2));"
                        "CREATE TABLE no_key (x); CREATE TABLE b (k TEXT NOT NULL PRIMARY KEY) WITHOUT ROWID;"
                        "CREATE TABLE long_key (k BIGINT NOT NULL PRIMARY KEY) STRICT_OFF_NOT_A_WORD;",
                        "strange1.db");
        QCOMPARE(findTable(catalogue, "a")->rowNumberName, "_rowid_");
        QCOMPARE(findTable(catalogue, "no_key")->rowNumberName, "rowid");
        QVERIFY(findTable(catalogue, "b")->rowNumberName.isEmpty());
        const Catalogue broken = catalogueOf(
            "CREATE TABLE t (a); CREATE VIEW v AS SELECT a FROM t; CREATE TABLE u (b); PRAGMA writable_schema = 1;"
            "DELETE FROM sqlite_schema WHERE name = 't';",
            "strange2.db");
        QVERIFY(findTable(broken, "u"));
    }
};

QTEST_GUILESS_MAIN(TestSqliteCatalogue)
#include "tst_sqlite_catalogue.moc"
