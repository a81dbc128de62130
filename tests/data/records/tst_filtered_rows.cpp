// Records that people ask for: what the database gives is what an independent SELECT gives, and walking, counting and
// finding by number agree with it.
#include "core/draft/draft.h"
#include "core/kinds/settings/lookup.h"
#include "data/records/records.h"
#include "support/asked.h"
#include "support/sample_database.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestFilteredRows : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::optional<Connection> m_connection;
    Catalogue m_catalogue;
    Form m_form;

    FilterPart part(const QString &asked) const { return samples::partAsked(m_form, m_catalogue, asked); }
    RecordSource sourceFor(const QStringList &lines) const { return samples::sourceAsked(m_form, m_catalogue, lines); }
    QStringList walked(const RecordSource &source) const
    {
        QStringList keys;
        MaybeRow row = firstRow(*m_connection, source);
        while (row.isOk() && *row) {
            keys.append((**row).key.first().toString());
            row = rowAfter(*m_connection, source, placeOf(source, **row));
        }
        if (!row) {
            qWarning("%s", qPrintable(row.error().sentence));
            return {"failed"};
        }
        return keys;
    }

private Q_SLOTS:
    void initTestCase()
    {
        const QString project = samples::depotProject(m_folder);
        m_path = project + "/fairway.db";
        m_connection = samples::opened(m_path);
        m_catalogue = *m_connection->readCatalogue();
        const Table &visit = *findTable(m_catalogue, "visit");
        m_form = draftForm(m_catalogue, visit, planWithChildren(m_catalogue, visit), nullptr, FixedTextMeasure());
    }

    void asTheDatabaseSays_data()
    {
        QTest::addColumn<QString>("asked"); // lines parted by " | "
        QTest::addColumn<QString>("where");
        const auto row = [](const char *asked, const char *where) {
            QTest::newRow(asked) << QString(asked) << QString(where);
        };
        row("battery_v: < 11.8", "battery_v < 11.8");
        row("battery_v: 11.8..12.2", "battery_v BETWEEN 11.8 AND 12.2");
        row("battery_v: blank", "battery_v IS NULL");
        row("battery_v: not 12", "battery_v IS NULL OR battery_v <> 12");
        row("hours: 2; > 5", "hours = 2 OR hours > 5");
        row("remarks: battery", "remarks LIKE '%battery%'");
        row("remarks: not battery", "remarks IS NULL OR remarks NOT LIKE '%battery%'");
        row("remarks: blank", "coalesce(remarks, '') = ''");
        row("visited_on: 2025", "visited_on >= '2025-01-01' AND visited_on < '2026-01-01'");
        row("visited_on: 2025-03..2025-05", "visited_on >= '2025-03-01' AND visited_on < '2025-06-01'");
        row("visited_on: < 2025-03 & hours: >= 3", "visited_on < '2025-03-01' AND hours >= 3");
        row("buoy_id: NB-21", "buoy_id IN (SELECT buoy_id FROM buoy WHERE asset_no LIKE '%NB-21%')");
        row("battery_v: < 11.8 | hours: > 6", "battery_v < 11.8 OR hours > 6");
    }
    void asTheDatabaseSays()
    {
        QFETCH(QString, asked);
        QFETCH(QString, where);
        const RecordSource source = sourceFor(asked.split(" | "));
        const QStringList expected =
            samples::sqlite3(m_path, "SELECT visit_id FROM visit WHERE " + where + " ORDER BY visit_id")
                .split('\n', Qt::SkipEmptyParts);
        QCOMPARE(walked(source), expected);
        QCOMPARE(*countRows(*m_connection, source), expected.size());
        const std::atomic<bool> goesOn{false};
        const auto map = mapRows(*m_connection, source, goesOn);
        QCOMPARE((**map).count, expected.size());
        for (qsizetype i = 0; i < expected.size(); i += 1 + expected.size() / 7) {
            QCOMPARE((**rowAt(*m_connection, source, **map, i)).key.first().toString(), expected.at(i));
        }
        QVERIFY2(!expected.isEmpty() &&
                     expected.size() < samples::sqlite3(m_path, "SELECT count(*) FROM visit").toInt(),
                 qPrintable(QString::number(expected.size()))); // else it tells nothing
    }

    // One and the same row has to meet all that is asked of rows that belong to the record.
    void rowsThatBelong()
    {
        const QStringList parts =
            samples::sqlite3(m_path, "SELECT name FROM pragma_table_info('part_fitted')").split('\n');
        QVERIFY(parts.contains("quantity"));
        const RecordSource source = sourceFor({"part_fitted.quantity: > 1 & part_fitted.unit_price: < 20"});
        QCOMPARE(walked(source).join('\n'),
                 samples::sqlite3(m_path,
                                  "SELECT visit_id FROM visit WHERE visit_id IN (SELECT visit_id FROM part_fitted "
                                  "WHERE quantity > 1 AND unit_price < 20) ORDER BY visit_id"));
    }

    // A record that was changed so that it does not meet the filter is read by its key all the same.
    void aRowIsReadByItsKey()
    {
        const RecordSource source = sourceFor({"battery_v: < 11.8"});
        const QString other = samples::sqlite3(m_path, "SELECT min(visit_id) FROM visit WHERE battery_v > 12");
        const MaybeRow row = rowWithKey(*m_connection, source, {other.toInt()});
        QVERIFY(row && *row);
        QVERIFY(!*isAmong(*m_connection, source, {other.toInt()}));
        QVERIFY(*isAmong(*m_connection, source, (**firstRow(*m_connection, source)).key));
    }

    // In the order of the words that a lookup shows, whichever way one goes.
    void sortedByTheWordsOfALookup()
    {
        RecordSource source = sourceFor({"hours: > 3"});
        const Control &box = *samples::boxAsked(m_form, "vessel_id");
        const QString name = wordedName("vessel_id");
        source.worded.insert(name, *lookupOf(box));
        source.columns.append(name);
        source.readOnly.append(name);
        for (const bool isDescending : {false, true}) {
            source.order = {{name, isDescending, "letters"}};
            const QStringList keys = walked(source);
            QStringList words;
            for (const QString &key : keys) {
                const MaybeRow row = rowWithKey(*m_connection, source, {key.toInt()});
                words.append(valueOf(source, **row, name).toString());
            }
            QStringList sorted = words;
            std::sort(sorted.begin(), sorted.end(), [&](const QString &a, const QString &b) {
                return isDescending ? b.toLower() < a.toLower() : a.toLower() < b.toLower();
            });
            QCOMPARE(words, sorted);
            QStringList all = keys;
            std::sort(all.begin(), all.end(), [](const QString &a, const QString &b) { return a.toInt() < b.toInt(); });
            QCOMPARE(all.join('\n'),
                     samples::sqlite3(m_path, "SELECT visit_id FROM visit WHERE hours > 3 ORDER BY visit_id"));
        }
    }

    // Words are never SQL, and signs of patterns are letters like others.
    void wordsAreNeverSql()
    {
        for (const char *odd : {"' OR 1=1 --", "%", "_", "!", "\\", "?? ??", "\"; DROP TABLE visit"}) {
            FilterPart asks = part("remarks: x");
            asks.anyOf.first().value = QString(odd);
            RecordSource source = *recordSourceOf(m_form, m_catalogue);
            source.filter = std::make_shared<const RowFilter>(rowFilterOf({{{asks}}}, m_form, m_catalogue));
            QStringList keys;
            const QStringList all =
                samples::sqlite3(m_path,
                                 "SELECT visit_id || '\t' || coalesce(remarks, '') FROM visit ORDER BY visit_id")
                    .split('\n');
            for (const QString &line : all) {
                if (line.section('\t', 1).contains(QString(odd), Qt::CaseInsensitive)) {
                    keys.append(line.section('\t', 0, 0));
                }
            }
            QCOMPARE(walked(source), keys);
        }
    }
};

QTEST_GUILESS_MAIN(TestFilteredRows)
#include "tst_filtered_rows.moc"
