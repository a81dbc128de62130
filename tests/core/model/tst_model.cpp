#include "support/sample_forms.h"

#include "core/model/look.h"

#include <QTest>

using namespace nabblet;

class TestModel : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void aChangedCopySharesWhatDidNotChange()
    {
        const Form form = samples::columnOfFields(100);
        Form copy = form;
        Control control = copy.controls.at(7);
        control.text = "changed";
        copy.controls.replace(7, control);
        int shared = 0;
        for (int i = 0; i < form.controls.size(); ++i) {
            shared += form.controls.sharesWith(copy.controls, i) ? 1 : 0;
        }
        QCOMPARE(shared, form.controls.size() - 1);
        QVERIFY(!(form == copy));
        QVERIFY(form.controls.at(7).text != "changed");
    }

    void replacingWithAnEqualControlKeepsSharing()
    {
        const Form form = samples::columnOfFields(3);
        Form copy = form;
        copy.controls.replace(2, Control(form.controls.at(2)));
        QVERIFY(form.controls.sharesWith(copy.controls, 2));
        QVERIFY(form == copy);
    }

    void findGivesTheControlWithThatId()
    {
        const Form form = samples::columnOfFields(4);
        QCOMPARE(form.controls.find(5)->id, 5);
        QVERIFY(!form.controls.find(999));
        QCOMPARE(nextControlId(form), 9);
        QCOMPARE(captionOf(form, 3)->id, 4);
        QVERIFY(!captionOf(form, 4));
    }

    void bandsStandUnderOneAnother()
    {
        const Form form = samples::columnOfFields(4);
        QCOMPARE(bandTop(form, BandRole::Header), 0);
        QCOMPARE(bandTop(form, BandRole::Body), 56);
        QCOMPARE(formHeight(form), 56 + 32 + 4 * 32);
        QCOMPARE(placeOnForm(form, form.controls.at(0)).y(), 56 + 16);
    }

    void contrastIsKnownAtItsEnds()
    {
        QVERIFY(qAbs(contrast(0x000000, 0xFFFFFF) - 21.0) < 0.01);
        QVERIFY(qAbs(contrast(0x777777, 0x777777) - 1.0) < 0.01);
    }
};

QTEST_APPLESS_MAIN(TestModel)
#include "tst_model.moc"
