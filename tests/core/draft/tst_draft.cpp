#include "core/arrange/containers.h"
#include "core/draft/draft.h"
#include "core/draft/field_kinds.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestDraft : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    static Catalogue depot()
    {
        Table fairway;
        fairway.name = "fairway";
        fairway.columns = {samples::column("fairway_id", "INTEGER"), samples::column("chart_no", "VARCHAR(12)"),
                           samples::column("name", "VARCHAR(60)", true)};
        fairway.primaryKey = {"fairway_id"};
        Table buoy;
        buoy.name = "buoy";
        buoy.columns = {samples::column("buoy_id", "INTEGER"),      samples::column("asset_no", "VARCHAR(12)", true),
                        samples::column("remarks", "TEXT"),         samples::column("fairway_id", "INTEGER", true),
                        samples::column("is_lit", "BOOLEAN", true), samples::column("status", "TEXT", true),
                        samples::column("depth_m", "DECIMAL(5,1)"), samples::column("laid_on", "DATE"),
                        samples::column("photo", "BLOB"),           samples::column("cost", "DECIMAL(8,2)"),
                        samples::column("website", "VARCHAR(200)")};
        buoy.columns[0].numbersItself = true;
        buoy.columns[5].choices = {"on station", "adrift"};
        buoy.columns[9].isGenerated = true;
        buoy.primaryKey = {"buoy_id"};
        buoy.foreignKeys = {ForeignKey{{"fairway_id"}, "fairway", {"fairway_id"}}};
        return {{buoy, fairway}};
    }

    static const Control *boundTo(const Form &form, const QString &column)
    {
        for (const Control &control : form.controls) {
            if (control.column == column) {
                return &control;
            }
        }
        return nullptr;
    }

    static Table wideTable(int columns)
    {
        static const QStringList Types{"VARCHAR(40)",  "INTEGER", "DATE",        "BOOLEAN",
                                       "DECIMAL(8,2)", "TEXT",    "VARCHAR(12)", "BLOB"};
        Table table;
        table.name = "wide";
        for (int i = 0; i < columns; ++i) {
            table.columns.append(samples::column(QString("column_number_%1").arg(i), Types.at(i % Types.size())));
        }
        return table;
    }

private Q_SLOTS:
    void everyColumnGetsItsKind()
    {
        const Catalogue catalogue = depot();
        const Form form = draftColumnar(catalogue, catalogue.tables.first(), m_measure);
        const QList<QPair<QString, QString>> expected{
            {"asset_no", "text-box"}, {"remarks", "long-text"}, {"fairway_id", "drop-down"},
            {"is_lit", "tick-box"},   {"status", "option-set"}, {"depth_m", "decimal-number"},
            {"laid_on", "date"},      {"photo", "picture"},     {"website", "link"}};
        for (const auto &[column, kind] : expected) {
            const Control *control = boundTo(form, column);
            QVERIFY2(control, qPrintable(column));
            QCOMPARE(control->kind, kind);
        }
        QVERIFY(!boundTo(form, "buoy_id"));
        QVERIFY(isLocked(*boundTo(form, "cost")));
        QCOMPARE(lookupOf(*boundTo(form, "fairway_id"))->wordsColumns, QStringList("name"));
        QCOMPARE(fixedChoices(*boundTo(form, "status")).first().words, "On station");
        QCOMPARE(lengthLimit(*boundTo(form, "asset_no")).value_or(0), 12);
        QCOMPARE(form.title, "Buoy");
        QCOMPARE(form.controls.at(0).role, "title");
    }

    void aDraftNeedsNoTidying_data()
    {
        QTest::addColumn<int>("fields");
        QTest::addColumn<int>("columns");
        for (int fields : {0, 1, 5, 11, 40, 300}) {
            for (int columns : {0, 1, 2, 3, 4}) {
                QTest::addRow("%d fields in %d columns", fields, columns) << fields << columns;
            }
        }
    }

    void aDraftNeedsNoTidying()
    {
        QFETCH(int, fields);
        QFETCH(int, columns);
        const Table table = wideTable(fields);
        const Form form = draftColumnar({{table}}, table, m_measure, {columns, "{kind}_{column}"});
        QSet<QString> bound;
        QSet<QString> names;
        for (const Control &control : form.controls) {
            QVERIFY(!names.contains(control.name));
            names.insert(control.name);
            const Band *band = findBand(form, control.band);
            QVERIFY(band);
            QVERIFY(control.place.x() >= 0 && control.place.x() + control.place.width() <= form.width);
            QVERIFY(control.place.y() >= 0 && control.place.y() + control.place.height() <= band->height);
            if (!control.column.isEmpty()) {
                bound.insert(control.column);
                QCOMPARE(control.place.x() % 8, 0);
                QCOMPARE(control.place.y() % 8, 0);
                QCOMPARE(control.place.width() % 8, 0);
                QCOMPARE(control.place.height() % 8, 0);
                QVERIFY(control.rides.left != FixedRail::None);
                QCOMPARE(railPosition(form, control.rides.left), control.place.x());
                const Control *caption = captionOf(form, control.id);
                QVERIFY(caption);
                QCOMPARE(caption->rides.right, control.rides.left);
                QCOMPARE(caption->place.x() + caption->place.width() + CaptionGap, control.place.x());
            }
            for (const Control &other : form.controls) {
                QVERIFY(other.id == control.id || areaOf(other) != areaOf(control) ||
                        !other.place.intersects(control.place));
            }
        }
        QCOMPARE(bound.size(), fields);
        QCOMPARE(form.boundColumns.size(), fields);
        QCOMPARE(form.width % 8, 0);
        QVERIFY(settled(form, m_measure) == form);
    }

    void namesFollowThePattern()
    {
        const Catalogue catalogue = depot();
        const Form form = draftColumnar(catalogue, catalogue.tables.first(), m_measure, {1, "{column} of {kind}"});
        QCOMPARE(boundTo(form, "fairway_id")->name, "fairway_id_of_drop");
    }

    void viewsAreOnlyLookedAt()
    {
        Catalogue catalogue = depot();
        catalogue.tables[0].kind = TableKind::View;
        const Form form = draftColumnar(catalogue, catalogue.tables.first(), m_measure);
        QVERIFY(!form.permissions.add && !form.permissions.change && !form.permissions.remove);
        QVERIFY(isLocked(*boundTo(form, "asset_no")));
    }

    void aLinkToATableThatIsGoneIsStillABox()
    {
        Catalogue catalogue = depot();
        catalogue.tables.removeLast();
        const Form form = draftColumnar(catalogue, catalogue.tables.first(), m_measure);
        QVERIFY(boundTo(form, "fairway_id"));
    }
};

QTEST_APPLESS_MAIN(TestDraft)
#include "tst_draft.moc"
