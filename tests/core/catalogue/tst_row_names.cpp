// What names a row, by evidence.
#include "core/catalogue/row_names.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestRowNames : public QObject
{
    Q_OBJECT

    static Table tableOf(const QString &name, const QStringList &columns)
    {
        Table table;
        table.name = name;
        for (const QString &column : columns) {
            table.columns.append(samples::column(column, "TEXT"));
        }
        return table;
    }
    static ValueSigns signs(const QStringList &values, int rows = 0)
    {
        ValueSigns result;
        QSet<QString> met;
        for (const QString &value : values) {
            ++result.values;
            result.words += readsAsWords(value) ? 1 : 0;
            result.codes += readsAsCode(value) ? 1 : 0;
            result.characters += value.size();
            met.insert(value);
        }
        result.rows = std::max<qint64>(rows, result.values);
        result.distinct = met.size();
        return result;
    }

private Q_SLOTS:
    void valuesReadAsWordsOrCodes()
    {
        for (const char *value : {"Long Reach", "Workboat Pintail", "none", "Müller", "O'Brien & Sons", "Ærøskjær",
                                  "港"
                                  "湾局"}) {
            QVERIFY2(readsAsWords(QString::fromUtf8(value)), value);
        }
        for (const char *value : {"12", "", "NB-2004-C", "3.5", "https://nab.example/a", "GB"}) {
            QVERIFY2(!readsAsWords(value), value);
        }
        for (const char *value : {"GB", "NB-2004-C", "A1", "EPSG", "x", "4711-B"}) {
            QVERIFY2(readsAsCode(value), value);
        }
        for (const char *value : {"", "Long Reach", "Harbour", "Ferry 2"}) {
            QVERIFY2(!readsAsCode(value), value);
        }
    }

    // A code never wins over a name, however the name is written and whatever the database says of the code.
    void aCodeNeverWins_data()
    {
        QTest::addColumn<QStringList>("columns");
        QTest::addColumn<QString>("naming");
        QTest::newRow("camel case") << QStringList{"CustomerCode", "Region", "CompanyName"} << "CompanyName";
        QTest::newRow("capitals") << QStringList{"COUNTRY_ISO_CODE", "REGION", "COUNTRY_NAME"} << "COUNTRY_NAME";
        QTest::newRow("third") << QStringList{"code", "kind", "name"} << "name";
        QTest::newRow("another language") << QStringList{"codigo", "nota", "nombre"} << "nombre";
        QTest::newRow("title") << QStringList{"isbn", "language", "title"} << "title";
    }
    // Where a name repeats and the key is several numbers, only all of them say which row it is.
    void aWholeKeyTellsApart()
    {
        Table lines = tableOf("order_lines", {"order_no", "line_no", "piece_name"});
        lines.columns[0].type = lines.columns[1].type = ColumnType::WholeNumber;
        lines.primaryKey = {"order_no", "line_no"};
        lines.foreignKeys = {{{"order_no"}, "orders", {"order_no"}}};
        QCOMPARE(wordsOfRow(lines), QStringList({"piece_name", "order_no", "line_no"}));
        lines.uniqueKeys = {UniqueKey{{"piece_name"}}};
        QCOMPARE(wordsOfRow(lines), QStringList("piece_name"));
        lines.uniqueKeys.clear();
        lines.primaryKey = {"order_no"}; // one number says nothing to people
        QCOMPARE(wordsOfRow(lines), QStringList("piece_name"));
    }
    void aCodeNeverWins()
    {
        QFETCH(QStringList, columns);
        QFETCH(QString, naming);
        Table table = tableOf("things", columns);
        table.columns[0].isRequired = true;
        table.uniqueKeys = {UniqueKey{{columns.first()}}};
        const QStringList telling = namingOf(table, {}).columns;
        QCOMPARE(telling, QStringList({naming, columns.first()})); // a name first, and what tells it apart
        QVERIFY((namingOf(table, {}).isName && namingOf(table, {}).columns.contains(naming)));
        table.uniqueKeys.append(UniqueKey{{naming}});
        QCOMPARE(namingOf(table, {}).columns, QStringList(naming));
    }

    // What is stored says more than what a column is called.
    void storedValuesDecide()
    {
        const Table table = tableOf("elements", {"symbol_text", "kind", "english", "remarks"});
        const TableSigns known{{"symbol_text", signs({"H", "HE", "LI", "BE"})},
                               {"kind", signs({"gas", "gas", "metal", "metal"})},
                               {"english", signs({"Hydrogen", "Helium", "Lithium", "Beryllium"})},
                               {"remarks", signs({"see below"}, 4)}};
        QCOMPARE(namingOf(table, known).columns, QStringList({"english"}));
        QVERIFY((namingOf(table, known).isName && namingOf(table, known).columns.contains("english")));
        QVERIFY(!(namingOf(table, known).isName && namingOf(table, known).columns.contains("kind")));
        // A column called name that nobody fills names nothing.
        const Table named = tableOf("stations", {"name", "place"});
        const TableSigns empty{{"name", signs({}, 5)}, {"place", signs({"Long Reach", "Elbow", "Nab", "Cut", "Spit"})}};
        QCOMPARE(namingOf(named, empty).columns, QStringList({"place"}));
        // Long texts are no names.
        const Table tall = tableOf("rules", {"wording", "heading"});
        const TableSigns texts{
            {"wording", signs({QString("Anyone who ").repeated(40), QString("Nobody ").repeated(50)})},
            {"heading", signs({"Speed", "Lights"})}};
        QCOMPARE(namingOf(tall, texts).columns, QStringList({"heading"}));
    }

    void aTextThatMerelyComesFirstNamesNothing()
    {
        Table visit = tableOf("visits", {"crew_lead", "growth"});
        visit.columns[0].isRequired = true;
        const TableSigns known{{"crew_lead", signs({"Tobin Ferrer", "Ansa Holm", "Tobin Ferrer", "Ansa Holm",
                                                    "Tobin Ferrer", "Ansa Holm", "Ansa Holm", "Ansa Holm"})},
                               {"growth", signs({"none", "none", "light", "none", "light", "none", "none", "none"})}};
        QVERIFY(!(namingOf(visit, known).isName && namingOf(visit, known).columns.contains("crew_lead")));
    }

    void peopleGoByBothNames()
    {
        QCOMPARE(namingOf(tableOf("people", {"phone", "FirstName", "LastName"}), {}).columns,
                 QStringList({"LastName", "FirstName"}));
        QCOMPARE(namingOf(tableOf("kunden", {"ort", "vorname", "nachname"}), {}).columns,
                 QStringList({"nachname", "vorname"}));
        QCOMPARE(namingOf(tableOf("users", {"username", "name", "surname"}), {}).columns,
                 QStringList({"surname", "name"}));
        // Where hardly anybody filled them, they go by something else.
        const TableSigns known{{"username", signs({"admin", "guest", "tobin", "ansa"})},
                               {"name", signs({}, 4)},
                               {"surname", signs({}, 4)}};
        QCOMPARE(namingOf(tableOf("users", {"username", "name", "surname"}), known).columns, QStringList({"username"}));
    }

    void namesThatRepeatAreToldApartByTheKey()
    {
        Table table = tableOf("areas", {"authority", "code", "name"});
        table.primaryKey = {"authority", "code"};
        QCOMPARE(namingOf(table, {}).columns, QStringList({"name", "authority", "code"}));
        const TableSigns distinct{{"name", signs({"North", "South", "East"})}};
        QCOMPARE(namingOf(table, distinct).columns, QStringList({"name"}));
        const TableSigns repeated{{"name", signs({"North", "North", "East", "South", "West", "Nab"})}};
        QCOMPARE(namingOf(table, repeated).columns, QStringList({"name", "authority", "code"}));
    }

    void withoutAnyTextTheKeyDoes()
    {
        Table table;
        table.name = "readings";
        table.columns = {samples::column("n", "INTEGER"), samples::column("level", "REAL")};
        table.primaryKey = {"n"};
        QCOMPARE(namingOf(table, {}).columns, QStringList({"n"}));
        QVERIFY(!(namingOf(table, {}).isName && namingOf(table, {}).columns.contains("n")));
        QVERIFY(namingOf(Table(), {}).columns.isEmpty());
    }
};

QTEST_APPLESS_MAIN(TestRowNames)
#include "tst_row_names.moc"
