// By which columns a button's form is opened at the row in hand.
#include "core/edit/opened_match.h"

#include <QTest>

using namespace nabblet;

class TestOpenedMatch : public QObject
{
    Q_OBJECT

    static Table table(const QString &name, const QStringList &key, const QList<ForeignKey> &links = {})
    {
        Table made;
        made.name = name;
        made.primaryKey = key;
        made.foreignKeys = links;
        return made;
    }
    static ForeignKey link(const QStringList &columns, const QString &to, const QStringList &there)
    {
        return {columns, to, there, LinkRule::Keeps};
    }

private Q_SLOTS:
    void itGoesByTheOneLinkThereIs()
    {
        Catalogue catalogue;
        catalogue.tables = {
            table("buoy", {"id"}, {link({"fairway_id"}, "fairway", {"no"}), link({"replaces"}, "buoy", {"id"})}),
            table("fairway", {"no"}),
            table("visit", {"visit_id"}, {link({"buoy_id"}, "buoy", {"id"})}),
            table("part", {"visit_id", "line"}, {link({"visit_id"}, "visit", {"visit_id"})}),
            table("transfer", {"id"}, {link({"from_buoy"}, "buoy", {"id"}), link({"to_buoy"}, "buoy", {"id"})}),
            table("odd", {}, {link({"a", "b"}, "buoy", {"id"})})};
        const auto match = [&](const QString &here, const QString &there) {
            return matchBetween(catalogue, here, there);
        };
        QCOMPARE(match("buoy", "buoy"), (ChildLink{{"id"}, {"id"}}));
        QCOMPARE(match("part", "part"), (ChildLink{{"visit_id", "line"}, {"visit_id", "line"}}));
        QCOMPARE(match("buoy", "visit"), (ChildLink{{"buoy_id"}, {"id"}})); // rows that belong to it
        QCOMPARE(match("visit", "buoy"), (ChildLink{{"id"}, {"buoy_id"}})); // the row that it belongs to
        QCOMPARE(match("buoy", "fairway"), (ChildLink{{"no"}, {"fairway_id"}}));
        QCOMPARE(match("buoy", "transfer"), ChildLink()); // which of the two is meant?
        QCOMPARE(match("transfer", "buoy"), ChildLink());
        QCOMPARE(match("buoy", "part"), ChildLink());
        QCOMPARE(match("buoy", "odd"), ChildLink()); // a link that names more columns than it points to
        QCOMPARE(match("odd", "odd"), ChildLink());  // without a key
        QCOMPARE(match("", "buoy"), ChildLink());
        QCOMPARE(match("buoy", "nowhere"), ChildLink());
    }
};

QTEST_APPLESS_MAIN(TestOpenedMatch)
#include "tst_opened_match.moc"
