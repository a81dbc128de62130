// What every database server has to do, the same cases for each: a new dialect is one line in servers_data().
#include "core/draft/draft.h"
#include "core/file/form_file.h"
#include "core/kinds/settings/lookup.h"
#include "core/reconcile/what_changed.h"
#include "data/dialect/transaction.h"
#include "data/profile/profiler.h"
#include "data/records/commonest.h"
#include "data/records/copied_rows.h"
#include "data/records/row_sample.h"
#include "data/records/search.h"
#include "data/records/select_source.h"
#include "data/records/writing.h"
#include "support/asked.h"
#include "support/throw_away_servers.h"

#include <QTest>

#include <future>

using namespace nabblet;

class TestServers : public QObject
{
    Q_OBJECT

    samples::TestServer *m_server = nullptr;
    QString m_database;
    std::optional<Connection> m_connection;
    Catalogue m_catalogue;

    const Table &table(const QString &name) const
    {
        const Table *found = findTable(m_catalogue, name);
        if (!found) {
            qFatal("no table %s", qPrintable(name));
        }
        return *found;
    }
    RefusalContext context(const QString &name) const
    {
        return {m_catalogue, table(name), [](const QString &column) { return column.toUpper(); }};
    }
    QString ask(const QString &sql) const { return m_server->ask(m_database, sql); }
    Row rowWhere(const QString &name, const RowKey &key) const
    {
        const MaybeRow row = rowWithKey(*m_connection, recordSourceOf(table(name)), key);
        return row && *row ? **row : Row();
    }

    bool isMariadb() const { return m_server->dialect() == "mariadb"; }

    // The demonstration's for tests that write nothing there; one for all of them.
    void openToRead()
    {
        QFETCH_GLOBAL(QString, server);
        m_connection.reset();
        m_server = samples::serverNamed(server);
        m_database = QStringLiteral("to_read");
        static QSet<QString> made;
        if (!made.contains(server)) {
            made.insert(server);
            samples::makeFairway(*m_server, m_database);
        }
        openAgain();
    }
    // A database of its own for a test: empty, or the demonstration's.
    void open(bool isFairway)
    {
        QFETCH_GLOBAL(QString, server);
        m_connection.reset();
        m_server = samples::serverNamed(server);
        static int made = 0;
        m_database = QStringLiteral("test_%1").arg(++made);
        if (isFairway) {
            samples::makeFairway(*m_server, m_database);
        } else {
            m_server->makeDatabase(m_database);
        }
        openAgain();
    }
    void openAgain()
    {
        m_connection.reset();
        const Result<Connection> opened = Connection::open(m_server->addressOf(m_database));
        if (!opened) {
            qFatal("%s", qPrintable(opened.error().sentence));
        }
        m_connection = *opened;
        const Result<Catalogue> read = m_connection->readCatalogue();
        if (!read) {
            qFatal("%s (%s)", qPrintable(read.error().sentence), qPrintable(read.error().detail));
        }
        m_catalogue = *read;
    }

private Q_SLOTS:
    void initTestCase_data()
    {
        QTest::addColumn<QString>("server");
        QTest::newRow("PostgreSQL") << "postgresql";
        QTest::newRow("MariaDB") << "mariadb";
    }
    void cleanupTestCase()
    {
        m_connection.reset();
        samples::endServers();
    }

    void theCatalogueHoldsWhatTheTablesAre()
    {
        openToRead();
        QCOMPARE(m_catalogue.tables.size(), 13);
        const Table &buoy = table("buoy");
        QCOMPARE(buoy.primaryKey, QStringList("buoy_id"));
        QVERIFY(findColumn(buoy, "buoy_id")->numbersItself);
        QCOMPARE(findColumn(buoy, "asset_no")->length, 12);
        QVERIFY(findColumn(buoy, "asset_no")->isRequired);
        QCOMPARE(findColumn(buoy, "depth_m")->type, ColumnType::DecimalNumber);
        QCOMPARE(findColumn(buoy, "depth_m")->decimals, 1);
        QCOMPARE(findColumn(buoy, "laid_on")->type, ColumnType::Date);
        QCOMPARE(findColumn(buoy, "is_lit")->type, ColumnType::YesNo);
        QCOMPARE(findColumn(buoy, "photo")->type, ColumnType::Binary);
        QCOMPARE(findColumn(buoy, "entered_at")->type, ColumnType::DateTime);
        QVERIFY(findColumn(buoy, "entered_at")->hasDefault);
        QCOMPARE(findColumn(buoy, "status")->choices.size(), 4);
        QCOMPARE(findColumn(buoy, "status")->choices.first().toString(), "on station");
        QCOMPARE(findLink(buoy, "fairway_id")->parentTable, "fairway");
        QCOMPARE(findLink(buoy, "replaces_buoy_id")->onDelete, LinkRule::LetsGo);
        QVERIFY(std::any_of(buoy.uniqueKeys.begin(), buoy.uniqueKeys.end(),
                            [](const UniqueKey &key) { return key.columns == QStringList("asset_no"); }));
        QVERIFY(findColumn(table("visit"), "labour_cost")->isGenerated);
        QCOMPARE(table("part_fitted").primaryKey, QStringList({"visit_id", "line_no"}));
        QCOMPARE(table("part_claim").foreignKeys.first().columns, QStringList({"visit_id", "line_no"}));
        QCOMPARE(table("part_claim").foreignKeys.first().parentColumns, QStringList({"visit_id", "line_no"}));
        QCOMPARE(table("buoy_due_for_visit").kind, TableKind::View);
        QVERIFY(m_catalogue.tables.last().kind == TableKind::View);
    }

    // Walking forwards meets every row once and in order, walking backwards the same in reverse, in every table.
    void walkingMeetsEveryRowOnce()
    {
        openToRead();
        for (const Table &each : m_catalogue.tables) {
            const Result<RecordSource> source = readable(*m_connection, recordSourceOf(each));
            QVERIFY2(source.isOk(), source.isOk() ? "" : qPrintable(source.error().detail));
            QList<RowKey> forwards;
            MaybeRow row = firstRow(*m_connection, *source);
            while (row.isOk() && *row) {
                forwards.append((*row)->key);
                row = rowAfter(*m_connection, *source, (*row)->key);
            }
            QVERIFY2(row.isOk(), row.isOk() ? "" : qPrintable(row.error().detail));
            QCOMPARE(qint64(forwards.size()), *countRows(*m_connection, *source));
            QList<RowKey> backwards;
            row = lastRow(*m_connection, *source);
            while (row.isOk() && *row) {
                backwards.prepend((*row)->key);
                row = rowBefore(*m_connection, *source, (*row)->key);
            }
            QCOMPARE(backwards, forwards);
            QCOMPARE(QString::number(forwards.size()), ask(QString("SELECT count(*) FROM %1").arg(each.name)));
        }
    }

    // In any order of columns, with what is missing before everything, by rows as by windows, forwards as backwards.
    void ordersHoldWithMissingValues()
    {
        openToRead();
        for (const QString column : {"remarks", "laid_on", "replaces_buoy_id", "name"}) {
            for (const bool isDescending : {false, true}) {
                RecordSource source = recordSourceOf(table("buoy"));
                source.order = {{column, isDescending, QStringLiteral("stored")}};
                QList<RowKey> forwards;
                bool hasValue = false;
                MaybeRow row = firstRow(*m_connection, source);
                while (row.isOk() && *row) {
                    forwards.append((*row)->key);
                    const bool isMissing = valueOf(source, **row, column).isNull();
                    QVERIFY2(isDescending || !(isMissing && hasValue), "missing ones stand first");
                    QVERIFY2(!isDescending || isMissing || !(hasValue && forwards.size() == 1), "and last when turned");
                    hasValue = hasValue || !isMissing;
                    row = rowAfter(*m_connection, source, placeOf(source, **row));
                }
                QVERIFY2(row.isOk(), row.isOk() ? "" : qPrintable(row.error().detail));
                QCOMPARE(qint64(forwards.size()), *countRows(*m_connection, source));
                const Result<QList<Row>> window = rowsAfter(*m_connection, source, std::nullopt, 10000);
                QVERIFY(window.isOk());
                QCOMPARE(window->size(), forwards.size());
                for (qsizetype i = 0; i < forwards.size(); ++i) {
                    QCOMPARE(window->at(i).key, forwards.at(i));
                }
                const Result<QList<Row>> back = rowsBefore(*m_connection, source, std::nullopt, 10000);
                QCOMPARE(back->first().key, forwards.last());
                QCOMPARE(back->last().key, forwards.first());
            }
        }
    }

    void anInsertedRowIsReadBackWithWhatTheDatabaseFilled()
    {
        open(true);
        const RecordSource source = recordSourceOf(table("visit"));
        const Written written =
            insertRow(*m_connection, source,
                      {{"buoy_id", 3}, {"visited_on", "2026-11-02"}, {"crew_lead", "Ansa Holm"}, {"hours", 2.5}},
                      context("visit"));
        QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
        QCOMPARE(valueOf(source, *written.row, "labour_cost").toDouble(), 116.25);
        QCOMPARE(valueOf(source, *written.row, "visited_on").toString(), "2026-11-02");
        const qint64 number = valueOf(source, *written.row, "visit_id").toLongLong();
        QVERIFY(number > 360);
        QCOMPARE(ask(QString("SELECT crew_lead FROM visit WHERE visit_id = %1").arg(number)), "Ansa Holm");
    }

    void onlyWhatChangedIsWrittenAndOnlyOnWhatWasRead()
    {
        open(true);
        const RecordSource source = recordSourceOf(table("buoy"));
        const Row before = rowWhere("buoy", {1});
        const QString rest = ask("SELECT asset_no, depth_m, photo, entered_at FROM buoy WHERE buoy_id = 1");
        Written written = updateRow(*m_connection, source, before, {{"name", "Long Reach Gate"}}, context("buoy"));
        QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Long Reach Gate");
        QCOMPARE(ask("SELECT asset_no, depth_m, photo, entered_at FROM buoy WHERE buoy_id = 1"), rest);
        // As read before, it is not what is stored any more.
        written = updateRow(*m_connection, source, before, {{"name", "Other"}}, context("buoy"));
        QCOMPARE(written.kind, Written::Conflict);
        QCOMPARE(valueOf(source, *written.row, "name").toString(), "Long Reach Gate");
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), "Long Reach Gate");
        // The same values written again are rows matched.
        const Row now = rowWhere("buoy", {1});
        written = updateRow(*m_connection, source, now, {{"name", "Long Reach Gate"}}, context("buoy"));
        QCOMPARE(written.kind, Written::Done);
        ask("DELETE FROM observer_buoy WHERE buoy_id = 1");
        ask("DELETE FROM part_claim; DELETE FROM part_fitted; DELETE FROM visit WHERE buoy_id = 1; "
            "DELETE FROM buoy WHERE buoy_id = 1");
        written = updateRow(*m_connection, source, now, {{"name", "Gone"}}, context("buoy"));
        QCOMPARE(written.kind, Written::Gone);
    }

    void refusalsStandAtTheirBoxes_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QVariantMap>("values");
        QTest::addColumn<QStringList>("columns");
        QTest::addColumn<QString>("sentence");
        const QVariantMap visit{{"buoy_id", 3}, {"visited_on", "2026-11-02"}, {"crew_lead", "A"}};
        const auto with = [&](QVariantMap more) {
            QVariantMap all = visit;
            all.insert(more);
            return all;
        };
        QTest::newRow("needed") << "visit" << QVariantMap{{"buoy_id", 3}, {"crew_lead", "A"}}
                                << QStringList("visited_on") << "VISITED_ON is needed";
        QTest::newRow("taken") << "fairway" << QVariantMap{{"name", "Skerry Sound"}} << QStringList("name")
                               << "Another record has this value already; NAME must differ";
        QTest::newRow("taken together") << "observer_buoy" << QVariantMap{{"observer_id", 1}, {"buoy_id", 0}}
                                        << QStringList() << "";
        QTest::newRow("check") << "visit" << with({{"hours", 0}}) << QStringList("hours") << "";
        QTest::newRow("choice") << "visit" << with({{"growth", "lots"}}) << QStringList("growth") << "";
        QTest::newRow("named check") << "contractor"
                                     << QVariantMap{{"name", "X"},
                                                    {"agreement_from", "2026-02-01"},
                                                    {"agreement_until", "2026-01-01"}}
                                     << QStringList({"agreement_from", "agreement_until"}) << "";
        QTest::newRow("link") << "visit" << with({{"buoy_id", 987654}}) << QStringList("buoy_id")
                              << "There is no such BUOY_ID; choose one from the list";
        QTest::newRow("no date") << "visit" << with({{"visited_on", "soon"}}) << QStringList() << "";
        QTest::newRow("too large") << "visit" << with({{"hours", 123456.5}}) << QStringList() << "";
        QTest::newRow("too long") << "fairway" << QVariantMap{{"name", QString(100, u'x')}} << QStringList() << "";
    }
    void refusalsStandAtTheirBoxes()
    {
        QFETCH(QString, name);
        QFETCH(QVariantMap, values);
        QFETCH(QStringList, columns);
        QFETCH(QString, sentence);
        openToRead();
        if (values.value("name") == "Skerry Sound") {
            values["name"] = ask("SELECT min(name) FROM fairway");
        }
        const QString before = ask(QString("SELECT count(*) FROM %1").arg(name));
        ColumnValues given;
        for (auto value = values.begin(); value != values.end(); ++value) {
            given.insert(value.key(), value.value());
        }
        const Written written = insertRow(*m_connection, recordSourceOf(table(name)), given, context(name));
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY(!written.refusal.sentence.isEmpty());
        QVERIFY(!written.refusal.detail.isEmpty());
        if (!columns.isEmpty()) {
            QCOMPARE(written.refusal.columns, columns);
        }
        if (!sentence.isEmpty()) {
            QCOMPARE(written.refusal.sentence, sentence);
        }
        QCOMPARE(ask(QString("SELECT count(*) FROM %1").arg(name)), before);
        QCOMPARE(m_connection->transactions(), 0);
        QVERIFY(firstRow(*m_connection, recordSourceOf(table("buoy"))).isOk()); // it works on
    }

    // Rules of the tables say what the project says, by the names of their constraints.
    void rulesHaveTheSentencesOfTheProject()
    {
        openToRead();
        const Catalogue before = m_catalogue;
        const Table &contractor = table("contractor");
        QString named;
        for (const Check &check : contractor.checks) {
            named = check.expression.contains("agreement_from") ? ruleName(check) : named;
        }
        QVERIFY(!named.isEmpty());
        m_catalogue = withSentences(before, {{"fairway", ruleName(table("fairway"), {"name"}), "One fairway, one name"},
                                             {"contractor", named, "It ends after it begins"},
                                             {"nowhere", "none", "Nothing"}});
        Written written = insertRow(*m_connection, recordSourceOf(table("fairway")),
                                    {{"name", ask("SELECT min(name) FROM fairway")}}, context("fairway"));
        QCOMPARE(written.refusal.sentence, QString("One fairway, one name"));
        QCOMPARE(written.refusal.columns, QStringList("name"));
        written = insertRow(*m_connection, recordSourceOf(table("contractor")),
                            {{"name", "X"}, {"agreement_from", "2026-02-01"}, {"agreement_until", "2026-01-01"}},
                            context("contractor"));
        QCOMPARE(written.refusal.sentence, QString("It ends after it begins"));
        QCOMPARE(written.refusal.columns, QStringList({"agreement_from", "agreement_until"}));
        QVERIFY(!written.refusal.detail.isEmpty());
        m_catalogue = before;
    }

    // The forms of the demonstration were made on SQLite: on a server nothing of their tables counts as changed.
    void formsAreInStepOnEveryKindOfDatabase()
    {
        openToRead();
        const QDir forms(NABBLET_ROOT "/demo/fairway-depot/forms");
        int remembering = 0;
        for (const QString &name : forms.entryList({"*.nabform"})) {
            const Result<Form> form = loadForm(forms.filePath(name));
            QVERIFY(form.isOk());
            remembering += form->seenColumns.isEmpty() ? 0 : 1;
            const QList<TableChange> changes = tableChanges(*form, m_catalogue);
            QVERIFY2(changes.isEmpty(),
                     changes.isEmpty() ? "" : qPrintable(name + ": " + changeInWords(changes.first(), m_catalogue)));
        }
        QVERIFY(remembering >= 10);
    }

    void aRowThatOthersPointToStays()
    {
        openToRead();
        const RecordSource source = recordSourceOf(table("fairway"));
        const Written written = deleteRow(*m_connection, source, **firstRow(*m_connection, source), context("fairway"));
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY(!written.refusal.sentence.isEmpty());
    }

    void lookupsFindByAnyWordAndByWhatIsStored()
    {
        openToRead();
        Lookup lookup;
        lookup.table = "contractor";
        lookup.valueColumns = {"contractor_id"};
        lookup.wordsColumns = {"name"};
        lookup.also = {{"town", {}}};
        lookup.sort = {"name"};
        const Result<QList<LookupRow>> all = lookupRows(*m_connection, lookup, {}, 100);
        QVERIFY2(all.isOk(), all.isOk() ? "" : qPrintable(all.error().detail));
        QCOMPARE(QString::number(all->size()), ask("SELECT count(*) FROM contractor"));
        const LookupRow &some = all->at(3);
        const QString part = some.words.left(4).toLower();
        const Result<QList<LookupRow>> found = lookupRows(*m_connection, lookup, part, 100);
        QVERIFY2(found.isOk(), found.isOk() ? "" : qPrintable(found.error().detail));
        QVERIFY(
            std::any_of(found->begin(), found->end(), [&](const LookupRow &row) { return row.values == some.values; }));
        const Result<QList<LookupRow>> byNumber =
            lookupRows(*m_connection, lookup, some.values.first().toString(), 100);
        QVERIFY2(byNumber.isOk(), byNumber.isOk() ? "" : qPrintable(byNumber.error().detail));
        QVERIFY(std::any_of(byNumber->begin(), byNumber->end(),
                            [&](const LookupRow &row) { return row.values == some.values; }));
        QCOMPARE(*lookupWords(*m_connection, lookup, some.values), some.words);
        QCOMPARE(*lookupWords(*m_connection, lookup, {987654}), QString());
    }

    // Out of all choices the same are found, in the same order, as the database finds.
    void choicesAreFoundWithoutAskingToo()
    {
        openToRead();
        for (const QStringList &sort : {QStringList{"name"}, QStringList{"town", "name"}, QStringList()}) {
            Lookup lookup;
            lookup.table = "contractor";
            lookup.valueColumns = {"contractor_id"};
            lookup.wordsColumns = {"name"};
            lookup.also = {{"town", {}}};
            lookup.sort = sort;
            const QList<LookupRow> all = *lookupRows(*m_connection, lookup, {}, 2000);
            QVERIFY(all.size() > 10 && all.size() < 2000);
            QStringList parts{"", " ", "a", "NE", "1", "7", "%", "_", "o r", "zzz", "'"};
            for (const LookupRow &row : all) {
                parts += {row.words,
                          row.words.left(3),
                          row.words.mid(2, 3).toUpper(),
                          row.also.value(0),
                          row.words.left(2) + ' ' + row.also.value(0).left(2),
                          row.values.first().toString()};
            }
            for (const QString &part : std::as_const(parts)) {
                const QList<LookupRow> asked = *lookupRows(*m_connection, lookup, part, 200);
                const QList<LookupRow> found = choicesWith(all, lookup, part, 200);
                QStringList words[2];
                for (const LookupRow &row : asked) {
                    words[0].append(row.words);
                }
                for (const LookupRow &row : found) {
                    words[1].append(row.words);
                }
                // Letters beyond the plain ones are found more readily than some databases do.
                const bool isPlain = std::all_of(part.begin(), part.end(), [](QChar c) { return c.unicode() < 128; });
                words[1].removeIf([&](const QString &each) { return !isPlain && !words[0].contains(each); });
                QVERIFY2(words[0] == words[1],
                         qPrintable(part + ": " + words[0].join(", ") + " / " + words[1].join(", ")));
            }
        }
    }

    // What people ask for, in the words of the database itself.
    void recordsAreAskedFor()
    {
        openToRead();
        const Table &visit = table("visit");
        const Form form =
            draftForm(m_catalogue, visit, planWithChildren(m_catalogue, visit), nullptr, FixedTextMeasure());
        const QList<QPair<QString, QString>> cases{
            {"battery_v: < 11.8", "battery_v < 11.8"},
            {"battery_v: not 12; not blank", "battery_v IS NOT NULL AND battery_v <> 12"},
            {"hours: 2..4", "hours BETWEEN 2 AND 4"},
            {"lamp_works: no", "lamp_works = false"},
            {"growth: heavy; medium", "growth IN ('heavy', 'medium')"},
            {"growth: not heavy", "growth IS NULL OR growth <> 'heavy'"},
            {"remarks: battery", "lower(remarks) LIKE '%battery%'"},
            {"remarks: blank", "remarks IS NULL OR remarks = ''"},
            {"remarks: *chain*", "lower(remarks) LIKE '%chain%'"},
            {"visited_on: 2025-03..2025-05", "visited_on >= '2025-03-01' AND visited_on < '2025-06-01'"},
            {"visited_on: > 2025", "visited_on >= '2026-01-01'"},
            {"arrived_at: > 1200", "arrived_at > '12:00:00'"},
            {"reported_at: 2025-04", "reported_at >= '2025-04-01' AND reported_at < '2025-05-01'"},
            {"buoy_id: nb-21", "buoy_id IN (SELECT buoy_id FROM buoy WHERE lower(asset_no) LIKE '%nb-21%')"},
            {"vessel_id: blank", "vessel_id IS NULL"},
            {"part_fitted.quantity: > 1 & part_fitted.unit_price: < 20",
             "visit_id IN (SELECT visit_id FROM part_fitted WHERE quantity > 1 AND unit_price < 20)"},
        };
        for (const auto &[asked, where] : cases) {
            const RecordSource source = samples::sourceAsked(form, m_catalogue, {asked});
            const Result<qint64> count = countRows(*m_connection, source);
            QVERIFY2(count, qPrintable(asked + ": " + count.error().sentence + count.error().detail));
            QVERIFY2(*count == ask("SELECT count(*) FROM visit WHERE " + where).toLongLong(),
                     qPrintable(QString("%1: %2").arg(asked).arg(*count)));
            const MaybeRow first = firstRow(*m_connection, source);
            QVERIFY2(first, qPrintable(asked));
        }
        // One of several lines, and sorted by the words of a lookup, from both ends.
        RecordSource source = samples::sourceAsked(form, m_catalogue, {"battery_v: < 11.8", "hours: > 4"});
        QCOMPARE(*countRows(*m_connection, source),
                 ask("SELECT count(*) FROM visit WHERE battery_v < 11.8 OR hours > 4").toLongLong());
        const QString words = wordedName("vessel_id");
        source.worded.insert(words, *lookupOf(*samples::boxAsked(form, "vessel_id")));
        source.columns.append(words);
        source.readOnly.append(words);
        source.order = {{words, true, "letters"}};
        QStringList seen;
        qint64 rows = 0;
        for (MaybeRow row = firstRow(*m_connection, source); row && *row;
             row = rowAfter(*m_connection, source, placeOf(source, **row))) {
            const QString name = valueOf(source, **row, words).toString();
            QVERIFY(seen.isEmpty() || seen.last().toLower() >= name.toLower());
            seen.append(name);
            ++rows;
        }
        QCOMPARE(rows, *countRows(*m_connection, source));
        // Words anywhere, and the commonest values.
        qint64 found = 0;
        const RowTest holds =
            rowFilterOf(Filter{{{samples::partAsked(form, m_catalogue, "remarks: chain")}}}, form, m_catalogue)
                .lines.first()
                .first();
        const std::atomic<bool> goesOn{false};
        const Result<bool> searched = searchRows(*m_connection, *recordSourceOf(form, m_catalogue), {{holds}}, goesOn,
                                                 [&](const Row &) { return ++found > 0; });
        QVERIFY(searched && *searched);
        QCOMPARE(found, ask("SELECT count(*) FROM visit WHERE lower(remarks) LIKE '%chain%'").toLongLong());
        const auto values = commonestValues(*m_connection, *recordSourceOf(form, m_catalogue), "growth", 2);
        QVERIFY(values && values->size() == 2);
        QCOMPARE(values->first().rows,
                 ask("SELECT count(*) FROM visit GROUP BY growth ORDER BY 1 DESC LIMIT 1").toLongLong());
        const auto begun = rowsBeginning(*m_connection, recordSourceOf(table("buoy")), "asset_no", "NB-21", 500);
        QVERIFY(begun);
        QCOMPARE(begun->size(), ask("SELECT count(*) FROM buoy WHERE asset_no LIKE 'NB-21%'").toLongLong());
    }

    void totalsProfilesAndSamples()
    {
        openToRead();
        const RecordSource visits = recordSourceOf(table("visit"));
        const Result<QVariant> sum = totalOfRows(*m_connection, visits, {TotalKind::Sum, "hours"});
        QCOMPARE(sum->toDouble(), ask("SELECT sum(hours) FROM visit").toDouble());
        const std::atomic<bool> isCancelled{false};
        for (const Table &each : m_catalogue.tables) {
            const auto profile = profileTable(*m_connection, m_catalogue, each, isCancelled, {}, nullptr);
            QVERIFY2(profile.isOk(), profile.isOk() ? "" : qPrintable(profile.error().detail));
            QCOMPARE(QString::number((*profile)->rows), ask(QString("SELECT count(*) FROM %1").arg(each.name)));
        }
        const Result<RowSample> sample = sampleRows(*m_connection, visits, {"hours", Qt::DescendingOrder}, "none", 20);
        QVERIFY2(sample.isOk(), sample.isOk() ? "" : qPrintable(sample.error().detail));
        QCOMPARE(sample->rows.size(), 20);
        const auto map = mapRows(*m_connection, visits, isCancelled);
        QCOMPARE((*map)->count, *countRows(*m_connection, visits));
        QCOMPARE((**rowAt(*m_connection, visits, **map, 200)).key,
                 (RowKey{ask("SELECT visit_id FROM visit ORDER BY visit_id LIMIT 1 OFFSET 200").toLongLong()}));
    }

    void aSelectIsDescribedReadAndWritten()
    {
        open(true);
        const QString sql = "SELECT b.buoy_id, b.name, f.name AS fairway, b.depth_m * 2 AS twice -- of all\n"
                            "FROM buoy b JOIN fairway f ON f.fairway_id = b.fairway_id;";
        const Result<Table> described = describeSelect(*m_connection, m_catalogue, "own", sql);
        QVERIFY2(described.isOk(), described.isOk() ? "" : qPrintable(described.error().sentence));
        QCOMPARE(described->writesTo, "buoy");
        QCOMPARE(described->primaryKey, QStringList("buoy_id"));
        const RecordSource source = recordSourceOf(*described);
        const Row row = **firstRow(*m_connection, source);
        const Written written = updateRow(*m_connection, source, row, {{"name", "Written through"}}, context("buoy"));
        QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
        QCOMPARE(ask("SELECT name FROM buoy ORDER BY buoy_id LIMIT 1"), "Written through");
        for (const QString wrong : {"SELEC 1", "DELETE FROM buoy", "SELECT 1; SELECT 2", ""}) {
            QVERIFY2(!describeSelect(*m_connection, m_catalogue, "own", wrong).isOk(), qPrintable(wrong));
        }
        QVERIFY(ask("SELECT count(*) FROM buoy").toInt() > 100);
    }

    // Names and values that nobody would choose come through byte for byte, or are refused with a sentence.
    void hostileNamesAndValues()
    {
        open(false);
        const QStringList names{"order",      "Order",   "with \"quotes\"", "it's",   "back\\slash",
                                "semi;colon", "dot.ted", "Größe",           "日本語", QString(63, u'n'),
                                "per%cent",   "what?",   ":colon"};
        const auto quoted = [&](const QString &name) { return m_connection->quoted(name); };
        for (const QString &name : names) {
            QStringList columns{quoted("id") + " INTEGER PRIMARY KEY"};
            for (const QString &column : {name, QStringLiteral("plain")}) {
                columns.append(quoted(column) + (isMariadb() ? " LONGTEXT" : " TEXT"));
            }
            const QString said = ask(QString("CREATE TABLE %1 (%2)").arg(quoted(name), columns.join(", ")));
            QVERIFY2(said.isEmpty() || said.startsWith("CREATE"), qPrintable(said));
        }
        openAgain();
        QCOMPARE(m_catalogue.tables.size(), names.size());
        const QStringList values{"",
                                 "'; DROP TABLE \"order\"; --",
                                 "back\\slash \\' and \"",
                                 "line\nbreak\ttab\r\n",
                                 QString::fromUtf8("😀 \xd9\x85\xd8\xb1\xd8\xad\xd8\xa8\xd8\xa7"),
                                 "trailing   ",
                                 "?",
                                 "??",
                                 "$1",
                                 "%s",
                                 ":name",
                                 QString(1 << 20, u'ä')};
        for (const Table &each : m_catalogue.tables) {
            const RecordSource source = recordSourceOf(each);
            const QString odd = each.columns.at(1).name;
            int id = 0;
            for (const QString &value : values) {
                Written written = insertRow(*m_connection, source, {{"id", ++id}, {odd, value}}, context(each.name));
                QVERIFY2(written.kind == Written::Done, qPrintable(each.name + ": " + written.refusal.detail));
                QCOMPARE(valueOf(source, *written.row, odd).toString(), value);
                QVERIFY(!valueOf(source, *written.row, odd).isNull());
                QVERIFY(valueOf(source, *written.row, "plain").isNull());
                written = updateRow(*m_connection, source, *written.row, {{"plain", value}}, context(each.name));
                QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
                QCOMPARE(valueOf(source, *written.row, "plain").toString(), value);
            }
            const Written refused =
                insertRow(*m_connection, source, {{"id", 9999}, {odd, QString("nul %1 in it").arg(QChar(0))}},
                          context(each.name));
            const bool isWhole = refused.kind == Written::Done &&
                                 valueOf(source, *refused.row, odd).toString() == QString("nul %1 in it").arg(QChar(0));
            QVERIFY(isWhole || (refused.kind == Written::Refused && !refused.refusal.sentence.isEmpty()));
        }
    }

    void numbersAndDatesAtTheirEnds()
    {
        open(false);
        ask(QString("CREATE TABLE ends (id BIGINT PRIMARY KEY, exact NUMERIC(30,10), day DATE, moment %1, half DOUBLE "
                    "PRECISION, "
                    "note TEXT)")
                .arg(isMariadb() ? "DATETIME" : "TIMESTAMP"));
        openAgain();
        const RecordSource source = recordSourceOf(table("ends"));
        const QList<QVariantList> rows{
            {9007199254740993LL, "12345678901234567890.0123456789", "0001-01-01", "9999-12-31 23:59:59", 0.1},
            {std::numeric_limits<qint64>::max(), "-0.0000000001", "9999-12-31", "1000-01-01 00:00:00", 1e-300},
            {std::numeric_limits<qint64>::min(), "0.0000000000", "2024-02-29", "2024-02-29 12:00:00", -2.5},
        };
        for (const QVariantList &row : rows) {
            Written written = insertRow(*m_connection, source,
                                        {{"id", row.at(0)},
                                         {"exact", row.at(1)},
                                         {"day", row.at(2)},
                                         {"moment", row.at(3)},
                                         {"half", row.at(4)}},
                                        context("ends"));
            QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
            QCOMPARE(written.row->key.first().toLongLong(), row.at(0).toLongLong());
            QCOMPARE(valueOf(source, *written.row, "day").toString(), row.at(2).toString());
            QCOMPARE(ask(QString("SELECT exact FROM ends WHERE id = %1").arg(row.at(0).toLongLong())),
                     row.at(1).toString());
            // What was read is what is stored: a change of something else finds it so.
            written = updateRow(*m_connection, source, *written.row, {{"note", "seen"}}, context("ends"));
            QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.sentence));
            QCOMPARE(ask(QString("SELECT exact FROM ends WHERE id = %1").arg(row.at(0).toLongLong())),
                     row.at(1).toString());
        }
    }

    // Types that only some servers have: what is read can be compared and written back, and nothing else is changed.
    void oddTypesComeThrough()
    {
        open(false);
        const QList<QPair<QString, QString>> postgresql{
            {"integer[]", "'{1,2,NULL}'"},
            {"text[]", "'{\"a b\",c}'"},
            {"json", "'{\"a\": [1, 2]}'"},
            {"jsonb", "'{\"a\": null}'"},
            {"uuid", "'a0eebc99-9c0b-4ef8-bb6d-6bb9bd380a11'"},
            {"money", "1234.5"},
            {"interval", "'1 year 2 days 03:04:05.6'"},
            {"int4range", "'[1,9)'"},
            {"inet", "'10.0.0.1/8'"},
            {"bit(5)", "B'10101'"},
            {"bit varying(9)", "B'101'"},
            {"mood", "'so so'"},
            {"hours_of_a_day", "7.5"},
            {"timestamp with time zone", "'2024-07-01 10:00:00.123456+00'"},
            {"time with time zone", "'10:00:00+02'"},
            {"date", "'infinity'"},
            {"timestamp", "'-infinity'"},
            {"numeric", "'NaN'"},
            {"double precision", "'-Infinity'"},
            {"real", "0.1"},
            {"char(7)", "'ab'"},
            {"\"char\"", "'x'"},
            {"bytea", "'\\x00ff10'"},
            {"point", "'(1,2)'"},
            {"xml", "'<a>b</a>'"},
            {"tsvector", "'a fat cat'"},
            {"smallint", "-32768"},
            {"boolean", "true"},
        };
        const QList<QPair<QString, QString>> mariadb{
            {"BIGINT UNSIGNED", "18446744073709551615"},
            {"TINYINT UNSIGNED", "255"},
            {"YEAR", "1999"},
            {"SET('a','b c','d')", "'a,b c'"},
            {"ENUM('low','it''s high')", "'it''s high'"},
            {"JSON", "'{\"a\": [1, 2]}'"},
            {"TINYINT(1)", "1"},
            {"BIT(9)", "b'101010101'"},
            {"DECIMAL(30,10)", "12345678901234567890.0123456789"},
            {"FLOAT", "0.1"},
            {"DOUBLE", "0.1"},
            {"DATETIME(6)", "'2024-07-01 10:00:00.123456'"},
            {"TIMESTAMP NULL", "'2024-07-01 10:00:00'"},
            {"TIME", "'-12:30:00'"},
            {"DATE", "'0000-00-00'"},
            {"CHAR(7)", "'ab'"},
            {"VARCHAR(20) CHARACTER SET latin1", "'Größe'"},
            {"BINARY(4)", "x'00ff10aa'"},
            {"VARBINARY(9)", "x'00ff'"},
            {"UUID", "'a0eebc99-9c0b-4ef8-bb6d-6bb9bd380a11'"},
            {"INET6", "'::1'"},
            {"POINT", "ST_GeomFromText('POINT(1 2)')"},
            {"TEXT", "'trailing  '"},
        };
        ask(isMariadb() ? "SELECT 1"
                        : "CREATE TYPE mood AS ENUM ('sad', 'so so', 'fine'); "
                          "CREATE DOMAIN hours_of_a_day AS numeric(4,2) CHECK (VALUE >= 0 AND VALUE <= 24)");
        int number = 0;
        for (const auto &[type, value] : isMariadb() ? mariadb : postgresql) {
            const QString name = QString("odd_%1").arg(++number);
            const QString said =
                ask(QString("%4CREATE TABLE %1 (id INTEGER PRIMARY KEY, it %2, note TEXT); INSERT INTO %1 "
                            "(id, it) VALUES (1, %3), (2, NULL)")
                        .arg(name, type, value, isMariadb() ? "SET sql_mode = ''; SET NAMES utf8mb4; " : ""));
            QVERIFY2(!said.contains("ERROR"), qPrintable(type + ": " + said));
        }
        openAgain();
        if (!isMariadb()) {
            QCOMPARE(findColumn(table("odd_12"), "it")->choices.size(), 3);
            QCOMPARE(findColumn(table("odd_13"), "it")->type, ColumnType::DecimalNumber);
            QCOMPARE(table("odd_13").checks.size(), 1);
        }
        number = 0;
        for (const auto &[type, value] : isMariadb() ? mariadb : postgresql) {
            const QString name = QString("odd_%1").arg(++number);
            const auto stored = [&] {
                return ask(
                    QString(isMariadb() ? "SELECT hex(it) FROM %1 ORDER BY id" : "SELECT it::text FROM %1 ORDER BY id")
                        .arg(name));
            };
            const QString before = stored();
            const RecordSource source = recordSourceOf(table(name));
            for (const int id : {1, 2}) {
                const Row row = rowWhere(name, {id});
                const QVariant read = valueOf(source, row, "it");
                QCOMPARE(read.isNull(), id == 2);
                // A change of something else finds the row as it was read.
                const Written written = updateRow(*m_connection, source, row, {{"note", "seen"}}, context(name));
                QVERIFY2(written.kind == Written::Done, qPrintable(QString("%1 (%2): %3 %4")
                                                                       .arg(type, read.toString())
                                                                       .arg(written.kind)
                                                                       .arg(written.refusal.detail)));
                QCOMPARE(stored(), before);
                // Written back as it was read, it is the same.
                if (type != "POINT" && value != "'0000-00-00'") {
                    const Written again = updateRow(*m_connection, source, *written.row, {{"it", read}}, context(name));
                    QVERIFY2(again.kind == Written::Done,
                             qPrintable(QString("%1 (%2): %3").arg(type, read.toString(), again.refusal.detail)));
                    QCOMPARE(stored(), before);
                }
            }
        }
    }

    // Tables of schemas that the search path does not find are named with them, whatever the names hold.
    void tablesOfOtherSchemas()
    {
        open(false);
        if (isMariadb()) {
            QSKIP("a schema is a database there");
        }
        ask("CREATE SCHEMA \"Other.Yard\"; CREATE TABLE \"Other.Yard\".\"a \"\"b\"\".c\" (id INTEGER PRIMARY KEY, name "
            "TEXT); "
            "CREATE TABLE place (id INTEGER PRIMARY KEY, far INTEGER REFERENCES \"Other.Yard\".\"a \"\"b\"\".c\"); "
            "CREATE TABLE \"Other.Yard\".place (id INTEGER PRIMARY KEY, note TEXT)");
        openAgain();
        QCOMPARE(m_catalogue.tables.size(), 3);
        const QString odd = "Other..Yard.a \"b\"..c";
        QCOMPARE(table("place").foreignKeys.first().parentTable, odd);
        QVERIFY(findColumn(table("Other..Yard.place"), "note"));
        const RecordSource source = recordSourceOf(table(odd));
        Written written = insertRow(*m_connection, source, {{"id", 7}, {"name", "far away"}}, context(odd));
        QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
        written = updateRow(*m_connection, source, *written.row, {{"name", "farther"}}, context(odd));
        QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
        QCOMPARE(ask("SELECT name FROM \"Other.Yard\".\"a \"\"b\"\".c\""), "farther");
        Lookup lookup;
        lookup.table = odd;
        lookup.valueColumns = {"id"};
        lookup.wordsColumns = {"name"};
        QCOMPARE(*lookupWords(*m_connection, lookup, {7}), "farther");
        QCOMPARE(deleteRow(*m_connection, source, *written.row, context(odd)).kind, Written::Done);
    }

    // Columns that one may not see are not offered, those that one may not change are only read, and what is forbidden
    // is said.
    void rightsAreRespected()
    {
        open(false);
        ask("CREATE TABLE guarded (id INTEGER PRIMARY KEY, name VARCHAR(20), fixed VARCHAR(20), secret VARCHAR(20))");
        ask("INSERT INTO guarded VALUES (1, 'a', 'b', 'c')");
        const QString looker = "looker_" + m_database;
        ask(isMariadb()
                ? QString("CREATE USER %1@localhost; GRANT SELECT (id, name, fixed), UPDATE (name) ON %2.guarded TO "
                          "%1@localhost")
                      .arg(looker, m_database)
                : QString("CREATE ROLE %1 LOGIN; GRANT SELECT (id, name, fixed), UPDATE (name) ON guarded TO %1")
                      .arg(looker));
        DatabaseAddress address = m_server->addressOf(m_database);
        address.parts.insert("user", looker);
        m_connection.reset();
        const Result<Connection> opened = Connection::open(address);
        QVERIFY2(opened.isOk(), opened ? "" : qPrintable(opened.error().detail));
        m_connection = *opened;
        m_catalogue = *m_connection->readCatalogue();
        const Table &guarded = table("guarded");
        QCOMPARE(columnNames(guarded), QStringList({"id", "name", "fixed"}));
        QVERIFY(findColumn(guarded, "name")->readOnlyReason.isEmpty());
        QVERIFY(!findColumn(guarded, "fixed")->readOnlyReason.isEmpty());
        const RecordSource source = recordSourceOf(guarded);
        Written written =
            updateRow(*m_connection, source, rowWhere("guarded", {1}), {{"name", "changed"}}, context("guarded"));
        QVERIFY2(written.kind == Written::Done, qPrintable(written.refusal.detail));
        written = updateRow(*m_connection, source, *written.row, {{"fixed", "changed"}}, context("guarded"));
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY2(written.refusal.sentence.contains("no right"), qPrintable(written.refusal.sentence));
        written = insertRow(*m_connection, source, {{"id", 2}, {"name", "new"}}, context("guarded"));
        QVERIFY2(written.refusal.sentence.contains("no right"), qPrintable(written.refusal.sentence));
        QCOMPARE(deleteRow(*m_connection, source, rowWhere("guarded", {1}), context("guarded")).kind, Written::Refused);
        m_connection.reset();
    }

    // A server that is only read says so when it is opened, and lets nothing be written.
    void aServerThatIsOnlyRead()
    {
        open(true);
        DatabaseAddress address = m_server->addressOf(m_database);
        if (isMariadb()) {
            ask("CREATE USER reader@localhost; GRANT SELECT, INSERT, UPDATE, DELETE ON *.* TO reader@localhost; SET "
                "GLOBAL "
                "read_only = 1");
            address.parts.insert("user", "reader");
        } else {
            address.parts.insert("options", "-c default_transaction_read_only=on");
        }
        m_connection.reset();
        m_connection = *Connection::open(address);
        QVERIFY(m_connection->isReadOnly());
        const Written written =
            insertRow(*m_connection, recordSourceOf(table("fairway")), {{"name", "New"}}, context("fairway"));
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY2(written.refusal.sentence.contains("only lets you look"), qPrintable(written.refusal.sentence));
        m_connection.reset();
        if (isMariadb()) {
            ask("SET GLOBAL read_only = 0");
        }
    }

    // Two at once on one row: nobody's change is lost without being seen.
    void twoWritersOnOneRow()
    {
        open(false);
        ask("CREATE TABLE tally (id INTEGER PRIMARY KEY, n INTEGER NOT NULL)");
        ask("INSERT INTO tally VALUES (1, 0)");
        openAgain();
        constexpr int Rounds = 500;
        const DatabaseAddress address = m_server->addressOf(m_database);
        const auto count = [&] {
            const Connection connection = *Connection::open(address);
            const Catalogue catalogue = *connection.readCatalogue();
            const RecordSource source = recordSourceOf(*findTable(catalogue, "tally"));
            const RefusalContext why{catalogue, *findTable(catalogue, "tally"), [](const QString &c) { return c; }};
            int done = 0;
            while (done < Rounds) {
                const Row row = **rowWithKey(connection, source, {1});
                const qint64 n = valueOf(source, row, "n").toLongLong();
                const Written written = updateRow(connection, source, row, {{"n", n + 1}}, why);
                done += written.kind == Written::Done ? 1 : 0;
                if (written.kind == Written::Gone) {
                    return -1;
                }
            }
            return done;
        };
        std::future<int> other = std::async(std::launch::async, count);
        QCOMPARE(count(), Rounds);
        QCOMPARE(other.get(), Rounds);
        QCOMPARE(ask("SELECT n FROM tally"), QString::number(2 * Rounds));
    }

    void aLongStatementEnds()
    {
        openToRead();
        QElapsedTimer clock;
        clock.start();
        Interruption &limit = m_connection->interruption();
        limit.hasLimit = true;
        limit.isOver = false;
        limit.most = 100;
        limit.clock.start();
        const QString slow =
            "SELECT count(*) FROM visit a, visit b, visit c, visit d, visit e WHERE a.hours + b.hours + "
            "c.hours + d.hours + e.hours < 0";
        QSqlQuery query(m_connection->database());
        QVERIFY(!query.exec(slow));
        QVERIFY(m_connection->dialect().wasInterrupted(query.lastError()));
        QVERIFY2(clock.elapsed() < 20000, "it was ended and did not end by itself");
        limit.hasLimit = false;
        QVERIFY(firstRow(*m_connection, recordSourceOf(table("buoy"))).isOk());
        // From another thread.
        const std::function<void()> end = m_connection->dialect().interrupter(m_connection->database());
        std::future<void> ender = std::async(std::launch::async, [end] {
            QThread::msleep(150);
            end();
        });
        QVERIFY(!query.exec(slow));
        QVERIFY2(m_connection->dialect().wasInterrupted(query.lastError()),
                 qPrintable(query.lastError().nativeErrorCode() + ' ' + query.lastError().databaseText()));
        ender.wait();
    }

    // Another statement while rows of one are still to come, and one that is let go before its end.
    void statementsMayOverlap()
    {
        openToRead();
        QSqlQuery outer(m_connection->database());
        outer.setForwardOnly(true);
        QVERIFY(outer.exec("SELECT visit_id FROM visit ORDER BY visit_id"));
        int rows = 0;
        while (outer.next()) {
            ++rows;
            if (rows % 50 == 0) {
                QSqlQuery inner(m_connection->database());
                inner.setForwardOnly(true);
                QVERIFY(inner.exec("SELECT name FROM buoy"));
                QVERIFY(inner.next());
            }
        }
        QCOMPARE(QString::number(rows), ask("SELECT count(*) FROM visit"));
        {
            QSqlQuery left(m_connection->database());
            left.setForwardOnly(true);
            QVERIFY(left.exec("SELECT a.visit_id FROM visit a, visit b"));
            QVERIFY(left.next());
        }
        QVERIFY(firstRow(*m_connection, recordSourceOf(table("buoy"))).isOk());
    }

    void changesOfOthersAreNoticed()
    {
        open(true);
        const DatabaseState first = m_connection->dialect().state(m_connection->database());
        QVERIFY(first.isKnown);
        const DatabaseState same = m_connection->dialect().state(m_connection->database());
        QCOMPARE(same.catalogue, first.catalogue);
        QCOMPARE(same.data, first.data);
        ask("UPDATE fairway SET notes = 'x'");
        const DatabaseState data = m_connection->dialect().state(m_connection->database());
        QVERIFY(data.data != first.data);
        QCOMPARE(data.catalogue, first.catalogue);
        ask("ALTER TABLE fairway RENAME COLUMN notes TO remarks");
        QVERIFY(m_connection->dialect().state(m_connection->database()).catalogue != first.catalogue);
    }

    // A connection that comes back by itself knows nothing of the transaction that was lost with the old one.
    void aLostTransactionIsNeverKept()
    {
        open(false);
        ask("CREATE TABLE kept (id INTEGER PRIMARY KEY, words TEXT)");
        openAgain();
        Transaction transaction(*m_connection);
        QVERIFY(transaction.hasBegun());
        QSqlQuery query(m_connection->database());
        QVERIFY(query.exec("INSERT INTO kept VALUES (1, 'lost')"));
        m_server->kill();
        m_server->start();
        QTest::qWait(2100); // it may connect anew
        QVERIFY(!query.exec("INSERT INTO kept VALUES (2, 'lost as well')"));
        QVERIFY(!query.exec("INSERT INTO kept VALUES (3, 'and this')"));
        QVERIFY(!transaction.commit());
        const auto isThere = [&] {
            return query.exec("SELECT count(*) FROM kept WHERE id = 4") && query.next() && query.value(0).toInt() == 1;
        };
        QTRY_VERIFY2_WITH_TIMEOUT(query.exec("INSERT INTO kept VALUES (4, 'there')") || isThere(),
                                  qPrintable(query.lastError().databaseText()), 10000);
        QCOMPARE(ask("SELECT min(id) FROM kept"), "4");
    }

    // A transaction that the server undid by itself is told so, even where it takes the end of it without a word.
    void whatTheServerUndidIsNotKept()
    {
        open(false);
        ask("CREATE TABLE kept (id INTEGER PRIMARY KEY, words TEXT)");
        QStringList rows;
        for (int i = 1; i <= 300; ++i) {
            rows.append(QString("(%1, 'first')").arg(i));
        }
        ask("INSERT INTO kept VALUES " + rows.join(", "));
        openAgain();
        QSqlQuery query(m_connection->database());
        std::future<QString> other;
        {
            Transaction transaction(*m_connection);
            QVERIFY(transaction.hasBegun());
            QVERIFY(query.exec("UPDATE kept SET words = 'ours' WHERE id = 1"));
            if (isMariadb()) { // each waits for the other; who has written less is undone
                other = std::async(std::launch::async, [this] {
                    return ask("START TRANSACTION; UPDATE kept SET words = 'theirs' WHERE id > 1; SELECT sleep(1); "
                               "UPDATE kept SET words = 'theirs' WHERE id = 1; COMMIT");
                });
                QTRY_COMPARE_WITH_TIMEOUT(
                    ask("SELECT count(*) FROM information_schema.processlist WHERE state = 'User sleep'"), "1", 10000);
                QVERIFY(!query.exec("UPDATE kept SET words = 'ours' WHERE id = 2"));
                QVERIFY(m_connection->dialect().isContended(query.lastError()));
            } else {
                QVERIFY(!query.exec("SELECT 1 / 0"));
            }
            QVERIFY(!query.exec("INSERT INTO kept VALUES (1000, 'without it')"));
            QVERIFY(!transaction.commit());
        }
        if (other.valid()) {
            other.wait();
        }
        QCOMPARE(ask("SELECT count(*) FROM kept WHERE words = 'ours' OR id = 1000"), "0");
        // And what comes afterwards is kept.
        Transaction again(*m_connection);
        QVERIFY(query.exec("INSERT INTO kept VALUES (1001, 'afterwards')"));
        QVERIFY(again.commit());
        QCOMPARE(ask("SELECT words FROM kept WHERE id = 1001"), "afterwards");
    }

    // Killed in the middle of saves: a record is there once or not at all, and the connection comes back by itself.
    void aKilledServerTakesARecordOnceOrNotAtAll()
    {
        open(false);
        ask("CREATE TABLE kept (id INTEGER PRIMARY KEY, words TEXT)");
        openAgain();
        const RecordSource source = recordSourceOf(table("kept"));
        const RefusalContext why = context("kept");
        int id = 0;
        for (int round = 0; round < 5; ++round) {
            for (int i = 0; i < 40; ++i) {
                insertRow(*m_connection, source, {{"id", ++id}, {"words", QString::number(id)}}, why);
                if (i == 20 + round) {
                    m_server->kill();
                }
            }
            const Written lost = insertRow(*m_connection, source, {{"id", ++id}, {"words", "lost"}}, why);
            QCOMPARE(lost.kind, Written::Refused);
            QVERIFY(!lost.refusal.sentence.isEmpty());
            m_server->start();
            QTRY_VERIFY_WITH_TIMEOUT(firstRow(*m_connection, source).isOk(), 10000);
        }
        QCOMPARE(ask("SELECT count(*) - count(DISTINCT words) FROM kept"), "0");
        QVERIFY(ask("SELECT count(*) FROM kept").toInt() >= 5 * 20);
    }
};

QTEST_GUILESS_MAIN(TestServers)
#include "tst_servers.moc"
