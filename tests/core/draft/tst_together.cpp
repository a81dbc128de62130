// One form from several tables; boxes as wide as somebody set them.
#include "core/check/form_quality.h"
#include "core/draft/draft.h"
#include "core/draft/plan_file.h"
#include "core/draft/together.h"
#include "support/orders.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestTogether : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    const Catalogue m_orders = samples::orders();

    static QString quoted(const QString &name) { return u'"' + name + u'"'; }
    // The tables whose rows are shown, with what shows them: "purchase(purchase_line(claim))".
    static QString outline(const DraftPlan &plan)
    {
        QStringList inside;
        for (const PlannedChild &child : plan.children) {
            if (child.isTaken) {
                inside.append(outline(child.plan));
            }
        }
        return plan.table + (inside.isEmpty() ? QString() : u'(' + inside.join(u',') + u')');
    }

private Q_SLOTS:
    void rowsStandInsideOneAnother_data()
    {
        QTest::addColumn<QStringList>("tables");
        QTest::addColumn<QString>("form");
        QTest::newRow("two") << QStringList{"purchase", "customer"} << "customer(purchase)";
        QTest::newRow("a chain, in any order")
            << QStringList{"claim", "purchase", "purchase_line"} << "purchase(purchase_line(claim))";
        QTest::newRow("four") << QStringList{"claim", "purchase", "customer", "purchase_line"}
                              << "customer(purchase(purchase_line(claim)))";
        QTest::newRow("two beside one another")
            << QStringList{"purchase", "purchase_line", "purchase_tag"} << "purchase(purchase_line,purchase_tag)";
        QTest::newRow("one that is only pointed to")
            << QStringList{"purchase", "purchase_tag", "tag"} << "purchase(purchase_tag)";
        QTest::newRow("one alone") << QStringList{"tag"} << "tag";
    }
    void rowsStandInsideOneAnother()
    {
        QFETCH(QStringList, tables);
        QFETCH(QString, form);
        const Result<DraftPlan> plan = planTogether(m_orders, tables);
        QVERIFY2(plan.isOk(), qPrintable(plan.error().sentence));
        QCOMPARE(outline(*plan), form);
        const Form drafted = draftForm(m_orders, *findTable(m_orders, plan->table), *plan, nullptr, m_measure);
        QCOMPARE(overlaps(drafted), 0);
    }

    void whatNoLinkLeadsToIsNamed()
    {
        const Result<DraftPlan> plan = planTogether(m_orders, {"claim", "tag", "purchase_line"});
        QVERIFY(!plan.isOk());
        QVERIFY2(plan.error().sentence.contains(QString::fromUtf8("“tag”")), qPrintable(plan.error().sentence));
        QVERIFY(!plan.error().sentence.contains(QString::fromUtf8("“claim”")));
        QVERIFY(!planTogether(m_orders, {"claim", "gone"}).isOk());
        QVERIFY(!planTogether(m_orders, {}).isOk());
    }

    void rowsAreJoinedToWhatTheyPointTo()
    {
        const Result<QString> sql = selectTogether(m_orders, {"customer", "purchase_line", "purchase"}, quoted);
        QVERIFY2(sql.isOk(), qPrintable(sql.error().sentence));
        QCOMPARE(*sql, QString("SELECT \"purchase_line\".\"purchase_no\", \"purchase_line\".\"line_no\", "
                               "\"purchase_line\".\"article\", \"purchase_line\".\"quantity\", "
                               "\"purchase_line\".\"unit_price\", \"purchase_line\".\"amount\",\n"
                               "       \"purchase\".\"customer_id\", \"purchase\".\"paid_by\", "
                               "\"purchase\".\"ordered_on\", \"purchase\".\"remarks\",\n"
                               "       \"customer\".\"name\", \"customer\".\"phone\"\n"
                               "FROM \"purchase_line\"\n"
                               "LEFT JOIN \"purchase\" ON \"purchase_line\".\"purchase_no\" = "
                               "\"purchase\".\"purchase_no\"\n"
                               "LEFT JOIN \"customer\" ON \"purchase\".\"customer_id\" = "
                               "\"customer\".\"customer_id\""));
    }

    // Columns of one name are told apart, and by no name that is there already.
    void columnsOfOneNameAreToldApart()
    {
        Catalogue catalogue;
        Table town;
        town.name = "town";
        town.columns = {samples::column("id", "INTEGER"), samples::column("Name", "TEXT")};
        town.primaryKey = {"id"};
        Table ship;
        ship.name = "ship";
        ship.columns = {samples::column("id", "INTEGER"), samples::column("name", "TEXT"),
                        samples::column("town_name", "TEXT"), samples::column("town", "INTEGER")};
        ship.primaryKey = {"id"};
        ship.foreignKeys = {ForeignKey{{"town"}, "town", {"id"}}};
        catalogue.tables = {ship, town};
        const Result<QString> sql = selectTogether(catalogue, {"town", "ship"}, quoted);
        QVERIFY(sql.isOk());
        QVERIFY2(sql->contains("\"town\".\"Name\" AS \"town_Name2\""), qPrintable(*sql));
    }

    // Two tables with several rows each for one of a third: every row of one would come with every row of the other.
    void rowsThatWouldRepeatAreNotJoined()
    {
        const Result<QString> sql = selectTogether(m_orders, {"purchase", "purchase_line", "purchase_tag"}, quoted);
        QVERIFY(!sql.isOk());
        QVERIFY2(sql.error().sentence.contains("more than once"), qPrintable(sql.error().sentence));
    }

    // A width that somebody set is that of the box, on the grid, whatever else is chosen; nothing overlaps for it, and
    // the others are as before where they stand in rows of their own.
    void aWidthSetByHandStays()
    {
        QRandomGenerator random(7);
        for (int run = 0; run < 60; ++run) {
            const Table &table = m_orders.tables.at(random.bounded(m_orders.tables.size()));
            DraftPlan plan = planWithChildren(m_orders, table);
            plan.arrangement = static_cast<Arrangement>(random.bounded(3));
            plan.widths = static_cast<BoxWidths>(random.bounded(3));
            plan.spacing = static_cast<Spacing>(random.bounded(3));
            plan.columnsOfBoxes = random.bounded(4);
            for (PlannedColumn &column : plan.columns) {
                column.width = random.bounded(2) == 0 ? 0 : 1 + random.bounded(600);
            }
            const Form form = draftForm(m_orders, table, plan, nullptr, m_measure);
            QCOMPARE(overlaps(form), 0);
            constexpr int pitch = 8; // that boxes are sized on
            for (const PlannedColumn &column : plan.columns) {
                for (const Control &control : form.controls) {
                    if (control.column != column.column || column.width == 0) {
                        continue;
                    }
                    const int wanted = (std::max(column.width, LeastPlannedWidth) + pitch - 1) / pitch * pitch;
                    // In a tabular form a box is never narrower than its head.
                    QVERIFY2(plan.arrangement == Arrangement::Tabular ? control.place.width() >= wanted - 4
                                                                      : control.place.width() == wanted,
                             qPrintable(QString("%1.%2: %3 for %4")
                                            .arg(table.name, column.column)
                                            .arg(control.place.width())
                                            .arg(wanted)));
                    QVERIFY(control.place.x() + control.place.width() <= form.width);
                }
            }
        }
    }

    void aWidthIsPartOfAPlanInAFile()
    {
        DraftPlan plan = planWithChildren(m_orders, *findTable(m_orders, "customer"));
        plan.columns.first().width = 320;
        const Result<DraftPlan> back =
            planFromJson(m_orders, planWithChildren(m_orders, *findTable(m_orders, "customer")), planToJson(plan));
        QVERIFY(back.isOk());
        QCOMPARE(back->columns, plan.columns);
        QJsonObject wrong = planToJson(plan);
        wrong.insert("columns", QJsonArray{QJsonObject{{"column", "name"}, {"width", -8}}});
        const Result<DraftPlan> refused = planFromJson(m_orders, plan, wrong);
        QVERIFY(!refused.isOk() && refused.error().sentence.contains("-8"));
    }
};

QTEST_APPLESS_MAIN(TestTogether)
#include "tst_together.moc"
