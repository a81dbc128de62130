// The catalogue with what its names and rows tell.
#include "data/profile/learn_catalogue.h"
#include "data/profile/link_evidence.h"
#include "data/words/dictionaries.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestLearnCatalogue : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    int m_number = 0;

    Catalogue learned(const QString &sql)
    {
        const QString path = m_folder.filePath(QString("learn%1.db").arg(++m_number));
        const QString said = samples::sqlite3(path, sql);
        if (!said.isEmpty()) {
            qFatal("%s", qPrintable(said));
        }
        return *learnCatalogue(samples::opened(path));
    }

private Q_SLOTS:
    void namesArePartedByTheDictionaries()
    {
        const auto known = [](const Speller &speller, const char *word) { return speller.knows(word); };
        const QList<Speller> spellers = installedSpellers();
        const Speller &english = spellers.first();
        QVERIFY2(known(english, "quantity") && !known(english, "orderdate"), "the English dictionary is installed");
        QVERIFY(known(spellers.at(1), "rechnungsdatum")); // German writes it so
        const Catalogue catalogue = learned("CREATE TABLE orderdetails (orderid INTEGER PRIMARY KEY, unitprice REAL, "
                                            "shipregion TEXT, parts INTEGER, pieces INTEGER, hostlist TEXT)");
        const Table &table = catalogue.tables.first();
        QCOMPARE(readableName(table), "order_details");
        QStringList names;
        for (const Column &column : table.columns) {
            names.append(readableName(column));
        }
        QCOMPARE(names, (QStringList{"order_id", "unit_price", "ship_region", "parts", "pieces", "host_list"}));
    }

    void germanNamesStayTogether()
    {
        const Catalogue catalogue =
            learned("CREATE TABLE rechnung (rechnungsnummer INTEGER PRIMARY KEY, rechnungsdatum DATE, kunde TEXT, "
                    "lieferdatum DATE, bezeichnung TEXT, menge INTEGER, betrag REAL)");
        for (const Column &column : catalogue.tables.first().columns) {
            QVERIFY2(column.parted.isEmpty(), qPrintable(column.parted));
        }
    }

    // Where the name stands third and is written in camel case, and the code is what the database declares unique.
    void rowsTellWhatNamesThem()
    {
        const Catalogue catalogue =
            learned("CREATE TABLE c (Code CHAR(3) PRIMARY KEY, Zone TEXT, EnglishForm TEXT);"
                    "INSERT INTO c VALUES ('NOR','EU','Norway'),('DNK','EU','Denmark'),('JPN','AS','Japan'),"
                    "('BRA','AM','Brazil'),('FRA','EU','France');"
                    "CREATE TABLE empty (Code CHAR(3) PRIMARY KEY, EnglishForm TEXT);");
        const Table &table = *findTable(catalogue, "c");
        QCOMPARE(table.naming, QStringList({"EnglishForm"}));
        QVERIFY(table.goesByName && namesRows(table, "EnglishForm"));
        const Table &empty = *findTable(catalogue, "empty");
        QVERIFY(!empty.goesByName);
    }

    // Links by names, borne out by values or not; 0 and blank are how some write that there is none.
    void linksAreFoundByNamesAndValues()
    {
        const QString path = m_folder.filePath("links.db");
        QCOMPARE(
            samples::sqlite3(
                path,
                "CREATE TABLE queues (id INTEGER PRIMARY KEY, name TEXT); INSERT INTO queues VALUES (1,'A'),(2,'B');"
                "CREATE TABLE ticket (id INTEGER PRIMARY KEY, queue INTEGER, owner_id INTEGER, size INTEGER);"
                "INSERT INTO ticket VALUES (1,1,9,3),(2,2,8,4),(3,0,7,5),(4,NULL,6,6),(5,1,5,7);"
                "CREATE TABLE owners (id INTEGER PRIMARY KEY, name TEXT); INSERT INTO owners VALUES (1,'x');"
                "CREATE TABLE note (id INTEGER PRIMARY KEY, ticket_id INTEGER);"),
            QString());
        const Connection connection = samples::opened(path);
        const Catalogue catalogue = *learnCatalogue(connection);
        const std::atomic<bool> goesOn{false};
        QStringList found;
        for (const FoundLink &each : findLinks(connection, catalogue, goesOn)) {
            found.append(
                QString("%1.%2>%3 %4/%5")
                    .arg(each.link.link.table, each.link.link.link.columns.first(), each.link.link.link.parentTable)
                    .arg(each.evidence.found)
                    .arg(each.evidence.values));
        }
        found.sort();
        QCOMPARE(found, QStringList({"note.ticket_id>ticket 0/0", "ticket.queue>queues 3/3"}));
        const std::atomic<bool> givenUp{true};
        QVERIFY(findLinks(connection, catalogue, givenUp).isEmpty());
    }

    // Columns that are looked for together, as they stand in a row; a line may have the number 0.
    void wholeKeysAreFoundByValues()
    {
        const QString path = m_folder.filePath("whole_keys.db");
        QCOMPARE(samples::sqlite3(
                     path,
                     "CREATE TABLE order_lines (order_no INTEGER, line_no INTEGER, piece TEXT, PRIMARY KEY (order_no, "
                     "line_no));"
                     "INSERT INTO order_lines VALUES (7,0,'Chain'),(7,1,'Lantern'),(8,0,'Anchor');"
                     "CREATE TABLE damage (id INTEGER PRIMARY KEY, order_no INTEGER, line_no INTEGER, words TEXT);"
                     "INSERT INTO damage VALUES (1,7,0,'a'),(2,8,0,'b'),(3,7,NULL,'c'),(4,7,1,'d');"
                     // Each of these numbers is there, but not these two together.
                     "CREATE TABLE stock (id INTEGER PRIMARY KEY, order_no INTEGER, line_no INTEGER);"
                     "INSERT INTO stock VALUES (1,8,1),(2,7,1);"),
                 QString());
        const Connection connection = samples::opened(path);
        const Catalogue catalogue = *learnCatalogue(connection);
        const std::atomic<bool> goesOn{false};
        const QList<FoundLink> found = findLinks(connection, catalogue, goesOn);
        QCOMPARE(found.size(), 1);
        QCOMPARE(found.first().link.link.table, "damage");
        QCOMPARE(found.first().link.link.link.columns, QStringList({"order_no", "line_no"}));
        QCOMPARE(found.first().evidence.values, 3);
        QCOMPARE(found.first().evidence.found, 3);
        const std::optional<LinkEvidence> ofStock = evidenceOf(
            connection, catalogue, {"stock", {{"order_no", "line_no"}, "order_lines", {"order_no", "line_no"}}});
        QVERIFY(ofStock);
        QCOMPARE(ofStock->values, 2);
        QCOMPARE(ofStock->found, 1);
        QCOMPARE(ofStock->stranger, "8, 1");
        const QList<FoundLink> between = findLinksBetween(connection, catalogue, "damage", "order_lines", goesOn);
        QVERIFY(!between.isEmpty());
        QCOMPARE(between.first().link.link.link.columns.size(), 2);
    }

    // Blank texts, blobs, quotes in names and a view do no harm.
    void oddTablesDoNoHarm()
    {
        const Catalogue catalogue = learned(
            "CREATE TABLE \"a\"\"b\" (\"na\"\"me\" TEXT, t TEXT); INSERT INTO \"a\"\"b\" VALUES ('', x'00ff'), (NULL, "
            "'x'), ('Long Reach', '  ');"
            "CREATE VIEW v AS SELECT * FROM \"a\"\"b\"; CREATE TABLE gone (x TEXT);");
        QCOMPARE(catalogue.tables.size(), 3);
        QCOMPARE(findTable(catalogue, "v")->naming, QStringList({"na\"me"})); // by what it says of itself
        QCOMPARE(findTable(catalogue, "gone")->naming, QStringList({"x"}));
        QCOMPARE(findTable(catalogue, "a\"b")->naming, QStringList({"na\"me"}));
    }
};

QTEST_GUILESS_MAIN(TestLearnCatalogue)
#include "tst_learn_catalogue.moc"
