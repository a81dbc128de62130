// Links that nobody declared: what names suggest, what values say to it, what the catalogue makes of them.
#include "core/catalogue/likely_links.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestLikelyLinks : public QObject
{
    Q_OBJECT

    static Table tableOf(const QString &name, const QStringList &columns, const QString &key = "id")
    {
        Table table;
        table.name = name;
        for (const QString &column : columns) {
            const bool isText = column.endsWith(":t");
            table.columns.append(samples::column(column.section(':', 0, 0), isText ? "TEXT" : "INTEGER"));
        }
        table.primaryKey = key.isEmpty() ? QStringList() : QStringList(key);
        return table;
    }
    static QStringList found(const Catalogue &catalogue)
    {
        QStringList all;
        for (const LikelyLink &each : linksByName(catalogue)) {
            all.append(QString("%1.%2>%3.%4 %5")
                           .arg(each.link.table, each.link.link.columns.join('+'), each.link.link.parentTable,
                                each.link.link.parentColumns.join('+'))
                           .arg(each.points));
        }
        return all;
    }

private Q_SLOTS:
    void namesSuggestLinks_data()
    {
        QTest::addColumn<QString>("column");
        QTest::addColumn<QString>("points");
        QTest::newRow("underscore") << "queue_id"
                                    << "3";
        QTest::newRow("camel case") << "QueueId"
                                    << "3";
        QTest::newRow("as the table") << "queue"
                                      << "2";
        QTest::newRow("in the plural") << "queues"
                                       << "2";
        QTest::newRow("with a word before") << "parent_queue_id"
                                            << "1";
        QTest::newRow("number") << "queue_no"
                                << "3";
        QTest::newRow("something else") << "length"
                                        << "";
        QTest::newRow("a word that ends so") << "parent_queue"
                                             << "";
    }
    void namesSuggestLinks()
    {
        QFETCH(QString, column);
        QFETCH(QString, points);
        const Catalogue catalogue{{tableOf("queues", {"id", "name:t"}), tableOf("ticket", {"id", column})}};
        QCOMPARE(found(catalogue).join(','),
                 points.isEmpty() ? QString() : QString("ticket.%1>queues.id %2").arg(column, points));
    }

    void aKeyOfTheSameNameIsPointedTo()
    {
        const Catalogue catalogue{{tableOf("crew", {"crewmember_id", "name:t"}, "crewmember_id"),
                                   tableOf("duty", {"duty_id", "crewmember_id"}, "duty_id")}};
        QCOMPARE(found(catalogue), QStringList("duty.crewmember_id>crew.crewmember_id 3"));
    }

    void whatCannotBeALinkIsNone()
    {
        // Other types, keys that number themselves, declared links, views, closed choices.
        Table queues = tableOf("queues", {"id", "name:t"});
        Table ticket = tableOf("ticket", {"id", "queue_id:t"});
        QVERIFY(found({{queues, ticket}}).isEmpty());
        ticket = tableOf("ticket", {"queue_id", "t:t"}, "queue_id");
        ticket.columns[0].numbersItself = true;
        QVERIFY(found({{queues, ticket}}).isEmpty());
        ticket = tableOf("ticket", {"id", "queue_id"});
        ticket.foreignKeys = {{{"queue_id"}, "queues", {"id"}}};
        QVERIFY(found({{queues, ticket}}).isEmpty());
        ticket = tableOf("ticket", {"id", "queue_id"});
        ticket.columns[1].choices = {1, 2};
        QVERIFY(found({{queues, ticket}}).isEmpty());
        ticket = tableOf("ticket", {"id", "queue_id"});
        queues.kind = TableKind::View;
        QVERIFY(found({{queues, ticket}}).isEmpty());
        QVERIFY(found({{tableOf("queues", {"id", "queues"}, "id")}}).size() <= 1); // to itself only by another column
    }

    void whatTablesBeginWithIsNoPartOfTheirNames()
    {
        const Catalogue catalogue{{tableOf("shop_orders", {"id", "customer_id"}), tableOf("shop_customers", {"id"}),
                                   tableOf("shop_items", {"id", "order_id"})}};
        QCOMPARE(found(catalogue),
                 QStringList({"shop_orders.customer_id>shop_customers.id 3", "shop_items.order_id>shop_orders.id 3"}));
    }

    // Rows that point to the whole of a key of several columns.
    void wholeKeysArePointedTo()
    {
        Table line = tableOf("order_lines", {"order_id", "no", "piece:t"});
        line.primaryKey = {"order_id", "no"};
        const Table note = tableOf("notes", {"id", "order_id", "order_line_no", "words:t"});
        QCOMPARE(found({{line, note}}), QStringList("notes.order_id+order_line_no>order_lines.order_id+no 3"));

        // "no" alone may be that of anything: such a name is not believed without values.
        Table plain = tableOf("notes", {"id", "order_id", "no", "words:t"});
        QCOMPARE(found({{line, plain}}), QStringList("notes.order_id+no>order_lines.order_id+no 2"));

        // Not by a part of the key, nor other kinds of values, nor what is declared already in whatever order.
        QVERIFY(found({{line, tableOf("notes", {"id", "order_id", "words:t"})}}).isEmpty());
        QVERIFY(found({{line, tableOf("notes", {"id", "order_id", "no:t"})}}).isEmpty());
        plain.foreignKeys = {{{"no", "order_id"}, "order_lines", {"no", "order_id"}}};
        QVERIFY(found({{line, plain}}).isEmpty());

        // Tables that have the same key go along with one another, in whatever order; one that has more belongs.
        Table price = tableOf("prices", {"no", "order_id", "amount"});
        price.primaryKey = {"no", "order_id"};
        QVERIFY(found({{line, price}}).isEmpty());
        price = tableOf("prices", {"order_id", "no", "day:t"});
        price.primaryKey = {"order_id", "no", "day"};
        QCOMPARE(found({{line, price}}), QStringList("prices.order_id+no>order_lines.order_id+no 2"));
    }

    // A key that many tables have is no sign of any of them.
    void keysOfManyTablesSayNothing()
    {
        Catalogue catalogue{{tableOf("note", {"id", "authority", "code"})}};
        const auto add = [&](const QString &name) {
            Table table = tableOf(name, {"authority", "code", "name:t"});
            table.primaryKey = {"authority", "code"};
            catalogue.tables.append(table);
        };
        add("datum");
        add("ellipsoid");
        add("meridian");
        QCOMPARE(linksByName(catalogue).size(), 3);
        add("unit");
        QVERIFY(linksByName(catalogue).isEmpty());
    }

    void valuesBearOutOrNot()
    {
        LikelyLink link{{"ticket", {{"queue"}, "queues", {"id"}}}, 2};
        QVERIFY(isBorneOut(link, {4210, 4210, true, {}}));
        QVERIFY(isBorneOut(link, {100, 95, true, "7"}));
        QVERIFY(!isBorneOut(link, {100, 60, true, "7"}));
        QVERIFY(!isBorneOut(link, {})); // nothing stored, and the name alone is not plain
        link.points = 3;
        QVERIFY(isBorneOut(link, {}));
        QVERIFY(evidenceInWords(link, {4210, 4210, true, {}}).contains("Queues"));
        QVERIFY(evidenceInWords(link, {100, 95, true, "gone"}).contains("gone"));
    }

    // Taken links are links like others, but the database does nothing about them.
    void takenLinksAreLinks()
    {
        const Catalogue catalogue{{tableOf("queues", {"id", "name:t"}), tableOf("ticket", {"id", "queue_id"})}};
        const TableLink link{"ticket", {{"queue_id"}, "queues", {"id"}, LinkRule::Nothing}};
        const Catalogue with = withLinks(catalogue, {link, link, {"ticket", {{"gone"}, "queues", {"id"}}}});
        const Table &ticket = *findTable(with, "ticket");
        QCOMPARE(ticket.foreignKeys.size(), 1);
        QCOMPARE(ticket.foreignKeys.first().onDelete, LinkRule::Nothing);
        QCOMPARE(childrenOf(with, "queues").size(), 1);
        QCOMPARE(linksOfProject(with), QList<TableLink>{link});
        QVERIFY(linksOfProject(catalogue).isEmpty());
        QVERIFY(linksByName(with).isEmpty());
    }

    // What the project knows of one of the columns does not hide what they are together.
    void aLinkOfAColumnLeavesThatOfAll()
    {
        Table line = tableOf("order_lines", {"order_id", "line_no"});
        line.primaryKey = {"order_id", "line_no"};
        const Catalogue catalogue{
            {tableOf("orders", {"order_id"}, "order_id"), line, tableOf("notes", {"id", "order_id", "line_no"})}};
        const TableLink one{"notes", {{"order_id"}, "orders", {"order_id"}, LinkRule::Nothing}};
        const TableLink all{"notes",
                            {{"order_id", "line_no"}, "order_lines", {"order_id", "line_no"}, LinkRule::Nothing}};
        QVERIFY(found(withLinks(catalogue, {one})).contains("notes.order_id+line_no>order_lines.order_id+line_no 3"));
        const Catalogue with = withLinks(catalogue, {one, all});
        const Table &notes = *findTable(with, "notes");
        QCOMPARE(ledLink(notes, "order_id")->parentTable, "orders");
        QCOMPARE(ledLink(notes, "line_no")->parentTable, "order_lines");
        QCOMPARE(childrenOf(with, "order_lines").size(), 1);
    }
};

QTEST_APPLESS_MAIN(TestLikelyLinks)
#include "tst_likely_links.moc"
