// Drafts over databases that nobody made for this program: every table in all three arrangements, without a flaw.
#include "core/check/form_quality.h"
#include "core/draft/draft.h"
#include "core/text/text_measure.h"
#include "data/profile/profiler.h"
#include "support/odd_databases.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestOddDatabases : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;

private Q_SLOTS:
    void everyDraftHolds_data()
    {
        QTest::addColumn<QString>("sql");
        for (const samples::OddDatabase &each : samples::oddDatabases()) {
            QTest::newRow(each.name) << each.sql;
        }
    }

    void everyDraftHolds()
    {
        QFETCH(QString, sql);
        const QString path = m_folder.filePath(QString::number(qHash(QString(QTest::currentDataTag()))) + ".db");
        samples::sqlite3(path, "PRAGMA user_version = 1;" + sql);
        const Connection connection = samples::opened(path);
        const Result<Catalogue> catalogue = connection.readCatalogue();
        QVERIFY2(catalogue.isOk(), qPrintable(catalogue.error().sentence));
        QCOMPARE(findTable(*catalogue, "plain") != nullptr, sql.contains("TABLE plain"));
        // As many tables and views as can be read at all; of none, nothing below would be tried.
        const QString made =
            samples::sqlite3(path, "SELECT count(*) FROM sqlite_schema WHERE type IN ('table', 'view') AND "
                                   "name NOT IN ('broken', 'lost') AND name NOT LIKE 'words\\_%' ESCAPE '\\'");
        QVERIFY2(made.toInt() == catalogue->tables.size(), qPrintable(made));
        QCOMPARE(catalogue->tables.isEmpty(), sql == "SELECT 1;");
        const FixedTextMeasure measure;
        const std::atomic<bool> goesOn{false};
        Learned learned;
        for (const Table &table : catalogue->tables) {
            const auto read = profileTable(connection, *catalogue, table, goesOn);
            QVERIFY2(read.isOk(), qPrintable(table.name + ": " + read.error().sentence));
            learned.profiles.insert(table.name, **read);
            const Profile profile = learned.profiles.value(table.name); // learning more moves the others
            DraftPlan plan = planWithChildren(*catalogue, table, &profile);
            // Everything that can be asked for, two deep.
            for (PlannedChild &child : plan.children) {
                child.isTaken = true;
                completeChild(*catalogue, child);
                for (PlannedChild &deeper : child.plan.children) {
                    deeper.isTaken = true;
                    deeper.place = ChildPlace::Button;
                    completeChild(*catalogue, deeper);
                }
            }
            const Result<bool> children = learnChildren(connection, *catalogue, plan, learned, goesOn);
            QVERIFY2(children.isOk(), qPrintable(children.error().sentence));
            plan = withLearned(*catalogue, plan, learned);
            for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked, Arrangement::Tabular}) {
                plan.arrangement = arrangement;
                plan.hasTotals = true;
                const Form form = draftForm(*catalogue, table, plan, &profile, measure, learned.profiles);
                const FormQuality quality = qualityOf(form, *catalogue, learned.profiles, measure);
                const QString which = table.name + ' ' + QString::number(int(arrangement));
                QVERIFY2(quality.overlaps == 0, qPrintable(which));
                QVERIFY2(quality.offGrid == 0, qPrintable(which));
                QVERIFY2(quality.cutCaptions == 0, qPrintable(which));
                QVERIFY2(quality.requiredMissing == 0, qPrintable(which));
                QVERIFY2(quality.linksWithoutLookup == 0, qPrintable(which));
                QVERIFY2(quality.typeableIdentities == 0, qPrintable(which));
                QVERIFY2(quality.leastFit >= 0.98, qPrintable(which + ' ' + quality.leastFitBox));
                QVERIFY2(form.width <= 1200, qPrintable(which + ' ' + QString::number(form.width)));
            }
        }
    }
};

QTEST_GUILESS_MAIN(TestOddDatabases)
#include "tst_odd_databases.moc"
