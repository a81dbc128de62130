// The document and what is selected in it.
#include "core/arrange/moving.h"
#include "core/file/form_file.h"
#include "designer/board/scene/selection.h"
#include "designer/document/form_document.h"
#include "entry/theme/theme.h"
#include "support/sample_forms.h"

#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

using namespace nabblet;

class TestDocument : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void anEqualFormIsNoStep()
    {
        FormDocument document(samples::columnOfFields(3));
        document.apply("Nothing", document.form());
        QCOMPARE(document.steps()->count(), 0);
        QVERIFY(!document.isChanged());
    }

    void stepsWithOneKeyBecomeOne()
    {
        FormDocument document(samples::columnOfFields(3));
        const Form before = document.form();
        for (int i = 0; i < 5; ++i) {
            document.apply("Move", moveControls(document.form(), {1}, QPoint(0, 8)), "move 1");
        }
        document.apply("Move", moveControls(document.form(), {3}, QPoint(0, 8)), "move 3");
        QCOMPARE(document.steps()->count(), 2);
        document.steps()->undo();
        document.steps()->undo();
        QVERIFY(document.form() == before);
        // There and back again leaves no step.
        document.apply("Move", moveControls(document.form(), {1}, QPoint(0, 8)), "move 1");
        document.apply("Move", before, "move 1");
        QVERIFY(!document.steps()->canUndo());
    }

    // A form inside another is designed like any other; undo goes back into it, and saving writes the whole.
    void aFormInsideAnotherIsDesigned()
    {
        Form outer = samples::columnOfFields(2);
        Control rows;
        rows.id = nextControlId(outer);
        rows.kind = "subform";
        rows.name = "rows";
        rows.place = QRect(16, 100, 300, 100);
        rows.inner = InnerForm(samples::columnOfFields(3));
        outer.controls.append(rows);
        FormDocument document(outer);
        QSignalSpy focused(&document, &FormDocument::focusChanged);
        document.setFocus({rows.id, 77}); // as far as it leads
        QCOMPARE(document.focus(), InnerPath{rows.id});
        QCOMPARE(focused.size(), 1);
        QCOMPARE(document.form(), *rows.inner.get());
        document.apply("Move", moveControls(document.form(), {1}, QPoint(0, 8)));
        document.apply("Move", moveControls(document.form(), {1}, QPoint(0, 8)));
        const Form moved = document.form();
        QCOMPARE(*document.root().controls.find(rows.id)->inner.get(), moved);
        document.setFocus({});
        QCOMPARE(document.form(), document.root());
        document.apply("Delete", deleteControls(document.form(), {1}));
        document.steps()->undo();
        QVERIFY(document.focus().isEmpty());
        document.steps()->undo(); // inside
        QCOMPARE(document.focus(), InnerPath{rows.id});
        document.steps()->undo();
        QCOMPARE(document.root(), outer);
        QVERIFY(!document.isChanged());
        document.steps()->redo();
        document.steps()->redo();
        QCOMPARE(document.form(), moved);
        QTemporaryDir folder;
        QVERIFY(document.saveTo(folder.filePath("outer.nabform")).isOk());
        QCOMPARE(*loadForm(folder.filePath("outer.nabform"))->controls.find(rows.id)->inner.get(), moved);
        // With its subform gone, the way leads to the outer form.
        document.setFocus({});
        document.apply("Delete", deleteControls(document.form(), {rows.id}));
        document.setFocus({rows.id});
        QVERIFY(document.focus().isEmpty());
    }

    void everyChangeIsTold()
    {
        FormDocument document(samples::columnOfFields(3));
        int told = 0;
        connect(&document, &FormDocument::formChanged, this, [&](const Form &before, const Form &after) {
            QVERIFY(!(before == after));
            ++told;
        });
        document.apply("Delete", deleteControls(document.form(), {1}));
        document.steps()->undo();
        document.steps()->redo();
        QCOMPARE(told, 3);
    }

    void savingMakesItUnchanged()
    {
        QTemporaryDir folder;
        FormDocument document(samples::columnOfFields(3));
        document.markUnsaved();
        QVERIFY(document.isChanged());
        QVERIFY(document.saveTo(folder.filePath("a.nabform")).isOk());
        QVERIFY(!document.isChanged());
        QCOMPARE(document.path(), folder.filePath("a.nabform"));
        document.apply("Delete", deleteControls(document.form(), {1}));
        QVERIFY(document.isChanged());
        document.steps()->undo();
        QVERIFY(!document.isChanged());
        // A path that cannot be written leaves all as it was.
        document.apply("Delete", deleteControls(document.form(), {1}));
        QVERIFY(!document.saveTo(folder.filePath("a.nabform/b.nabform")).isOk());
        QCOMPARE(document.path(), folder.filePath("a.nabform"));
        QVERIFY(document.isChanged());
    }

    // A thousand steps on a large form share what did not change.
    void manyStepsShareTheirControls()
    {
        FormDocument document(samples::columnOfFields(1000));
        const Form first = document.form();
        for (int i = 0; i < 1000; ++i) {
            document.apply("Move", moveControls(document.form(), {1 + 2 * (i % 50)}, QPoint(0, i % 2 ? -8 : 8)));
        }
        int shared = 0;
        for (int i = 0; i < first.controls.size(); ++i) {
            shared += first.controls.sharesWith(document.form().controls, i) ? 1 : 0;
        }
        QVERIFY2(shared >= 1900, qPrintable(QString::number(shared)));
        while (document.steps()->canUndo()) {
            document.steps()->undo();
        }
        QVERIFY(document.form() == first);
    }

    void theLastOneChosenLeads()
    {
        Selection selection;
        QCOMPARE(selection.lead(), 0);
        selection.choose(3);
        selection.toggle(5);
        selection.toggle(7);
        QCOMPARE(selection.lead(), 7);
        selection.choose(3); // one of them: the others stay
        QCOMPARE(selection.controls(), QList<ControlId>({5, 7, 3}));
        selection.toggle(7);
        QCOMPARE(selection.controls(), QList<ControlId>({5, 3}));
        selection.choose(9);
        QCOMPARE(selection.controls(), QList<ControlId>({9}));
        selection.set({1, 999});
        selection.keepOnly(samples::columnOfFields(2));
        QCOMPARE(selection.controls(), QList<ControlId>({1}));
    }

    void boxesTakeWhatTheyShould()
    {
        QRandomGenerator random(41);
        const Form form = samples::anyForm(random, 60);
        for (int i = 0; i < 300; ++i) {
            const QRect box(random.bounded(800), random.bounded(800), 1 + random.bounded(400), 1 + random.bounded(400));
            const QList<ControlId> inside = controlsInBox(form, box, Reach::WhollyInside);
            const QList<ControlId> touched = controlsInBox(form, box, Reach::Touched);
            for (const ControlId id : inside) {
                QVERIFY(touched.contains(id));
                QVERIFY(box.contains(placeOnForm(form, *form.controls.find(id))));
            }
            for (const Control &control : form.controls) {
                QCOMPARE(touched.contains(control.id), box.intersects(placeOnForm(form, control)));
            }
        }
    }

    void theFrontmostIsHitAndThinThingsAreEasy()
    {
        Form form = samples::columnOfFields(1);
        Control above = form.controls.at(0);
        above.id = 50;
        above.name = "above";
        form.controls.append(above);
        const QPoint middle = placeOnForm(form, above).center();
        QCOMPARE(controlAt(form, middle, 0), 50);
        Control thin = above;
        thin.id = 51;
        thin.name = "thin";
        thin.place = QRect(400, 20, 1, 1);
        form.controls.append(thin);
        const QPoint beside = placeOnForm(form, thin).topLeft() + QPoint(3, 3);
        QCOMPARE(controlAt(form, beside, 0), 0);
        QCOMPARE(controlAt(form, beside, 4), 51);
    }

    // Panels are readable in both themes: 4.5:1 for text.
    void panelsAreReadable()
    {
        const auto rgb = [](const QColor &colour) { return static_cast<Colour>(colour.rgb() & 0xFFFFFF); };
        for (const Theme theme : {Theme::Light, Theme::Dark}) {
            const PanelColours &c = panelColours(theme);
            const QList<QPair<QColor, QColor>> pairs{
                {c.text, c.panel},      {c.text, c.field},     {c.faintText, c.panel}, {c.faintText, c.field},
                {c.text, c.accentTint}, {c.barText, c.bar},    {c.barFaint, c.bar},    {c.accentText, c.accent},
                {c.alarm, c.alarmTint}, {c.text, c.alarmTint}, {c.faintText, c.panel}};
            for (const auto &[text, ground] : pairs) {
                QVERIFY2(
                    contrast(rgb(text), rgb(ground)) >= 4.5,
                    qPrintable(
                        QString("%1 on %2: %3").arg(text.name(), ground.name()).arg(contrast(rgb(text), rgb(ground)))));
            }
            // The mark of unsaved work stands in large or bold letters: 3:1.
            QVERIFY(contrast(rgb(c.rail), rgb(c.panel)) >= 3);
            QVERIFY(contrast(rgb(c.rail), rgb(c.bar)) >= 3);
        }
    }
};

QTEST_MAIN(TestDocument)
#include "tst_document.moc"
