#include "core/kinds/settings/lookup.h"
#include "data/records/copied_rows.h"
#include "data/records/writing.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestRecords : public QObject
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
    Row first(const QString &name) const { return **firstRow(*m_connection, recordSourceOf(table(name))); }
    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }

private Q_SLOTS:
    void init()
    {
        m_connection.reset();
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("fairway%1.db").arg(++run));
        m_connection = samples::opened(m_path);
        m_catalogue = *m_connection->readCatalogue();
    }

    void cleanupTestCase() { m_connection.reset(); }

    // Walking forwards meets every row once and in order, walking backwards the same in reverse, in every table.
    void walkingMeetsEveryRowOnce()
    {
        for (const Table &each : m_catalogue.tables) {
            const Result<RecordSource> source = readable(*m_connection, recordSourceOf(each));
            QVERIFY2(source.isOk(), source.isOk() ? "" : qPrintable(source.error().sentence));
            QList<RowKey> forwards;
            MaybeRow row = firstRow(*m_connection, *source);
            while (row.isOk() && *row) {
                forwards.append((*row)->key);
                row = rowAfter(*m_connection, *source, (*row)->key);
            }
            QVERIFY(row.isOk());
            QCOMPARE(qint64(forwards.size()), *countRows(*m_connection, *source));
            QList<RowKey> backwards;
            row = lastRow(*m_connection, *source);
            while (row.isOk() && *row) {
                backwards.prepend((*row)->key);
                row = rowBefore(*m_connection, *source, (*row)->key);
            }
            QCOMPARE(backwards, forwards);
            if (each.kind == TableKind::Table) {
                QCOMPARE(QString::number(forwards.size()), ask(QString("SELECT count(*) FROM \"%1\"").arg(each.name)));
            }
        }
    }

    void rowsAreFoundByTheirNumber()
    {
        ask("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 5000) "
            "INSERT INTO part SELECT 'Q-' || printf('%05d', i), 'Part ' || i, 'each', 1, 0, NULL FROM n WHERE i % 3 > "
            "0");
        const RecordSource source = recordSourceOf(table("part"));
        const std::atomic<bool> isCancelled{false};
        const RowMap map = **mapRows(*m_connection, source, isCancelled);
        QCOMPARE(map.count, *countRows(*m_connection, source));
        QCOMPARE(map.places.size(), (map.count + RowMap::Stride - 1) / RowMap::Stride);
        MaybeRow row = firstRow(*m_connection, source);
        for (qint64 i = 0; row.isOk() && *row; ++i) {
            if (i % 101 == 0 || i == map.count - 1) {
                QCOMPARE((**rowAt(*m_connection, source, map, i)).key, (*row)->key);
                QCOMPARE(*countRowsBefore(*m_connection, source, (*row)->key), i);
            }
            row = rowAfter(*m_connection, source, (*row)->key);
        }
        QVERIFY(!*rowAt(*m_connection, source, map, map.count));
        QVERIFY(!*rowAt(*m_connection, source, map, -1));
        const std::atomic<bool> cancelled{true};
        QVERIFY(!mapRows(*m_connection, source, cancelled)->has_value());
    }

    void anInsertedRowIsReadBackWithWhatTheDatabaseFilled()
    {
        const RecordSource source = recordSourceOf(table("visit"));
        const Written written =
            insertRow(*m_connection, source,
                      {{"buoy_id", 3}, {"visited_on", "2026-11-02"}, {"crew_lead", "Ansa Holm"}, {"hours", 2.5}},
                      context("visit"));
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(valueOf(source, *written.row, "labour_cost").toDouble(), 116.25);
        QVERIFY(valueOf(source, *written.row, "visit_id").toLongLong() > 360);
        QCOMPARE(ask("SELECT crew_lead FROM visit ORDER BY visit_id DESC LIMIT 1"), "Ansa Holm");
    }

    void aCompositeKeyIsKnownAfterAnInsert()
    {
        const RecordSource source = recordSourceOf(table("part_fitted"));
        const Written written = insertRow(
            *m_connection, source, {{"visit_id", 1}, {"line_no", 77}, {"part_no", "P-1000"}, {"unit_price", 148}},
            context("part_fitted"));
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(written.row->key, RowKey({1LL, 77LL}));
        QCOMPARE(valueOf(source, *written.row, "line_cost").toDouble(), 148.0);
    }

    void anUpdateWritesOnlyWhatChanged()
    {
        const RecordSource source = recordSourceOf(table("buoy"));
        const Row before = first("buoy");
        const QString rest = ask("SELECT asset_no, depth_m, hex(photo), entered_at FROM buoy WHERE buoy_id = 1");
        const Written written =
            updateRow(*m_connection, source, before, {{"name", "Long Reach Gate"}}, context("buoy"));
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Long Reach Gate");
        QCOMPARE(ask("SELECT asset_no, depth_m, hex(photo), entered_at FROM buoy WHERE buoy_id = 1"), rest);
    }

    // A row written back as it was read is accepted for every row of every table: the guard compares exactly.
    void everyRowCanBeWrittenBackAsItWas()
    {
        for (const Table &each : m_catalogue.tables) {
            if (each.kind == TableKind::View) {
                continue;
            }
            const RecordSource source = recordSourceOf(each);
            const QString column =
                each.columns.last().isGenerated ? each.columns.first().name : each.columns.last().name;
            MaybeRow row = firstRow(*m_connection, source);
            while (row.isOk() && *row) {
                const Written written = updateRow(*m_connection, source, **row,
                                                  {{column, valueOf(source, **row, column)}}, context(each.name));
                QVERIFY2(written.kind == Written::Done, qPrintable(each.name + ": " + written.refusal.sentence));
                QVERIFY(*written.row == **row);
                row = rowAfter(*m_connection, source, (*row)->key);
            }
        }
    }

    void aRowChangedMeanwhileIsNotOverwritten()
    {
        const RecordSource source = recordSourceOf(table("buoy"));
        const Row before = first("buoy");
        ask("UPDATE buoy SET name = 'Theirs' WHERE buoy_id = 1");
        const Written written = updateRow(*m_connection, source, before, {{"name", "Ours"}}, context("buoy"));
        QCOMPARE(written.kind, Written::Conflict);
        QCOMPARE(valueOf(source, *written.row, "name").toString(), "Theirs");
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Theirs");
        QCOMPARE(deleteRow(*m_connection, source, before, context("buoy")).kind, Written::Conflict);
    }

    void aRowDeletedMeanwhileIsGone()
    {
        const RecordSource source = recordSourceOf(table("part_claim"));
        const Row before = first("part_claim");
        ask("DELETE FROM part_claim");
        QCOMPARE(updateRow(*m_connection, source, before, {{"reason", "x"}}, context("part_claim")).kind,
                 Written::Gone);
        QCOMPARE(deleteRow(*m_connection, source, before, context("part_claim")).kind, Written::Gone);
    }

    void aNewKeyIsFollowed()
    {
        const RecordSource source = recordSourceOf(table("part_fitted"));
        const Written written =
            updateRow(*m_connection, source, first("part_fitted"), {{"line_no", 99}}, context("part_fitted"));
        // Parts that a claim points to keep their key; the first has none.
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(written.row->key.at(1), QVariant(99));
        QCOMPARE(valueOf(source, *written.row, "line_no").toInt(), 99);
    }

    void refusals_data()
    {
        QTest::addColumn<QString>("table");
        QTest::addColumn<ColumnValues>("change");
        QTest::addColumn<QString>("sentence");
        QTest::addColumn<QStringList>("columns");
        QTest::newRow("required") << "buoy" << ColumnValues{{"name", QVariant()}} << "NAME is needed"
                                  << QStringList{"name"};
        QTest::newRow("unique") << "buoy" << ColumnValues{{"asset_no", "NB-2006-B"}}
                                << "Another record has this value already; ASSET_NO must differ"
                                << QStringList{"asset_no"};
        QTest::newRow("check") << "buoy" << ColumnValues{{"depth_m", -4}} << "DEPTH_M must be 0 or more"
                               << QStringList{"depth_m"};
        QTest::newRow("choice") << "buoy" << ColumnValues{{"status", "lost"}}
                                << "STATUS must be one of “on station”, “adrift”, “in depot”, “withdrawn”"
                                << QStringList{"status"};
        QTest::newRow("named check") << "contractor"
                                     << ColumnValues{{"agreement_from", "2030-01-01"},
                                                     {"agreement_until", "2029-01-01"}}
                                     << "AGREEMENT_UNTIL must not be before AGREEMENT_FROM"
                                     << QStringList{"agreement_from", "agreement_until"};
        QTest::newRow("link") << "buoy" << ColumnValues{{"fairway_id", 999}}
                              << "There is no such FAIRWAY_ID; choose one from the list" << QStringList{"fairway_id"};
        QTest::newRow("key twice") << "part_fitted" << ColumnValues{{"line_no", 2}}
                                   << "Another record has the same VISIT_ID and LINE_NO"
                                   << QStringList{"visit_id", "line_no"};
        QTest::newRow("word in a key") << "visit" << ColumnValues{{"visit_id", "word"}}
                                       << "VISIT_ID does not take this kind of value" << QStringList{"visit_id"};
    }

    void refusals()
    {
        QFETCH(QString, table);
        QFETCH(ColumnValues, change);
        QFETCH(QString, sentence);
        QFETCH(QStringList, columns);
        if (table == "part_fitted") {
            ask("INSERT OR IGNORE INTO part_fitted (visit_id, line_no, part_no, unit_price) SELECT min(visit_id), 2, "
                "'P-1000', 1 FROM part_fitted");
        }
        const QString before = ask(QString("SELECT * FROM %1 LIMIT 3").arg(table));
        const Written written =
            updateRow(*m_connection, recordSourceOf(this->table(table)), first(table), change, context(table));
        QCOMPARE(written.kind, Written::Refused);
        QCOMPARE(written.refusal.sentence, sentence);
        QCOMPARE(written.refusal.columns, columns);
        QCOMPARE(ask(QString("SELECT * FROM %1 LIMIT 3").arg(table)), before);
    }

    void aRowThatOthersNeedStays()
    {
        const Written written =
            deleteRow(*m_connection, recordSourceOf(table("contractor")), first("contractor"), context("contractor"));
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY2(written.refusal.sentence.contains("in “Buoy”"), qPrintable(written.refusal.sentence));
        QCOMPARE(ask("SELECT count(*) FROM contractor"), "18");
    }

    void aDeletedRowIsGone()
    {
        const Written written =
            deleteRow(*m_connection, recordSourceOf(table("part_claim")), first("part_claim"), context("part_claim"));
        QCOMPARE(written.kind, Written::Done);
        QCOMPARE(ask("SELECT count(*) FROM part_claim WHERE claim_id = 1"), "0");
    }

    void triggersSpeakForThemselves()
    {
        ask("CREATE TRIGGER quiet BEFORE UPDATE ON vessel BEGIN SELECT raise(ABORT, 'The vessel list is closed'); END");
        const Written written = updateRow(*m_connection, recordSourceOf(table("vessel")), first("vessel"),
                                          {{"name", "x"}}, context("vessel"));
        QCOMPARE(written.refusal.sentence, "The database refuses this: The vessel list is closed");
    }

    void lookupsAreSortedAndFiltered()
    {
        const Lookup fairways{"fairway", {"fairway_id"}, {"name"}, {"fairway_id"}};
        const auto all = *lookupRows(*m_connection, fairways, QString(), 100);
        QCOMPARE(all.size(), 9);
        QCOMPARE(all.first().words, "Bar and Ferry Turn");
        QCOMPARE(lookupRows(*m_connection, fairways, "reach", 100)->size(), 2);
        QCOMPARE(lookupRows(*m_connection, fairways, "%", 100)->size(), 0);
        QCOMPARE(lookupRows(*m_connection, fairways, QString(), 3)->size(), 3);
        QCOMPARE(*lookupWords(*m_connection, fairways, {1}), "Long Reach");
        QCOMPARE(*lookupWords(*m_connection, fairways, {999}), QString());
        // Several columns tell rows apart; what is typed is looked for in all of them.
        const Lookup people{"observer", {"observer_id"}, {"family_name", "given_name"}, {"observer_id"}};
        QCOMPARE(*lookupWords(*m_connection, people, {1}), "Trevanion Nell");
        QCOMPARE(lookupRows(*m_connection, people, "nell trev", 10)->size(), 1);
        QCOMPARE(lookupRows(*m_connection, people, "nell zzz", 10)->size(), 0);
    }

    // In the order of the person's language where all are at hand; what begins with the words typed stays first.
    void lookupsAreSortedAsPeopleSort()
    {
        const QLocale before;
        QLocale::setDefault(QLocale(QLocale::Polish, QLocale::Poland));
        for (const char *name : {"Żuraw", "Zebra", "Łeba", "Lenok", "luty", "Ala", "Nowa Łeba"}) {
            ask(QString("INSERT INTO fairway (fairway_id, name) SELECT max(fairway_id) + 1, '%1' FROM fairway")
                    .arg(QString::fromUtf8(name)));
        }
        const Lookup fairways{"fairway", {"fairway_id"}, {"name"}, {"fairway_id"}};
        const auto wordsFor = [&](const QString &typed) {
            QStringList words;
            const QList<LookupRow> rows = *lookupRows(*m_connection, fairways, typed, 100);
            for (const LookupRow &row : rows) {
                words.append(row.words);
            }
            return words;
        };
        const QStringList words = wordsFor({});
        const QStringList typed = wordsFor("eba");
        QLocale::setDefault(before);
        const auto place = [&](const char *name) { return words.indexOf(QString::fromUtf8(name)); };
        QVERIFY2(place("Ala") >= 0 && place("Lenok") < place("luty"), qPrintable(words.join('|')));
        QVERIFY(place("luty") < place("Łeba"));
        QVERIFY(place("Łeba") < place("Nowa Łeba"));
        QVERIFY(place("Zebra") < place("Żuraw"));
        QCOMPARE(typed, QStringList({QString::fromUtf8("Łeba"), QString::fromUtf8("Nowa Łeba")}));
    }

    void aFormsSourceHoldsWhatItBinds()
    {
        Form form;
        form.rowsFrom = "buoy";
        form.bands = {Band{BandRole::Body, 10, {}}};
        for (const char *column : {"name", "dropped", "asset_no", "name"}) {
            Control control;
            control.kind = "text-box";
            control.column = column;
            form.controls.append(control);
        }
        const RecordSource source = *recordSourceOf(form, m_catalogue);
        QCOMPARE(source.columns, QStringList({"name", "asset_no"}));
        QCOMPARE(source.missing, QStringList({"dropped"}));
        form.rowsFrom = "gone";
        QVERIFY(recordSourceOf(form, m_catalogue).error().sentence.contains("no table “gone” any more"));
    }
};

QTEST_GUILESS_MAIN(TestRecords)
#include "tst_records.moc"
