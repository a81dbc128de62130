#include "core/formula/row_formulas.h"

#include <QHash>
#include <QTest>

using namespace nabblet;

class TestFormulas : public QObject
{
    Q_OBJECT

    const QStringList m_columns{"depth_m", "name", "Odd \"name\"", "blob", "order", "quantity"};
    const QHash<QString, QVariant> m_row{{"depth_m", 12.5},     {"name", QString::fromUtf8("Ærøskjær")},
                                         {"quantity", 3LL},     {"order", 7LL},
                                         {"Odd \"name\"", "x"}, {"blob", QByteArray("\0a", 2)}};

    Result<QVariant> worked(const QString &expression) const
    {
        RowFormulas formulas(m_columns);
        return formulas.value(expression, [this](const QString &column) { return m_row.value(column); });
    }

private Q_SLOTS:
    void expressionsAreWorkedOut_data()
    {
        QTest::addColumn<QString>("expression");
        QTest::addColumn<QVariant>("expected");
        QTest::newRow("arithmetic") << "quantity * depth_m" << QVariant(37.5);
        QTest::newRow("whole") << "quantity + 1" << QVariant(4LL);
        QTest::newRow("text") << "upper(substr(name, 2)) || '!'" << QVariant(QString::fromUtf8("RøSKJæR!"));
        QTest::newRow("odd name") << "\"Odd \"\"name\"\"\" || \"order\"" << QVariant("x7");
        QTest::newRow("null") << "coalesce(NULL, nullif(1, 1))" << QVariant();
        QTest::newRow("case") << "CASE WHEN depth_m > 10 THEN 'deep' ELSE 'shallow' END" << QVariant("deep");
        QTest::newRow("comment") << "quantity -- pieces" << QVariant(3LL);
        QTest::newRow("bytes") << "length(blob)" << QVariant(2LL);
        QTest::newRow("subquery") << "(SELECT max(quantity) FROM row)" << QVariant(3LL);
        QTest::newRow("no column") << "2 + 2" << QVariant(4LL);
        QTest::newRow("date") << "date('2026-09-30', '+1 day')" << QVariant("2026-10-01");
    }
    void expressionsAreWorkedOut()
    {
        QFETCH(QString, expression);
        QFETCH(QVariant, expected);
        const Result<QVariant> value = worked(expression);
        QVERIFY2(value.isOk(), value ? "" : qPrintable(value.error().sentence));
        QCOMPARE(*value, expected);
    }

    // Nothing but the row is read, nothing is written, one expression at a time.
    void whatIsNoFormulaIsRefused_data()
    {
        QTest::addColumn<QString>("expression");
        for (const char *expression :
             {"", "   ", "quantity +", "nobody", "1, 2", "?", ":given", "1; DROP TABLE row",
              "(SELECT name FROM sqlite_master)", "(SELECT 1 FROM pragma_database_list)", "load_extension('x')",
              "\"no column\"", "1) FROM row; SELECT (2",
              "(WITH RECURSIVE c(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM c) SELECT max(i) FROM c)"}) {
            QTest::newRow(expression) << QString(expression);
        }
    }
    void whatIsNoFormulaIsRefused()
    {
        QFETCH(QString, expression);
        const Result<QVariant> value = worked(expression);
        QVERIFY(!value.isOk());
        QVERIFY(value.error().sentence.startsWith("This formula cannot be worked out: "));
        QVERIFY(!columnsReadBy(expression, m_columns).isOk());
    }

    void whatTakesTooMuchIsGivenUp()
    {
        QVERIFY(!worked("length(zeroblob(500000000))").isOk());
        QVERIFY(!worked("printf('%500000000d', 1)").isOk() || worked("printf('%500000000d', 1)")->isNull());
    }

    void theColumnsReadAreKnown()
    {
        QCOMPARE(*columnsReadBy("quantity * depth_m + quantity", m_columns), QStringList({"quantity", "depth_m"}));
        QCOMPARE(*columnsReadBy("'name'", m_columns), QStringList());
        QCOMPARE(*columnsReadBy("CASE WHEN name = 'x' THEN depth_m END", m_columns), QStringList({"name", "depth_m"}));
        QCOMPARE(*columnsReadBy("1", {}), QStringList());
    }

    // An expression is read once and gives each row its own value; columns that it does not read are not asked for.
    void rowsFollowOneAnother()
    {
        RowFormulas formulas(m_columns);
        for (qlonglong i = 0; i < 100; ++i) {
            QStringList asked;
            const Result<QVariant> value = formulas.value("quantity * 2", [&](const QString &column) {
                asked.append(column);
                return i % 10 == 0 ? QVariant() : QVariant(i);
            });
            QVERIFY(value.isOk());
            QCOMPARE(*value, i % 10 == 0 ? QVariant() : QVariant(2 * i));
            QCOMPARE(asked, QStringList("quantity"));
        }
    }

    // Rows that belong to the row are tables of their own, and nothing else is.
    void rowsThatBelongAreSummed()
    {
        RowFormulas formulas({"id", "quantity"}, {{"part_fitted", {"quantity", "unit price"}}, {"row", {"a"}}});
        const auto value = [&](const QString &expression) {
            const Result<QVariant> result = formulas.value(expression, [](const QString &) { return QVariant(7); });
            return result ? result->toString() : QString("refused");
        };
        const QString sum = "(SELECT sum(quantity * \"unit price\") FROM part_fitted)";
        QCOMPARE(value(sum), QString());
        formulas.setBelonging("part_fitted", QList<QVariantList>{{2, 1.5}, {3, 10}});
        QCOMPARE(value(sum), "33");
        QCOMPARE(value("quantity + " + sum), "40"); // the row's own column outside, theirs inside
        QCOMPARE(value("(SELECT count(*) FROM part_fitted WHERE quantity > 2)"), "1");
        formulas.setBelonging("part_fitted", QList<QVariantList>());
        QCOMPARE(value("(SELECT count(*) FROM part_fitted)"), "0");
        QCOMPARE(formulas.tablesRead(sum), QStringList("part_fitted"));
        QCOMPARE(*formulas.columnsRead("quantity + " + sum), QStringList("quantity"));
        for (const char *no : {"(SELECT count(*) FROM sqlite_master)", "(SELECT count(*) FROM another)",
                               "(SELECT 1 FROM pragma_table_list)", "(WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n) SELECT i FROM n)",
                               "(DELETE FROM part_fitted)", "load_extension('x')", "(SELECT 1 FROM part_fitted, temp.sqlite_master)"}) {
            QVERIFY2(!columnsReadBy(QString(no), {"id"}, {{"part_fitted", {"quantity"}}}).isOk(), no);
        }
        // Rows that cannot be had are an error, and never none or a part of them.
        formulas.setBelonging("Part_Fitted", Error{"too many", {}});
        QCOMPARE(value("(SELECT count(*) FROM part_fitted)"), "refused");
        QCOMPARE(value("quantity"), "7");
        formulas.setBelonging("part_fitted", QList<QVariantList>{{1, 1}});
        QCOMPARE(value("(SELECT count(*) FROM part_fitted)"), "1");
        // A cross of many rows ends by its time.
        QList<QVariantList> many;
        for (int i = 0; i < 3000; ++i) {
            many.append(QVariantList{i, i});
        }
        formulas.setBelonging("part_fitted", many);
        QCOMPARE(value("(SELECT count(*) FROM part_fitted a, part_fitted b, part_fitted c)"), "refused");
        QCOMPARE(value("(SELECT count(*) FROM part_fitted)"), "3000");
    }
};

QTEST_GUILESS_MAIN(TestFormulas)
#include "tst_formulas.moc"
