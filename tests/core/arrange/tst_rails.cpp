#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/windows/stretching.h"
#include "core/edit/edits.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestRails : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    static constexpr RailId Captions = FixedRail::FirstFree;

    static int right(const QRect &rect) { return rect.x() + rect.width(); }

    // Two columns of boxes, each with an automatic rail, and a wide box that stretches under both.
    static Form twoColumns()
    {
        Form form = samples::columnOfFields(4);
        Rail second;
        second.id = Captions + 1;
        second.name = "second";
        second.position = 400;
        second.isAutomatic = true;
        second.captionsFrom = 312;
        form.rails.append(second);
        Control box = form.controls.at(0);
        box.id = 101;
        box.name = "right_box";
        box.place = QRect(400, 16, 120, 24);
        box.rides.left = second.id;
        form.controls.append(box);
        Control caption = form.controls.at(1);
        caption.id = 102;
        caption.name = "right_caption";
        caption.captionFor = 101;
        caption.place = QRect(400 - CaptionGap - 64, 16, 64, 24);
        caption.rides.right = second.id;
        form.controls.append(caption);
        Control wide = form.controls.at(0);
        wide.id = 103;
        wide.name = "wide";
        wide.kind = "long-text";
        wide.place = QRect(120, 144, 400, 72);
        wide.rides.right = FixedRail::FormRight;
        form.controls.append(wide);
        form.width = 536;
        return grownToHold(form);
    }

private Q_SLOTS:
    void gridLines()
    {
        for (int pitch : {1, 2, 5, 8, 10}) {
            for (int value = -40; value <= 40; ++value) {
                QCOMPARE(onGrid(value, pitch) % pitch, 0);
                QVERIFY(qAbs(onGrid(value, pitch) - value) * 2 <= pitch);
                QCOMPARE(onGrid(onGrid(value, pitch), pitch), onGrid(value, pitch));
                QVERIFY(onGridAtOrAfter(value, pitch) >= value && onGridAtOrAfter(value, pitch) < value + pitch);
                QVERIFY(nextGridLine(value, pitch, 1) > value && nextGridLine(value, pitch, 1) <= value + pitch);
                QVERIFY(nextGridLine(value, pitch, -1) < value && nextGridLine(value, pitch, -1) >= value - pitch);
            }
        }
    }

    void aRailMovesWhatRidesItAndNothingElse()
    {
        const Form form = twoColumns();
        const Form moved = moveRail(form, Captions, 160);
        for (const Control &control : form.controls) {
            const Control &after = *moved.controls.find(control.id);
            if (control.rides.left == Captions && control.rides.right == FixedRail::FormRight) {
                QCOMPARE(after.place.x(), control.place.x() + 40);
                QCOMPARE(right(after.place), right(control.place));
            } else if (control.rides.left == Captions || control.rides.right == Captions) {
                QCOMPARE(after.place, control.place.translated(40, 0));
            } else {
                QCOMPARE(after.place, control.place);
            }
        }
        QVERIFY(moveRail(moved, Captions, 120) == form);
    }

    void anAutomaticRailNeverCutsACaption()
    {
        const Form form = twoColumns();
        const Form moved = moveRail(form, Captions, 3);
        for (const Control &control : moved.controls) {
            QVERIFY(control.place.x() >= 0);
        }
        QCOMPARE(findRail(moved, Captions)->captionsFrom, 0);
    }

    void aLongerCaptionMovesItsRailAndWhatStandsBehind()
    {
        const Form form = settled(twoColumns(), m_measure);
        const Form longer = setCaptionText(form, 2, "A caption of a good deal more words", m_measure);
        const Rail &before = *findRail(form, Captions);
        const Rail &after = *findRail(longer, Captions);
        QVERIFY(after.position > before.position);
        QCOMPARE(after.position % 8, 0);
        const int distance = after.position - before.position;
        QCOMPARE(longer.controls.find(1)->place.x(), form.controls.find(1)->place.x() + distance);
        QCOMPARE(longer.controls.find(101)->place.x(), form.controls.find(101)->place.x() + distance);
        QCOMPARE(longer.controls.find(103)->place.width(), form.controls.find(103)->place.width());
        QCOMPARE(longer.width, form.width + distance);
        // and back again
        QVERIFY(setCaptionText(longer, 2, form.controls.find(2)->text, m_measure) == form);
    }

    void captionsAreNeverCutAndNeverCoverTheirBox()
    {
        QRandomGenerator random(9);
        Form form = settled(twoColumns(), m_measure);
        for (int i = 0; i < 300; ++i) {
            const int field = random.bounded(5);
            const ControlId caption = field == 4 ? 102 : 2 * field + 2;
            form = setCaptionText(form, caption, QString(1 + random.bounded(60), u'w'), m_measure);
            for (const Control &control : form.controls) {
                if (control.captionFor == 0) {
                    continue;
                }
                QVERIFY(control.place.width() >= m_measure.width(control.text, TextRole::Caption));
                QVERIFY(control.place.x() >= 16);
                QVERIFY(right(control.place) <= form.controls.find(control.captionFor)->place.x());
            }
            // the second column's captions stay clear of the first column's boxes
            QVERIFY(form.controls.find(102)->place.x() >= right(form.controls.find(1)->place));
        }
    }

    void settlingTwiceChangesNothing()
    {
        const Form once = settled(twoColumns(), m_measure);
        QVERIFY(settled(once, m_measure) == once);
    }

    void stretchingFollowsTheHolds()
    {
        Form form = twoColumns();
        form.rails[1].hold = Hold::Share;
        Control pinned = form.controls.at(0);
        pinned.id = 104;
        pinned.name = "pinned";
        pinned.rides = {FixedRail::None, FixedRail::FormRight, FixedRail::None, FixedRail::None};
        form.controls.append(pinned);
        const Form wide = stretchedTo(form, form.width + 200, 0);
        QCOMPARE(wide.width, form.width + 200);
        QCOMPARE(wide.controls.find(1)->place, form.controls.find(1)->place);
        QCOMPARE(wide.controls.find(103)->place.width(), form.controls.find(103)->place.width() + 200);
        QCOMPARE(wide.controls.find(104)->place.x(), form.controls.find(104)->place.x() + 200);
        QCOMPARE(wide.controls.find(101)->place.x(), 400 + qRound(400.0 * 200 / form.width));
        QVERIFY(stretchedTo(form, 10, 10) == form);
    }
};

QTEST_APPLESS_MAIN(TestRails)
#include "tst_rails.moc"
