// Which columns of a SELECT can be written, and why the others cannot.
#include "core/catalogue/select_table.h"
#include "core/draft/draft_plan.h"
#include "support/orders.h"

#include <QTest>

using namespace nabblet;

class TestSelectTable : public QObject
{
    Q_OBJECT

    const Catalogue m_orders = samples::orders();

    static SelectColumn from(const QString &table, const QString &column, const QString &name = {})
    {
        return {name.isEmpty() ? column : name, {}, table, column};
    }
    Table of(const QList<SelectColumn> &columns, const QString &sql = "SELECT 1") const
    {
        return tableOfSelect(m_orders, "own", sql, columns);
    }
    static QString reason(const Table &table, const QString &column)
    {
        return findColumn(table, column)->readOnlyReason;
    }

private Q_SLOTS:
    void theOrderOfItsOwnRowsIsSeen()
    {
        QVERIFY(ordersItsRows("SELECT * FROM a ORDER BY b"));
        QVERIFY(ordersItsRows("SELECT * FROM a\norder  by (b), c LIMIT 3"));
        QVERIFY(!ordersItsRows("SELECT (SELECT b FROM c ORDER BY d LIMIT 1) FROM a"));
        QVERIFY(!ordersItsRows("SELECT 'order by' AS \"order by\" FROM a -- ORDER BY b"));
        QVERIFY(!ordersItsRows("SELECT row_number() OVER (ORDER BY b) FROM a"));
    }

    void theTableWithItsWholeKeyIsWritten()
    {
        const Table table = of({from("purchase", "purchase_no"),
                                from("purchase", "remarks", "words"),
                                from("customer", "name"),
                                {"days", "INTEGER", {}, {}}});
        QCOMPARE(table.writesTo, "purchase");
        QCOMPARE(table.primaryKey, QStringList("purchase_no"));
        QCOMPARE(reason(table, "words"), QString());
        QCOMPARE(findColumn(table, "words")->origin, "remarks");
        QVERIFY(reason(table, "name").contains("customer"));
        QVERIFY(reason(table, "days").contains("worked out"));
        QCOMPARE(findColumn(table, "days")->type, ColumnType::WholeNumber);
    }

    void ofSeveralTheOneThatPointsToTheOthers()
    {
        const Table table = of({from("customer", "customer_id"), from("customer", "name"),
                                from("purchase", "purchase_no"), from("purchase", "ordered_on")});
        QCOMPARE(table.writesTo, "purchase");
        QVERIFY(!reason(table, "name").isEmpty());
    }

    void withoutAKeyNothingIsWrittenAndEveryColumnSaysSo()
    {
        const Table table = of({from("purchase", "remarks"), from("purchase", "ordered_on")});
        QVERIFY(table.writesTo.isEmpty());
        QVERIFY(reason(table, "remarks").contains("purchase_no"));
        QVERIFY(!findColumn(table, "ordered_on")->isRequired); // nobody can be asked to fill it
        QVERIFY(!planDraft(table).people.add);
    }

    void partOfAKeyIsNoKey()
    {
        QVERIFY(of({from("purchase_line", "line_no"), from("purchase_line", "article")}).writesTo.isEmpty());
        QCOMPARE(of({from("purchase_line", "line_no"), from("purchase_line", "purchase_no")}).writesTo,
                 "purchase_line");
    }

    void aColumnTwiceIsWrittenOnce()
    {
        const Table table =
            of({from("customer", "customer_id"), from("customer", "name"), from("customer", "name", "name:1")});
        QCOMPARE(reason(table, "name"), QString());
        QVERIFY(reason(table, "name:1").contains("name"));
    }

    void combinedSelectsAreOnlyRead()
    {
        const Table table = of({from("customer", "customer_id"), from("customer", "name")},
                               "SELECT customer_id, name FROM customer union SELECT tag_id, label FROM tag");
        QVERIFY(table.writesTo.isEmpty());
        QVERIFY(reason(table, "name").contains("several SELECTs"));
        // The word in a text is none.
        QCOMPARE(
            of({from("customer", "customer_id")}, "SELECT customer_id FROM customer WHERE name = 'union'").writesTo,
            "customer");
    }

    void linksComeAlongUnderTheirNewNames()
    {
        const Table table = of({from("purchase", "purchase_no"), from("purchase", "customer_id", "buyer")});
        QCOMPARE(table.foreignKeys.size(), 1);
        QCOMPARE(findLink(table, "buyer")->parentTable, "customer");
    }

    void aSelectThatLeavesOutWhatIsRequiredAddsNothing()
    {
        const Catalogue all = m_orders;
        const Table whole = of({from("customer", "customer_id"), from("customer", "name")});
        QVERIFY(planWithChildren(all, whole).people.add);
        const Table less = of({from("customer", "customer_id"), from("customer", "phone")});
        const DraftPlan plan = planWithChildren(all, less);
        QVERIFY(!plan.people.add && plan.people.change);
    }

    void aKeyThatRepeatsWritesNothing()
    {
        const Table table = withRepeatedKey(of({from("customer", "customer_id"), from("customer", "name")}));
        QVERIFY(table.writesTo.isEmpty() && table.primaryKey.isEmpty());
        QVERIFY(reason(table, "name").contains("more than once"));
    }
};

QTEST_APPLESS_MAIN(TestSelectTable)
#include "tst_select_table.moc"
