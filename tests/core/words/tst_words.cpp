// Names as words: cut where they are written apart, parted where they run together.
#include "core/catalogue/parted_names.h"
#include "core/draft/captions.h"
#include "core/words/name_words.h"
#include "core/words/run_together.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestWords : public QObject
{
    Q_OBJECT

    // A dictionary of few words.
    static bool knows(const QString &word)
    {
        static const QSet<QString> words{"parts", "pieces", "reorder", "level",   "description", "tar",      "opt",
                                         "late",  "ball",   "ert",     "contact", "timestamp",   "quantity", "reports"};
        return words.contains(word);
    }
    static QString parted(const QString &word, const QSet<QString> &near = {})
    {
        return partedWord(word, {knows, near}).join(' ');
    }

private Q_SLOTS:
    void wordsAsTheyAreWritten_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QString>("words");
        const auto row = [](const char *name, const char *words) { QTest::newRow(name) << name << words; };
        row("order_date", "order|date");
        row("OrderDate", "Order|Date");
        row("HTTPServerName", "HTTP|Server|Name");
        row("Sepal.Length", "Sepal|Length");
        row("ADDRESS_LINE2", "ADDRESS|LINE|2");
        row("Address2", "Address|2");
        row("md5", "md5");
        row("ipv4_address", "ipv4|address");
        row("x1", "x1"); // too short to be a word with a figure
        row("", "");
        row("__", "");
    }
    void wordsAsTheyAreWritten()
    {
        QFETCH(QString, name);
        QFETCH(QString, words);
        QCOMPARE(writtenWords(name).join('|'), words);
    }

    void theSingularOfAWord()
    {
        for (const auto &[many, one] : QList<QPair<QString, QString>>{{"cities", "city"},
                                                                      {"buoys", "buoy"},
                                                                      {"addresses", "address"},
                                                                      {"boxes", "box"},
                                                                      {"status", "status"},
                                                                      {"address", "address"},
                                                                      {"analysis", "analysis"},
                                                                      {"gas", "gas"},
                                                                      {"branches", "branch"},
                                                                      {"caches", "cache"}}) {
            QCOMPARE(singular(many), one);
        }
    }

    void wordsThatRunTogetherAreParted()
    {
        QCOMPARE(parted("orderdate"), "order date");
        QCOMPARE(parted("unitprice"), "unit price");
        QCOMPARE(parted("quantityperunit"), "quantity per unit");
        QCOMPARE(parted("reorderlevel"), "reorder level");
        QCOMPARE(parted("custno"), "cust no");
        QCOMPARE(parted("reportsto"), "reports to");
        QCOMPARE(parted("buoyname", {"buoy"}), "buoy name"); // a word that stands alone elsewhere
    }

    void whatIsAWordOrAGuessStays()
    {
        for (const char *word : {"parts", "pieces", "description", "timestamp", "tarball", "ertname2", "qwerty", "a",
                                 "buoyname", "xyzzyx", "quantity", "optemplate"}) {
            QCOMPARE(parted(word), QString(word));
        }
        QCOMPARE(parted(QString(2000, 'x')), QString(2000, 'x'));
    }

    // Nothing is lost or added.
    void partsMakeUpTheWord()
    {
        QRandomGenerator random(5);
        const QStringList pieces{"order", "date", "unit", "x", "qu", "level", "no", "id", "zz", "to"};
        for (int i = 0; i < 2000; ++i) {
            QString word;
            for (int n = random.bounded(6); n >= 0; --n) {
                word += pieces.at(random.bounded(static_cast<int>(pieces.size())));
            }
            QCOMPARE(parted(word).remove(' '), word);
        }
    }

    void aCatalogueIsReadByItsOwnWords()
    {
        Table orders;
        orders.name = "orders";
        for (const char *name : {"orderid", "OrderDate", "freightclass", "SHIPVIA", "gauge"}) {
            orders.columns.append(samples::column(name, "TEXT"));
        }
        Table other;
        other.name = "freight_rates";
        other.columns.append(samples::column("gauge_class", "TEXT"));
        Catalogue catalogue{{orders, other}};
        partNames(catalogue, {Speller{"en", false, knows}});
        const QList<Column> &columns = catalogue.tables.first().columns;
        QCOMPARE(readableName(columns.at(0)), "order_id");
        QCOMPARE(readableName(columns.at(1)), "OrderDate");
        QVERIFY(columns.at(1).parted.isEmpty());
        QCOMPARE(readableName(columns.at(2)), "freight_class"); // both words stand alone in the other table
        QCOMPARE(readableName(columns.at(3)), "SHIP_VIA");
        QCOMPARE(readableName(columns.at(4)), "gauge");
        // Where the language writes words together, nothing is parted.
        Catalogue german{{orders}};
        partNames(german, {Speller{"de", true, [](const QString &) { return true; }}});
        QVERIFY(german.tables.first().columns.at(0).parted.isEmpty());
        // Without any dictionary the usual words still are.
        Catalogue bare{{orders}};
        partNames(bare, {});
        QCOMPARE(readableName(bare.tables.first().columns.at(0)), "order_id");
    }

    void captionsAreMadeOfTheWords()
    {
        Table table;
        table.name = "products";
        Column price = samples::column("unitprice", "REAL");
        price.parted = "unit_price";
        table.columns = {price,
                         samples::column("Address2", "TEXT"),
                         samples::column("no_delay", "INTEGER"),
                         samples::column("no_of_items", "INTEGER"),
                         samples::column("product_name", "TEXT"),
                         samples::column("vessel_code", "TEXT"),
                         samples::column("maker_code", "TEXT"),
                         samples::column("maker", "TEXT")};
        table.foreignKeys = {{{"vessel_code"}, "vessels", {"code"}}, {{"maker_code"}, "makers", {"code"}}};
        const QHash<QString, QString> captions = captionsOf(table);
        QCOMPARE(captions.value("unitprice"), "Unit price");
        QCOMPARE(captions.value("Address2"), "Address 2");
        QCOMPARE(captions.value("no_delay"), "No delay");
        QCOMPARE(captions.value("no_of_items"), "Number of items");
        QCOMPARE(captions.value("product_name"), "Name");
        QCOMPARE(captions.value("vessel_code"), "Vessel");    // what it shows
        QCOMPARE(captions.value("maker_code"), "Maker code"); // another column is called so
        QCOMPARE(captionsOf(table, {{"unitprice", "Price, each"}}).value("unitprice"), "Price, each");
    }
};

QTEST_APPLESS_MAIN(TestWords)
#include "tst_words.moc"
