#include "core/arrange/rows.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestRows : public QObject
{
    Q_OBJECT

    static Form at(const QList<QRect> &places)
    {
        Form form;
        form.bands = {Band{BandRole::Body, 600, {}}};
        for (const QRect &place : places) {
            Control control;
            control.id = form.controls.size() + 1;
            control.kind = "text-box";
            control.place = place;
            form.controls.append(control);
        }
        return form;
    }

private Q_SLOTS:
    void nearlyLevelControlsShareARow()
    {
        const Form form =
            at({{200, 18, 80, 24}, {16, 16, 80, 24}, {16, 50, 80, 24}, {200, 47, 80, 96}, {16, 90, 80, 24}});
        QCOMPARE(rowsOfArea(form, {BandRole::Body, 0, 0}), QList<QList<ControlId>>({{2, 1}, {3, 4}, {5}}));
        Form byRows = form;
        byRows.tabOrder = TabOrder::Rows;
        QCOMPARE(tabSequence(byRows), QList<ControlId>({2, 1, 3, 4, 5}));
    }

    void columnsAndByHand()
    {
        Form form = at({{200, 16, 80, 24}, {16, 16, 80, 24}, {200, 50, 80, 24}, {16, 50, 80, 24}});
        form.tabOrder = TabOrder::Columns;
        QCOMPARE(tabSequence(form), QList<ControlId>({2, 4, 1, 3}));
        form.tabOrder = TabOrder::ByHand;
        form.handOrder = {3, 1};
        // What is not listed comes behind, as it stands.
        QCOMPARE(tabSequence(form), QList<ControlId>({3, 1, 2, 4}));
    }

    // Drawn as letters: each is a box, as wide as it is drawn, a step of 8 px a sign; the order in which they read.
    void formsRead_data()
    {
        QTest::addColumn<QStringList>("drawn");
        QTest::addColumn<QString>("reads");
        QTest::newRow("one column") << QStringList{"aaaa", "bb", "cccccc"} << "abc";
        QTest::newRow("two columns") << QStringList{"aaaa      dddd", "bb        ee", "cccccc    ff"} << "abcdef";
        QTest::newRow("the second shorter")
            << QStringList{"aaaa      dddd", "bb        ee", "cccccc", "gg"} << "abcgde";
        QTest::newRow("a post code and its town")
            << QStringList{"aaaaaaaaaaa   f", "bbbb cccccc   g", "dddd          h", "eeeeeeeee"} << "abcdefgh";
        QTest::newRow("towns in line with one another, far behind")
            << QStringList{"aaaa      ff", "bbbb      gggg     h", "cccc      ii", "dddd      jjjj     k",
                           "ee        ll"}
            << "abcdefghijkl";
        QTest::newRow("one across, below and above")
            << QStringList{"aaaaaaaaaaaaaaaaaa", "bbbb      dddd", "cc        ee",
                           "ffffffffffffffffff", "g         i",    "h         j"}
            << "abcdefghij";
        QTest::newRow("a heading over columns") << QStringList{"aaaa", "bbbb      dddd", "cc        ee"} << "abcde";
        QTest::newRow("two of one line at the top")
            << QStringList{"aaaa bbbb", "cccc", "dddddddddd", "eeee"} << "abcde";
        QTest::newRow("three columns, the last short")
            << QStringList{"aaaa    ddd    gg", "bbb     eee", "cc      ff"} << "abcdefg";
        QTest::newRow("one line") << QStringList{"aaaa    ddd    gg"} << "adg";
        QTest::newRow("a second part further down")
            << QStringList{"aaa     dd", "bbb     ee", "ccc", "f", "ggg     i", "h       j"} << "abcfdeghij";
    }
    void formsRead()
    {
        QFETCH(QStringList, drawn);
        QFETCH(QString, reads);
        QMap<QChar, QRect> boxes;
        for (int row = 0; row < drawn.size(); ++row) {
            for (int at = 0; at < drawn.at(row).size(); ++at) {
                if (const QChar letter = drawn.at(row).at(at); letter != u' ') {
                    boxes[letter] = boxes.value(letter).united(QRect(16 + 8 * at, 16 + 32 * row, 8, 24));
                }
            }
        }
        const Form form = at(boxes.values());
        QString read;
        for (const ControlId id : tabSequence(form)) {
            read += boxes.keys().at(id - 1);
        }
        QCOMPARE(read, reads);
    }

    void everyStopIsVisitedOnce()
    {
        QRandomGenerator random(11);
        for (int i = 0; i < 50; ++i) {
            const Form form = samples::anyForm(random, 40);
            const QList<ControlId> sequence = tabSequence(form);
            const QSet<ControlId> visited(sequence.begin(), sequence.end());
            QCOMPARE(visited.size(), sequence.size());
            int stops = 0;
            for (const Control &control : form.controls) {
                const bool isStop =
                    kindNamed(control.kind).editor != Editor::None &&
                    !(kindNamed(control.kind).isWorkedOut && kindNamed(control.kind).editor == Editor::Line);
                stops += isStop ? 1 : 0;
                QCOMPARE(visited.contains(control.id), isStop);
            }
            QCOMPARE(visited.size(), stops);
        }
    }
};

QTEST_APPLESS_MAIN(TestRows)
#include "tst_rows.moc"
