// Sums typed where a number is wanted.
#include "core/text/number_words.h"
#include "core/text/sums.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestSums : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void workedOut_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("words");
        const auto row = [](const char *typed, const char *words) {
            QTest::newRow(typed) << QString(typed) << QString(words);
        };
        row("12*3.5", "42");
        row("2+3*4", "14");
        row("(2+3)*4", "20");
        row("10-2-3", "5");
        row("100/8/5", "2.5");
        row("0.1+0.2", "0.3");
        row("2*-3", "-6");
        row("1.5 × 8 =", "12");
        row("9÷2", "4.5");
        row("7/3", "2.333333333");
        // No sums: they stay as they were typed, to be read or refused as they are.
        for (const char *other :
             {"12", "-5", "+5", "", "1/0", "3*", "(4", "4)", "12 m", "1..2", "x*2", "2026-05-03x"}) {
            row(other, other);
        }
    }
    void workedOut()
    {
        QFETCH(QString, typed);
        QFETCH(QString, words);
        QCOMPARE(sumMeant(typed, QLocale::c()), words);
        QCOMPARE(isSum(typed, QLocale::c()), typed != words);
    }

    void decimalSignsOfTheLocale()
    {
        const QLocale german(QLocale::German, QLocale::Germany);
        QCOMPARE(sumMeant("12*3,5", german), QString("42"));
        QCOMPARE(sumMeant("1,5+0.25", german), QString("1,75"));
    }

    // However numbers are put together, what comes out is read as the number that it is.
    void whatComesOutCanBeRead()
    {
        QRandomGenerator random(7);
        for (int i = 0; i < 2000; ++i) {
            const double a = random.bounded(100000) / 100.0;
            const double b = random.bounded(1, 1000) / 10.0;
            const char *sign = std::array{"+", "-", "*", "/"}.at(random.bounded(4));
            const double expected = *sign == '+' ? a + b : *sign == '-' ? a - b : *sign == '*' ? a * b : a / b;
            const QString words =
                sumMeant(QString::number(a, 'f', 2) + sign + QString::number(b, 'f', 1), QLocale::c());
            const Result<QVariant> read = readDecimalNumber(words, QLocale::c());
            QVERIFY2(read && std::abs(read->toDouble() - expected) < 1e-6, qPrintable(words));
        }
    }

    void deepAndLongWordsEnd()
    {
        QCOMPARE(sumMeant(QString(5000, '(') + "1", QLocale::c()), QString(5000, '(') + "1");
        QCOMPARE(sumMeant(QString("1+").repeated(2000) + "1", QLocale::c()), QString("2001"));
    }
};

QTEST_APPLESS_MAIN(TestSums)
#include "tst_sums.moc"
