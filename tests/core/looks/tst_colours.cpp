// Colours as numbers: their notations, what they look like, what can be read on what, light and dark sides.
#include "core/looks/colour_words.h"
#include "core/looks/oklch.h"
#include "core/looks/readable.h"
#include "core/looks/sides.h"
#include "core/looks/sight.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestColours : public QObject
{
    Q_OBJECT

    QRandomGenerator m_chance{17};
    Colour any() { return m_chance.bounded(0x1000000U); }

private Q_SLOTS:
    // Values from the examples of CSS Color 4 and from its conversion formulas.
    void notationsAreRead_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<quint32>("expected");
        const auto row = [](const char *typed, quint32 expected) {
            QTest::newRow(typed) << QString(typed) << expected;
        };
        row("#0b7a70", 0x0B7A70);
        row(" #0B7A70 ", 0x0B7A70);
        row("0b7a70", 0x0B7A70);
        row("#0a7", 0x00AA77);
        row("teal", 0x008080);
        row("RebeccaPurple", 0x663399);
        row("rgb(11 122 112)", 0x0B7A70);
        row("rgb(11, 122, 112)", 0x0B7A70);
        row("rgb(100% 0% 50%)", 0xFF0080);
        row("rgb(11 122 112 / 1)", 0x0B7A70);
        row("rgba(11, 122, 112, 100%)", 0x0B7A70);
        row("rgb(300 -20 0)", 0xFF0000);
        row("hsl(120 100% 25%)", 0x008000);
        row("hsl(120deg, 100%, 25%)", 0x008000);
        row("hsl(0.5turn 100% 50%)", 0x00FFFF);
        row("hsl(-120 100% 50%)", 0x0000FF);
        row("hwb(0 0% 0%)", 0xFF0000);
        row("hwb(90 50% 50%)", 0x808080);
        row("hwb(194 0% 0%)", 0x00C4FF);
        row("lab(100 0 0)", 0xFFFFFF);
        row("lab(0 0 0)", 0x000000);
        row("lab(46.2775% -47.5621 48.5837)", 0x008000);
        row("lch(46.2775% 67.9892 134.3912)", 0x008000);
        row("oklab(51.975% -0.1403 0.10768)", 0x008000);
        row("oklch(51.975% 0.17686 142.495)", 0x008000);
        row("oklch(1 none none)", 0xFFFFFF);
        row("color(srgb 0 0.501961 0)", 0x008000);
    }
    void notationsAreRead()
    {
        QFETCH(QString, typed);
        QFETCH(quint32, expected);
        const Result<Colour> colour = readColour(typed);
        QVERIFY2(colour, qPrintable(colour.error().sentence));
        for (const int shift : {16, 8, 0}) {
            const int apart = int(*colour >> shift & 0xFF) - int(expected >> shift & 0xFF);
            QVERIFY2(qAbs(apart) <= 1, qPrintable(colourInWords(*colour)));
        }
    }

    void whatIsNoColourIsRefusedInWords_data()
    {
        QTest::addColumn<QString>("typed");
        for (const char *typed :
             {"", "#", "#12", "#12345", "#1234567", "tealish", "rgb(1 2)", "rgb(a b c)", "rgb(1 2 3", "hsl(1 2 nan)",
              "oklch(", "color()", "color(display-p3 1 0 0)", "rgb(1 2 3 4 5)", "url(x)", "rgb(11 122 112 / 0.5)",
              "rgba(1,2,3,0)", "rgb(1 2 3 / 4 / 5)", "rgb(1e999 0 0)"}) {
            QTest::newRow(typed) << QString(typed);
        }
    }
    void whatIsNoColourIsRefusedInWords()
    {
        QFETCH(QString, typed);
        const Result<Colour> colour = readColour(typed);
        QVERIFY(!colour);
        QVERIFY(colour.error().sentence.size() > 20);
    }

    void wordsOfAColourAreReadBack()
    {
        for (int i = 0; i < 1000; ++i) {
            const Colour colour = any();
            QCOMPARE(*readColour(colourInWords(colour)), colour);
        }
    }

    void seenColoursAreTheSameAgain()
    {
        for (int i = 0; i < 5000; ++i) {
            const Colour colour = any();
            QCOMPARE(fromOklch(toOklch(colour)), colour);
        }
    }

    // What a screen cannot show keeps its lightness and hue and gives way in strength alone.
    void whatNoScreenShowsKeepsLightnessAndHue()
    {
        for (int i = 0; i < 1000; ++i) {
            const Oklch asked{0.2 + 0.6 * m_chance.generateDouble(), 0.5, 360 * m_chance.generateDouble()};
            const Oklch got = toOklch(fromOklch(asked));
            QVERIFY(qAbs(got.lightness - asked.lightness) < 0.01);
            QVERIFY(got.chroma < asked.chroma);
            const double apart = qAbs(got.hue - asked.hue);
            QVERIFY(got.chroma < 0.05 || qMin(apart, 360 - apart) < 3);
        }
    }

    void whatIsReadableIsReadableAndNear()
    {
        for (int i = 0; i < 5000; ++i) {
            const Colour ground = any();
            const Colour wanted = any();
            for (const double ratio : {EdgeContrast, TextContrast}) {
                const Colour given = readableOn({ground}, wanted, ratio);
                QVERIFY(contrast(given, ground) >= ratio);
                if (contrast(wanted, ground) >= ratio) {
                    QCOMPARE(given, wanted); // nothing to do
                }
                // Nearer to what was wanted than the blunt answer, or that answer itself.
                const Colour blunt = contrast(0, ground) >= contrast(0xFFFFFF, ground) ? 0 : 0xFFFFFF;
                QVERIFY(difference(given, wanted) <= difference(blunt, wanted) + 0.001);
            }
        }
    }

    // Greys look the same to all; red and green of one lightness run together for those without one of them.
    void othersSeeFewerColours()
    {
        for (const Sight sight : {Sight::WithoutRed, Sight::WithoutGreen, Sight::WithoutBlue}) {
            for (Colour grey = 0; grey <= 0xFFFFFF; grey += 0x010101) {
                const Colour seen = seenWith(sight, grey);
                for (const int shift : {16, 8, 0}) {
                    QVERIFY(qAbs(int(seen >> shift & 0xFF) - int(grey >> shift & 0xFF)) <= 2);
                }
            }
        }
        const Colour red = fromOklch({0.6, 0.12, 25});
        const Colour green = fromOklch({0.6, 0.12, 140});
        QVERIFY(difference(seenWith(Sight::WithoutGreen, red), seenWith(Sight::WithoutGreen, green)) <
                difference(red, green) / 2);
        QCOMPARE(seenWith(Sight::Usual, red), red);
    }

    void lightToDarkAndBack()
    {
        int whole = 0;
        for (int i = 0; i < 5000; ++i) {
            const Colour light = any();
            const Colour back = lightSideOf(darkSideOf(light));
            QVERIFY(qAbs(toOklch(back).lightness - toOklch(light).lightness) < 0.015);
            // Strong colours lose of their strength where the other side cannot show it.
            if (toOklch(darkSideOf(light)).chroma > toOklch(light).chroma - 0.003) {
                QVERIFY(difference(back, light) < 0.02);
                ++whole;
            }
        }
        QVERIFY(whole > 1000);
        QCOMPARE(darkSideOf(0x000000), Colour(0xFFFFFF));
        QVERIFY(contrast(darkSideOf(0xFFFFFF), darkSideOf(0x1F2A33)) > 7); // usual words on usual paper
    }
};

QTEST_APPLESS_MAIN(TestColours)
#include "tst_colours.moc"
