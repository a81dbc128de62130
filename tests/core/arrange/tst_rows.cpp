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
        QCOMPARE(tabSequence(form), QList<ControlId>({2, 1, 3, 4, 5}));
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
