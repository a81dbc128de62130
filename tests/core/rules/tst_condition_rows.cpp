// Conditions as rows and as SQL: what is written is read back as it was, and means in SQL what it says in words.
#include "core/edit/edits.h"
#include "core/formula/row_formulas.h"
#include "core/rules/condition_rows.h"
#include "core/rules/rules.h"
#include "support/sample_forms.h"

#include <QDate>
#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestConditionRows : public QObject
{
    Q_OBJECT

    static bool isTrueOf(const QString &condition, const QVariant &value)
    {
        RowFormulas formulas({"a"});
        const Result<QVariant> result = formulas.value(condition, [&](const QString &) { return value; });
        return result && isTrue(*result);
    }

    static CompareValue randomValue(QRandomGenerator &random, Comparison comparison)
    {
        static const QStringList texts{"adrift", "it's", "50 %", "a_b", "", "back\\slash", "Über", "NULL", "%"};
        const bool isPart = comparison == Comparison::Contains || comparison == Comparison::ContainsNot ||
                            comparison == Comparison::Begins || comparison == Comparison::Ends;
        if (comparison == Comparison::WithinNext || comparison == Comparison::WithinLast) {
            return CompareValue{QString::number(1 + random.bounded(400)), true};
        }
        if (comparison == Comparison::Before || comparison == Comparison::After) {
            return random.bounded(2) ? CompareValue{{}, false, random.bounded(-50, 50)} : CompareValue{"2024-05-31"};
        }
        if (!isPart && random.bounded(3) == 0) {
            return CompareValue{QString::number(random.bounded(-900, 900) / 10.0), true};
        }
        QString text = texts.at(random.bounded(texts.size()));
        return CompareValue{isPart && text.isEmpty() ? QString("x") : text};
    }

private Q_SLOTS:
    void whatIsWrittenIsReadBack()
    {
        QRandomGenerator random(16);
        constexpr int Last = static_cast<int>(Comparison::ThisMonth);
        const QStringList columns{"status", "battery_v", "Laid On", "order", "a\"b", "größe"};
        for (int round = 0; round < 3000; ++round) {
            QList<ConditionRow> rows;
            for (int i = 0; i <= random.bounded(4); ++i) {
                ConditionRow row;
                row.isOr = i > 0 && random.bounded(2) == 0;
                row.isNot = random.bounded(4) == 0;
                row.isWithAbove = i > 0 && random.bounded(3) == 0;
                row.column = columns.at(random.bounded(columns.size()));
                row.comparison = static_cast<Comparison>(random.bounded(Last + 1));
                const int wanted = valueCount(row.comparison);
                for (int k = 0; k < (wanted < 0 ? 1 + random.bounded(3) : wanted); ++k) {
                    row.values.append(randomValue(random, row.comparison));
                }
                rows.append(row);
            }
            const QString sql = conditionFromRows(rows);
            QVERIFY2(columnsReadBy(sql, columns).isOk(), qPrintable(sql));
            const auto read = rowsFromCondition(sql);
            QVERIFY2(read, qPrintable(sql));
            QCOMPARE(conditionFromRows(*read), sql);
            QCOMPARE(read->size(), rows.size());
            for (qsizetype i = 0; i < rows.size(); ++i) {
                QCOMPARE(read->at(i).column, rows.at(i).column);
                QCOMPARE(read->at(i).isOr, rows.at(i).isOr);
                QCOMPARE(read->at(i).isNot, rows.at(i).isNot);
                QCOMPARE(read->at(i).isWithAbove, rows.at(i).isWithAbove);
                QVERIFY2(read->at(i).values == rows.at(i).values || rows.at(i).comparison == Comparison::Between,
                         qPrintable(sql));
            }
        }
    }

    // What is in brackets first, then and, then or: worked out here, and by the database from what is written.
    void bracketsAreWorkedOutFirst()
    {
        const QStringList columns{"a", "b", "c", "d"};
        RowFormulas formulas(columns);
        QRandomGenerator random(4);
        // Joined by or: whether all of some that are joined by and hold.
        const auto joined = [](const QList<QPair<bool, bool>> &parts) { // joined by or, and holds
            bool any = false;
            bool all = true;
            for (const auto &[isOr, holds] : parts) {
                any = any || (isOr && all);
                all = (isOr || all) && holds;
            }
            return any || all;
        };
        for (int round = 0; round < 200; ++round) {
            QList<ConditionRow> rows;
            for (int i = 0; i < 4; ++i) {
                ConditionRow row{i > 0 && random.bounded(2) == 0, columns.at(i), Comparison::True, {}};
                row.isWithAbove = i > 0 && random.bounded(2) == 0;
                rows.append(row);
            }
            const QString sql = conditionFromRows(rows);
            QVERIFY2(rowsFromCondition(sql) == rows, qPrintable(sql));
            for (int bits = 0; bits < 16; ++bits) {
                QList<QPair<bool, bool>> outer;
                for (int i = 0; i < 4;) {
                    QList<QPair<bool, bool>> inner;
                    const bool isOr = rows.at(i).isOr;
                    do {
                        inner.append({!inner.isEmpty() && rows.at(i).isOr, (bits >> i & 1) != 0});
                        ++i;
                    } while (i < 4 && rows.at(i).isWithAbove);
                    outer.append({isOr, joined(inner)});
                }
                const Result<QVariant> value = formulas.value(
                    sql, [&](const QString &column) { return QVariant(bits >> columns.indexOf(column) & 1); });
                QVERIFY(value.isOk());
                QVERIFY2(isTrue(*value) == joined(outer), qPrintable(sql));
            }
        }
        // A row that is not whole yet is left out, and its brackets with it.
        QList<ConditionRow> rows{{false, "a", Comparison::True, {}}, {false, "b", Comparison::Is, {}}};
        rows[1].isWithAbove = true;
        QCOMPARE(conditionFromRows(rows), "a");
        QCOMPARE(conditionFromRows({{true, "a", Comparison::Is, {}}, rows[0]}), "a");
    }

    void meansWhatItSays_data()
    {
        QTest::addColumn<int>("comparison");
        QTest::addColumn<QStringList>("values");
        QTest::addColumn<QVariant>("value");
        QTest::addColumn<bool>("isSo");
        const auto add = [](Comparison comparison, const QStringList &values, const QVariant &value, bool isSo) {
            QTest::addRow("%s %s %s", qPrintable(comparisonWords(comparison)), qPrintable(values.join('|')),
                          qPrintable(value.toString()))
                << int(comparison) << values << value << isSo;
        };
        add(Comparison::Contains, {"drag"}, "has dragged", true);
        add(Comparison::Contains, {"50 %"}, "50 X", false);
        add(Comparison::Contains, {"50 %"}, "at 50 %!", true);
        add(Comparison::Contains, {"a_b"}, "axb", false);
        add(Comparison::ContainsNot, {"drag"}, QVariant(), true);
        add(Comparison::ContainsNot, {"drag"}, "dragged", false);
        add(Comparison::Begins, {"NB"}, "NB-1", true);
        add(Comparison::Begins, {"NB"}, "xNB", false);
        add(Comparison::Ends, {"NB"}, "xNB", true);
        add(Comparison::IsNot, {"x"}, QVariant(), true);
        add(Comparison::IsNot, {"x"}, "x", false);
        add(Comparison::NoneOf, {"x", "y"}, QVariant(), true);
        add(Comparison::NoneOf, {"x", "y"}, "y", false);
        add(Comparison::NoneOf, {"x", "y"}, "z", true);
        add(Comparison::OneOf, {"x", "it's"}, "it's", true);
        add(Comparison::Blank, {}, QVariant(), true);
        add(Comparison::Blank, {}, "", true);
        add(Comparison::Blank, {}, 0, false);
        add(Comparison::Filled, {}, 0, true);
        add(Comparison::Filled, {}, "", false);
        add(Comparison::True, {}, 1, true);
        add(Comparison::False, {}, 0, true);
        add(Comparison::False, {}, QVariant(), false);
        const QDate today = QDate::currentDate();
        add(Comparison::WithinNext, {"14"}, today.addDays(14).toString(Qt::ISODate), true);
        add(Comparison::WithinNext, {"14"}, today.addDays(15).toString(Qt::ISODate), false);
        add(Comparison::WithinNext, {"14"}, today.addDays(-1).toString(Qt::ISODate), false);
        add(Comparison::WithinLast, {"3"}, today.addDays(-3).toString(Qt::ISODate), true);
        add(Comparison::WithinLast, {"3"}, today.addDays(-4).toString(Qt::ISODate), false);
        add(Comparison::ThisMonth, {}, today.toString(Qt::ISODate), true);
        add(Comparison::ThisMonth, {}, today.addDays(-40).toString(Qt::ISODate), false);
    }
    void meansWhatItSays()
    {
        QFETCH(int, comparison);
        QFETCH(QStringList, values);
        QFETCH(QVariant, value);
        QFETCH(bool, isSo);
        ConditionRow row{false, "a", static_cast<Comparison>(comparison), {}};
        const bool isNumber = row.comparison == Comparison::WithinNext || row.comparison == Comparison::WithinLast;
        for (const QString &each : values) {
            row.values.append(CompareValue{each, isNumber});
        }
        QCOMPARE(isTrueOf(conditionFromRows({row}), value), isSo);
        row.isNot = true; // blank or not, it is the opposite
        QCOMPARE(isTrueOf(conditionFromRows({row}), value), !isSo);
    }

    // What cannot stand in rows is left as SQL, never misread.
    void whatIsNotSimpleIsNotRead_data()
    {
        QTest::addColumn<QString>("sql");
        for (const char *sql : {"a = 1 AND ((b = 2 OR c = 3) AND a = 2)",
                                "(a = 1 OR b = 2",
                                "a = 1)",
                                "(a = 1) = 1",
                                "()",
                                "a + 1 = 2",
                                "a = b + 1",
                                "upper(a) = 'X'",
                                "a LIKE 'x_y'",
                                "a LIKE '%x%y%'",
                                "NOT (a = 1)",
                                "a = (SELECT 1)",
                                "a = 1 --",
                                "a IN (b)",
                                "case when a then b end",
                                "a = 'x' || 'y'",
                                "a",
                                "= 1",
                                "a = ",
                                "a AND",
                                "a BETWEEN 1",
                                "a IS NOT",
                                "a LIKE 'plain'",
                                "date(a) = date('now')"}) {
            QTest::newRow(sql) << QString(sql);
        }
    }
    void whatIsNotSimpleIsNotRead()
    {
        QFETCH(QString, sql);
        const auto rows = rowsFromCondition(sql);
        if (rows) { // read all the same: then it must mean the same
            RowFormulas formulas({"a", "b", "c"});
            for (const QVariant &value : {QVariant(), QVariant(0), QVariant(1), QVariant("x")}) {
                const auto of = [&](const QString &text) {
                    const Result<QVariant> result = formulas.value(text, [&](const QString &) { return value; });
                    return result && isTrue(*result);
                };
                QCOMPARE(of(conditionFromRows(*rows)), of(sql));
            }
        }
        static const QStringList simple{"a", "a = 1 --"};
        QVERIFY2(!rows || simple.contains(sql), qPrintable(rows ? conditionFromRows(*rows) : QString()));
    }

    void readsInWords()
    {
        Form form = samples::columnOfFields(2);
        QCOMPARE(conditionInWords(form, "column_0 = 'adrift' AND column_1 > 3 OR other_thing IS NULL"),
                 "Column 0 is “adrift” and Column 1 is more than 3 or Other thing is blank");
        QCOMPARE(conditionInWords(form, "column_0 = 'adrift' AND (column_1 > 3 OR column_1 IS NULL)"),
                 "Column 0 is “adrift” and (Column 1 is more than 3 or Column 1 is blank)");
        QCOMPARE(conditionInWords(form, "laid_on < date('now', 'localtime', '-30 days')"),
                 "Laid on is before today 30 days ago");
        // Of yes and no, numbers read as such; a number of anything else stays one.
        Control flag = form.controls.at(0);
        flag.id = nextControlId(form);
        flag.kind = "tick-box";
        flag.name = flag.column = "lit";
        form.controls.append(flag);
        QCOMPARE(conditionInWords(form, "lit = 0 OR lit = 1 OR lit <> 0"), "Lit is no or Lit is yes or Lit is yes");
        QVERIFY(conditionInWords(form, "column_1 = 0").endsWith(" is 0"));
        QCOMPARE(conditionInWords(form, "column_1 > 3 AND NOT coalesce(column_0 LIKE 'NB%', 0)"),
                 "Column 1 is more than 3 and not: Column 0 begins with “NB”");
        QCOMPARE(conditionInWords(form, "  abs(column_0)\n > 3 "), "abs(column_0) > 3");
    }
};

QTEST_APPLESS_MAIN(TestConditionRows)
#include "tst_condition_rows.moc"
