// Shapes: read out of examples, tried, put on while typing and afterwards; the ready ones with their check digits.
#include "core/rules/ready_shapes.h"
#include "core/rules/shapes.h"

#include <QElapsedTimer>
#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestShapes : public QObject
{
    Q_OBJECT

    static Rule like(const QStringList &examples) { return {.effect = "shape", .examples = examples}; }
    static Rule ready(const char *name) { return {.effect = "shape", .ready = QString::fromLatin1(name)}; }

private Q_SLOTS:
    void examplesAreRead()
    {
        QCOMPARE(patternOf(like({"NB-2104-D"})), "\\p{Lu}{2}\\-\\d{4}\\-\\p{Lu}");
        QCOMPARE(shapeInWords(shapesFrom({"NB-2104-D"}).first()), "2 capitals, “-”, 4 figures, “-”, 1 capital");
        // What is the same in several is fixed, what differs in length may be as long as any.
        QCOMPARE(patternOf(like({"NB-2104-D", "NB-7-A"})), "NB\\-\\d{1,4}\\-\\p{Lu}");
        QCOMPARE(shapesFrom({"NB-2104-D", "12/34", "NB-1-X"}).size(), 2);
        QVERIFY(shapesFrom({"", "  "}).isEmpty());
    }

    // Every example has its own shape, whatever it is.
    void examplesFitThemselves()
    {
        QRandomGenerator random(6);
        const QString signs = "ABXYabxyÄß0123456789-/. +()";
        for (int round = 0; round < 2000; ++round) {
            QStringList examples;
            for (int i = 0; i <= random.bounded(3); ++i) {
                QString example;
                for (int k = 1 + random.bounded(10); k > 0; --k) {
                    example.append(signs.at(random.bounded(signs.size())));
                }
                examples.append(example.trimmed());
            }
            examples.removeAll(QString());
            const Rule shape = like(examples);
            for (const QString &example : std::as_const(examples)) {
                QVERIFY2(hasShape(shape, example), qPrintable(example + " in " + patternOf(shape)));
                QCOMPARE(broughtIntoShape(shape, example), example);
                // Typed letter by letter, it comes out as it is: what is put in is what would have been typed.
                if (examples.size() == 1) {
                    QString typed;
                    while (typed.size() < example.size()) {
                        QVERIFY2(example.startsWith(typed), qPrintable(typed + " of " + example));
                        typed = whileTyped(shape, typed + example.at(typed.size()));
                    }
                    QCOMPARE(typed, example);
                }
            }
        }
    }

    void signsAndCaseComeByThemselves()
    {
        const Rule shape = like({"NB-2104-D"});
        QCOMPARE(whileTyped(shape, "n"), "N");
        QCOMPARE(whileTyped(shape, "Nb"), "NB-");
        QCOMPARE(whileTyped(shape, "NB-2104"), "NB-2104-");
        QCOMPARE(whileTyped(shape, "NB-2104-d"), "NB-2104-D");
        QCOMPARE(whileTyped(shape, "NB-21x"), "NB-21x"); // leaves the shape, and stays as it was typed
        QCOMPARE(whileTyped(shape, "9"), "9");
        QCOMPARE(broughtIntoShape(shape, " nb2104d "), "NB-2104-D");
        QCOMPARE(broughtIntoShape(shape, "nb 2104 d"), "NB-2104-D");
        QCOMPARE(broughtIntoShape(shape, "nb-21-d"), "nb-21-d");
        QCOMPARE(broughtIntoShape(shape, ""), "");
        // Of several shapes, only what they agree on.
        const Rule several = like({"AB-12", "AB/12"});
        QCOMPARE(whileTyped(several, "ab"), "AB");
        QVERIFY(hasShape(several, "XY/99"));
        QVERIFY(!hasShape(several, "XY 99"));
    }

    void readyOnesTakeTheirExamples()
    {
        for (const ReadyShape &shape : readyShapes()) {
            const Rule rule = ready(shape.name);
            const QString example = QString::fromUtf8(shape.example);
            QVERIFY2(patternMistake(QString::fromUtf8(shape.pattern)).isEmpty(), shape.name);
            QVERIFY2(hasShape(rule, example), shape.name);
            QVERIFY2(hasShape(rule, broughtIntoShape(rule, example)), shape.name);
            QCOMPARE(broughtIntoShape(rule, broughtIntoShape(rule, example)), broughtIntoShape(rule, example));
            QVERIFY2(!hasShape(rule, "?"), shape.name);
            // A figure changed makes a check digit wrong.
            if (shape.isRight && qstrcmp(shape.name, "phone") != 0) {
                for (qsizetype i = 0; i < example.size(); ++i) {
                    QString wrong = example;
                    if (wrong.at(i).isDigit()) {
                        wrong[i] = QChar('0' + (wrong.at(i).digitValue() + 1) % 10);
                        QVERIFY2(!hasShape(rule, wrong), qPrintable(wrong));
                    }
                }
            }
        }
        QCOMPARE(broughtIntoShape(ready("iban"), "gb82west12345698765432"), "GB82 WEST 1234 5698 7654 32");
        QCOMPARE(broughtIntoShape(ready("post-gb"), "ca142bu"), "CA14 2BU");
        QVERIFY(hasShape(ready("isbn"), "0-306-40615-2"));
        QVERIFY(hasShape(ready("isbn"), "080442957X"));
        QVERIFY(!hasShape(ready("isbn"), "0-306-40615-3"));
    }

    void patternsOfStrangersEnd()
    {
        Rule rule{.effect = "shape", .pattern = "(a+)+(a+)+(a+)+b"};
        QElapsedTimer clock;
        clock.start();
        QVERIFY(!hasShape(rule, QString(60, 'a')));
        QVERIFY2(clock.elapsed() < 2000, "gives up"); // seconds off without a limit
        rule.pattern = "(";
        QVERIFY(!patternMistake(rule.pattern).isEmpty());
        QVERIFY(hasShape(rule, "anything"));
        rule.pattern = "a|b";
        QVERIFY(hasShape(rule, "b") && !hasShape(rule, "ab"));
    }
};

QTEST_APPLESS_MAIN(TestShapes)
#include "tst_shapes.moc"
