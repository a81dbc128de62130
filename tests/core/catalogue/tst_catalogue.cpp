#include "core/catalogue/check_words.h"
#include "core/catalogue/create_statement.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestCatalogue : public QObject
{
    Q_OBJECT

    static Table buoy()
    {
        Table table;
        table.name = "buoy";
        table.columns = {samples::column("asset_no", "VARCHAR(12)", true), samples::column("depth_m", "DECIMAL(5,1)"),
                         samples::column("laid_on", "DATE"), samples::column("lifted_on", "DATE"),
                         samples::column("status", "TEXT")};
        return table;
    }

    static QString words(const QString &expression)
    {
        return ruleInWords({QString(), expression}, buoy(), [](const QString &column) { return column.toUpper(); });
    }

private Q_SLOTS:
    void declaredTypes_data()
    {
        QTest::addColumn<QString>("declared");
        QTest::addColumn<int>("type");
        QTest::addColumn<int>("length");
        QTest::addColumn<int>("decimals");
        const auto row = [](const char *declared, ColumnType type, int length = -1, int decimals = -1) {
            QTest::newRow(declared) << QString(declared) << int(type) << length << decimals;
        };
        row("VARCHAR(60)", ColumnType::Text, 60);
        row("text", ColumnType::Text);
        row("national character varying ( 12 )", ColumnType::Text, 12);
        row("INTEGER", ColumnType::WholeNumber);
        row("bigint unsigned", ColumnType::WholeNumber);
        row("DECIMAL(8, 2)", ColumnType::DecimalNumber, -1, 2);
        row("numeric(6)", ColumnType::DecimalNumber, -1, 0);
        row("DOUBLE PRECISION", ColumnType::DecimalNumber);
        row("BOOLEAN", ColumnType::YesNo);
        row("DATE", ColumnType::Date);
        row("DATETIME", ColumnType::DateTime);
        row("timestamp", ColumnType::DateTime);
        row("TIME", ColumnType::Time);
        row("BLOB", ColumnType::Binary);
        row("", ColumnType::Text);
        row("whatever", ColumnType::Text);
    }

    void declaredTypes()
    {
        QFETCH(QString, declared);
        QFETCH(int, type);
        QFETCH(int, length);
        QFETCH(int, decimals);
        const DeclaredType read = readDeclaredType(declared);
        QCOMPARE(int(read.type), type);
        QCOMPARE(read.length.value_or(-1), length);
        QCOMPARE(read.decimals.value_or(-1), decimals);
    }

    void tokensKnowQuotesAndComments()
    {
        const auto tokens = sqlTokens("a \"b \"\"c\" -- note ' \n 'it''s' /* ( */ [x y] 1.5 <= `q`");
        QStringList texts;
        for (const SqlToken &token : tokens) {
            texts.append(token.text);
        }
        QCOMPARE(texts, QStringList({"a", "b \"c", "it's", "x y", "1.5", "<=", "q"}));
        QCOMPARE(tokens.at(1).kind, SqlToken::QuotedName);
        QCOMPARE(tokens.at(2).kind, SqlToken::String);
    }

    void tokensEndWithAnyText()
    {
        for (const char *sql : {"'open", "\"open", "[open", "/* open", "-- open", "(((", "", "'a''"}) {
            const auto tokens = sqlTokens(QString(sql));
            for (const SqlToken &token : tokens) {
                QVERIFY(token.end <= QString(sql).size());
                QVERIFY(token.start < token.end);
            }
        }
    }

    void checksAreFoundWithTheirNames()
    {
        const auto checks =
            checksOfCreateTable("CREATE TABLE \"check (\" (a INT CHECK (a > (1 + 2)), \n"
                                "b TEXT DEFAULT ')' CHECK(b IN ('x)','y')), CONSTRAINT \"a before b\" CHECK (a < b))");
        QCOMPARE(checks.size(), 3);
        QCOMPARE(checks.at(0).expression, "a > (1 + 2)");
        QCOMPARE(checks.at(1).expression, "b IN ('x)','y')");
        QCOMPARE(checks.at(2).name, "a before b");
        QCOMPARE(checks.at(2).expression, "a < b");
    }

    void choices_data()
    {
        QTest::addColumn<QString>("expression");
        QTest::addColumn<QVariantList>("choices");
        QTest::newRow("words") << "status IN ('on', 'it''s off')" << QVariantList{"on", "it's off"};
        QTest::newRow("brackets") << "((\"status\" in ('a')))" << QVariantList{"a"};
        QTest::newRow("numbers") << "status IN (0, -1, 2.5)" << QVariantList{0LL, -1LL, 2.5};
        QTest::newRow("or null behind") << "status IN ('a','b') OR status IS NULL" << QVariantList{"a", "b"};
        QTest::newRow("or null before") << "status IS NULL OR (status IN ('a'))" << QVariantList{"a"};
        QTest::newRow("null inside") << "status IN ('a', NULL)" << QVariantList{"a"};
        QTest::newRow("another column") << "other IN ('a')" << QVariantList{};
        QTest::newRow("not in") << "status NOT IN ('a')" << QVariantList{};
        QTest::newRow("with more") << "status IN ('a') AND depth_m > 0" << QVariantList{};
        QTest::newRow("expression inside") << "status IN (lower('A'))" << QVariantList{};
        QTest::newRow("select") << "status IN (SELECT 1)" << QVariantList{};
    }

    void choices()
    {
        QFETCH(QString, expression);
        QFETCH(QVariantList, choices);
        QCOMPARE(choicesOfCheck(expression, "status"), choices);
    }

    void literalDefaults()
    {
        QCOMPARE(literalValue("'on station'"), QVariant("on station"));
        QCOMPARE(literalValue("(0)"), QVariant(0LL));
        QCOMPARE(literalValue("-1.5"), QVariant(-1.5));
        QVERIFY(!literalValue("CURRENT_TIMESTAMP").isValid());
        QVERIFY(!literalValue("1 + 1").isValid());
        QVERIFY(!literalValue("0x1F").isValid());
        QVERIFY(!literalValue("").isValid());
    }

    void defaultsThatAreNoDatesAreNone()
    {
        const auto with = [](const QString &type, const QString &expression) {
            Column column = samples::column("c", type);
            column.hasDefault = true;
            column.defaultExpression = expression;
            return defaultValueOf(column);
        };
        QCOMPARE(with("DATE", "'2026-01-31'"), QVariant("2026-01-31"));
        QVERIFY(!with("DATE", "'0000-00-00'").isValid());
        QVERIFY(!with("DATETIME", "'NOW'").isValid());
        QCOMPARE(with("DATETIME", "'2026-01-31 10:00:00'"), QVariant("2026-01-31 10:00:00"));
        QVERIFY(!with("TIME", "'midnight'").isValid());
        QCOMPARE(with("TEXT", "'NOW'"), QVariant("NOW"));
        QVERIFY(!defaultValueOf(samples::column("c", "TEXT")).isValid());
    }

    void rulesInWords()
    {
        QCOMPARE(words("depth_m >= 0"), "DEPTH_M must be 0 or more");
        QCOMPARE(words("depth_m BETWEEN 0 AND 20"), "DEPTH_M must lie between 0 and 20");
        QCOMPARE(words("lifted_on >= laid_on"), "LIFTED_ON must not be before LAID_ON");
        QCOMPARE(words("depth_m <> -1"), "DEPTH_M must not be −1");
        QCOMPARE(words("status IN ('a','b')"), "STATUS must be one of “a”, “b”");
        QCOMPARE(words("length(status)  > 2"), "This rule must hold: length(status) > 2");
        QCOMPARE(columnsOfRule({QString(), "lifted_on >= \"laid_on\""}, buoy()), QStringList({"laid_on", "lifted_on"}));
    }

    void tellingColumnsTellRowsApart()
    {
        Table table = buoy();
        table.columns.append(samples::column("name", "VARCHAR(60)", true));
        QCOMPARE(tellingColumns(table), QStringList({"name"}));
        table.uniqueKeys = {UniqueKey{{"asset_no"}}};
        QCOMPARE(tellingColumns(table), QStringList({"name", "asset_no"}));
        table.uniqueKeys.append(UniqueKey{{"name"}});
        QCOMPARE(tellingColumns(table), QStringList({"name"}));
        table.columns = {samples::column("given_name", "TEXT"), samples::column("family_name", "TEXT")};
        QCOMPARE(tellingColumns(table), QStringList({"family_name", "given_name"}));
    }

    void namingColumns()
    {
        Table table = buoy();
        QCOMPARE(namingColumn(table), "asset_no");
        table.columns.append(samples::column("name", "VARCHAR(60)", true));
        QCOMPARE(namingColumn(table), "name");
        table.columns = {samples::column("code", "CHAR(4)", true), samples::column("label", "TEXT", true)};
        table.primaryKey = {"code"};
        QCOMPARE(namingColumn(table), "label");
        table.columns = {samples::column("n", "INTEGER")};
        table.primaryKey = {"n"};
        QCOMPARE(namingColumn(table), "n");
    }
};

QTEST_APPLESS_MAIN(TestCatalogue)
#include "tst_catalogue.moc"
