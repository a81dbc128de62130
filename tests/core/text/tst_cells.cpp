// Cells to text and back.
#include "core/text/cells.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestCells : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void asSheetsWriteThem()
    {
        QCOMPARE(cellsFromText("a\tb\nc\td\n"), (Cells{{"a", "b"}, {"c", "d"}}));
        QCOMPARE(cellsFromText("a\tb\r\nc\td"), (Cells{{"a", "b"}, {"c", "d"}}));
        QCOMPARE(cellsFromText("\"two\nlines\"\t\"say \"\"so\"\"\"\n"), (Cells{{"two\nlines", "say \"so\""}}));
        QCOMPARE(cellsFromText("a\t\tb\n\n"), (Cells{{"a", "", "b"}, {""}}));
        QCOMPARE(cellsFromText("5\" pipe\tx"), (Cells{{"5\" pipe", "x"}})); // a quote in the middle is a letter
        QCOMPARE(cellsFromText(""), Cells{});
        QCOMPARE(cellsFromText("\""), (Cells{{""}}));
    }

    void oneCellIsNone()
    {
        QVERIFY(!holdsCells("word"));
        QVERIFY(!holdsCells("word\n"));
        QVERIFY(!holdsCells(""));
        QVERIFY(holdsCells("a\tb"));
        QVERIFY(holdsCells("a\nb"));
    }

    void backAndForth()
    {
        QRandomGenerator random(11);
        const QString letters = QString::fromUtf8("ab\t\n\"\r, é");
        for (int i = 0; i < 3000; ++i) {
            Cells cells;
            const int columns = 1 + static_cast<int>(random.bounded(4));
            for (int row = 1 + static_cast<int>(random.bounded(4)); row > 0; --row) {
                QStringList line;
                for (int column = 0; column < columns; ++column) {
                    QString cell;
                    for (int length = static_cast<int>(random.bounded(5)); length > 0; --length) {
                        cell += letters.at(static_cast<int>(random.bounded(static_cast<int>(letters.size()))));
                    }
                    line.append(cell);
                }
                cells.append(line);
            }
            QCOMPARE(cellsFromText(textFromCells(cells)), cells);
        }
    }
};

QTEST_APPLESS_MAIN(TestCells)
#include "tst_cells.moc"
