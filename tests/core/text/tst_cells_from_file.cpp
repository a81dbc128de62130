// Files of rows read as cells.
#include "core/text/cells_from_file.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

namespace {

QString oddField(QRandomGenerator &random)
{
    static const QStringList pieces{"a", "Łódź", "\"", ",", ";", "\t", "\n", " ", "0,5", "=1", "'", "😀", "\r\n"};
    QString field;
    for (int i = random.bounded(5); i > 0; --i) {
        field += pieces.at(random.bounded(int(pieces.size())));
    }
    return field;
}

} // namespace

class TestCellsFromFile : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    // Whatever stands in fields that are quoted as RFC 4180 says comes out as it went in.
    void quotedFieldsComeThrough()
    {
        QRandomGenerator random(3);
        for (int run = 0; run < 300; ++run) {
            const int columns = 2 + random.bounded(4);
            Cells cells;
            QString text;
            for (int line = 0; line < 1 + 1 + random.bounded(5); ++line) {
                QStringList row;
                QStringList written;
                for (int i = 0; i < columns; ++i) {
                    row.append(line == 0 ? QString("head %1").arg(i) : oddField(random));
                    written.append('"' + QString(row.last()).replace('"', "\"\"") + '"');
                }
                cells.append(row);
                text += written.join(',') + (random.bounded(2) == 0 ? "\r\n" : "\n");
            }
            const Result<Cells> read = cellsFromFile(text.toUtf8(), "csv");
            QVERIFY(read.isOk());
            QCOMPARE(*read, cells);
        }
    }

    void separators()
    {
        QCOMPARE(*cellsFromFile("a;b\n1,5;2\n", "csv"), Cells({{"a", "b"}, {"1,5", "2"}}));
        QVERIFY(isWrittenForPeople("a;b\n1,5;2\n", "csv"));
        QVERIFY(!isWrittenForPeople("a,b\n1.5,2\n", "csv"));
        QCOMPARE(*cellsFromFile("a\tb\nx,y\tz", "tsv"), Cells({{"a", "b"}, {"x,y", "z"}}));
        QCOMPARE(*cellsFromFile("\xef\xbb\xbf"
                                "a,b\n\n1,2\n\n",
                                "csv"),
                 Cells({{"a", "b"}, {"1", "2"}}));
        QCOMPARE(cellsFromFile("a,b\nGr\xf6\xdf"
                               "e,1\n",
                               "csv")
                     ->last()
                     .first(),
                 QString::fromUtf8("Größe"));
    }

    void jsonLines()
    {
        const Result<Cells> cells =
            cellsFromFile("{\"a\":1,\"b\":\"x\\ny\"}\n\n{\"b\":null,\"c\":true,\"a\":0.1}\n{\"d\":[1]}\n", "jsonl");
        QVERIFY(cells.isOk());
        QCOMPARE(cells->first(), QStringList({"a", "b", "c", "d"}));
        QCOMPARE(cells->at(1), QStringList({"1", "x\ny", "", ""}));
        QCOMPARE(cells->at(2), QStringList({"0.1", "", "1", ""}));
        QCOMPARE(cells->at(3), QStringList({"", "", "", "[1]"}));
    }

    // What is none says what is wrong, and where.
    void mistakes()
    {
        QVERIFY(!cellsFromFile("", "csv").isOk());
        QVERIFY(!cellsFromFile("a,b\n", "csv").isOk());
        const Result<Cells> open = cellsFromFile("a,b\n1,2\n\"x,y\n", "csv");
        QVERIFY(!open.isOk());
        QVERIFY2(open.error().sentence.contains('3'), qPrintable(open.error().sentence));
        const Result<Cells> broken = cellsFromFile("{\"a\":1}\n[2]\n", "jsonl");
        QVERIFY(!broken.isOk());
        QVERIFY2(broken.error().sentence.contains('2'), qPrintable(broken.error().sentence));
    }
};

QTEST_GUILESS_MAIN(TestCellsFromFile)
#include "tst_cells_from_file.moc"
