#include "core/arrange/moving.h"
#include "core/arrange/windows/window_size.h"
#include "core/edit/edits.h"
#include "core/kinds/settings/typing.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestEdits : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;

    static QRect placeOf(const Form &form, ControlId id) { return form.controls.find(id)->place; }

private Q_SLOTS:
    void aFieldTakesItsCaptionAlong()
    {
        const Form form = samples::columnOfFields(3);
        const Form moved = moveControls(form, {3}, QPoint(0, 32));
        QCOMPARE(placeOf(moved, 3), placeOf(form, 3).translated(0, 32));
        QCOMPARE(placeOf(moved, 4), placeOf(form, 4).translated(0, 32));
        QCOMPARE(placeOf(moved, 1), placeOf(form, 1));
    }

    void aCaptionMovesAlone()
    {
        const Form form = samples::columnOfFields(2);
        const Form moved = moveControls(form, {2}, QPoint(0, 5));
        QCOMPARE(placeOf(moved, 2), placeOf(form, 2).translated(0, 5));
        QCOMPARE(placeOf(moved, 1), placeOf(form, 1));
    }

    void nothingLeavesItsBandAndTheFormGrowsToHold()
    {
        QRandomGenerator random(5);
        for (int i = 0; i < 200; ++i) {
            Form form = samples::columnOfFields(6);
            const QList<ControlId> chosen{1 + random.bounded(12), 1 + random.bounded(12)};
            form = moveControls(form, chosen, QPoint(random.bounded(-800, 800), random.bounded(-800, 800)));
            form = resizeControls(form, chosen, Edge::Right | Edge::Bottom,
                                  QPoint(random.bounded(-300, 600), random.bounded(-300, 600)));
            for (const Control &control : form.controls) {
                const Band *band = findBand(form, control.band);
                QVERIFY(control.place.x() >= 0 && control.place.y() >= 0);
                QVERIFY(control.place.x() + control.place.width() <= form.width);
                QVERIFY(control.place.y() + control.place.height() <= band->height);
                QVERIFY(control.place.width() >= 8 && control.place.height() >= 8);
            }
        }
    }

    void movingThereAndBackGivesTheSamePlaces()
    {
        const Form form = samples::columnOfFields(5);
        const Form back = moveControls(moveControls(form, {1, 5}, QPoint(40, 16)), {1, 5}, QPoint(-40, -16));
        for (const Control &control : form.controls) {
            QCOMPARE(placeOf(back, control.id), control.place);
            QVERIFY(back.controls.find(control.id)->rides == control.rides);
        }
    }

    void aMoveOffTheRailLetsGoOfIt()
    {
        const Form form = samples::columnOfFields(2);
        const Form moved = moveControls(form, {1}, QPoint(8, 0));
        QCOMPARE(moved.controls.find(1)->rides.left, int(FixedRail::None));
        QCOMPARE(moved.controls.find(2)->rides.right, int(FixedRail::None));
        QCOMPARE(moved.controls.find(3)->rides.left, int(FixedRail::FirstFree));
    }

    void resizingMovesOnlyTheEdgesNamed()
    {
        const Form form = samples::columnOfFields(1);
        const QRect before = placeOf(form, 1);
        const QRect right = placeOf(resizeControls(form, {1}, Edge::Right, QPoint(40, 99)), 1);
        QCOMPARE(right, QRect(before.x(), before.y(), before.width() + 40, before.height()));
        const QRect left = placeOf(resizeControls(form, {1}, Edge::Left, QPoint(-40, 0)), 1);
        QCOMPARE(left, QRect(before.x() - 40, before.y(), before.width() + 40, before.height()));
        const QRect crossed = placeOf(resizeControls(form, {1}, Edge::Left, QPoint(1000, 0)), 1);
        QCOMPARE(crossed.width(), 8);
        QCOMPARE(crossed.x() + crossed.width(), before.x() + before.width());
    }

    void placingGivesThatPlace()
    {
        const Form form = samples::columnOfFields(3);
        const Form placed = placeControl(form, 3, QRect(200, 40, 96, 32));
        QCOMPARE(placeOf(placed, 3), QRect(200, 40, 96, 32));
        QCOMPARE(placeOf(placed, 4).right(), 200 - CaptionGap - 1);
    }

    void deletingAFieldTakesItsCaptionAndForgetsItsColumn()
    {
        Form form = samples::columnOfFields(3);
        form.boundColumns = {{"column_0", "TEXT", {}, false, {}, {}}, {"column_1", "TEXT", {}, false, {}, {}}};
        const Form without = deleteControls(form, {1});
        QCOMPARE(without.controls.size(), 4);
        QVERIFY(!without.controls.find(1) && !without.controls.find(2));
        QCOMPARE(without.boundColumns.size(), 1);
        const Form captionOnly = deleteControls(form, {2});
        QVERIFY(captionOnly.controls.find(1) && !captionOnly.controls.find(2));
    }

    void captionsMayHoldAnyWords()
    {
        const Form form = samples::columnOfFields(3);
        const Form renamed = setCaptionText(form, 2, "name'); DROP TABLE buoy; --", m_measure);
        QCOMPARE(renamed.controls.find(2)->text, "name'); DROP TABLE buoy; --");
        QCOMPARE(renamed.controls.find(1)->column, form.controls.find(1)->column);
        QCOMPARE(renamed.controls.find(2)->name, form.controls.find(2)->name);
    }

    void namesStayValidAndUnique()
    {
        const Form form = samples::columnOfFields(3);
        QCOMPARE(renameControl(form, 1, "Asset No!").controls.find(1)->name, "asset_no");
        QCOMPARE(renameControl(form, 1, "text_1").controls.find(1)->name, "text_1_2");
        QCOMPARE(renameControl(form, 1, "text_0").controls.find(1)->name, "text_0");
    }

    void settingsAreSetAndRemoved()
    {
        const Form form = samples::columnOfFields(3);
        const Form locked = withSettings(form, {1, 3}, [](ControlSettings &all) { all.set(setting::Locked, true); });
        QVERIFY(isLocked(*locked.controls.find(1)) && isLocked(*locked.controls.find(3)) &&
                !isLocked(*locked.controls.find(5)));
        QVERIFY(withSettings(locked, {1, 3}, [](ControlSettings &all) { all.remove(setting::Locked); }) == form);
    }

    void bandsAndFormStopAtTheControls()
    {
        const Form form = samples::columnOfFields(3);
        QCOMPARE(findBand(setBandHeight(form, BandRole::Body, 400), BandRole::Body)->height, 400);
        QCOMPARE(findBand(setBandHeight(form, BandRole::Body, 10), BandRole::Body)->height, 16 + 2 * 32 + 24);
        QCOMPARE(setFormWidth(form, 900).width, 900);
        QCOMPARE(setFormWidth(form, 10).width, 280);
    }
};

QTEST_APPLESS_MAIN(TestEdits)
#include "tst_edits.moc"
