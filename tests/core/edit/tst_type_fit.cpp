// Forms that follow other letters: larger as a whole, boxes and captions with room for their words.
#include "core/arrange/containers.h"
#include "core/edit/look_edits.h"
#include "core/edit/scaled_form.h"
#include "core/edit/type_fit.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/scaled_parts.h"
#include "core/kinds/settings/head_height.h"
#include "core/looks/pins/look_pin.h"
#include "support/sample_forms.h"

#include <QDir>
#include <QTest>

using namespace nabblet;

class TestTypeFit : public QObject
{
    Q_OBJECT

    // Letters wider in the measure of the pinned size.
    class PinnedMeasure : public FixedTextMeasure
    {
    public:
        using FixedTextMeasure::FixedTextMeasure;
        std::shared_ptr<const TextMeasure> of(const Control &control) const override
        {
            const int *percent = control.settings.get(setting::TextSize);
            return percent ? std::make_shared<FixedTextMeasure>(7 * *percent / 100, 16 * *percent / 100)
                           : FixedTextMeasure::of(control);
        }
    };

private Q_SLOTS:
    void demonstrationForms_data()
    {
        QTest::addColumn<QString>("path");
        const QDir forms(QStringLiteral(NABBLET_ROOT "/demo/fairway-depot/forms"));
        for (const QString &file : forms.entryList({"*.nabform"})) {
            QTest::newRow(qPrintable(file)) << forms.filePath(file);
        }
    }
    void demonstrationForms()
    {
        QFETCH(QString, path);
        const Result<Form> form = loadForm(path);
        QVERIFY(form);
        const FixedTextMeasure usual;
        for (const double by : {0.8, 1.25, 1.5}) {
            const Form scaled = scaledForm(*form, by, by, OnGrid::No);
            QCOMPARE(scaled.controls.size(), form->controls.size());
            for (int i = 0; i < form->controls.size(); ++i) {
                const Control &one = form->controls.at(i);
                const QRect &a = scaled.controls.at(i).place;
                for (int j = 0; j < form->controls.size(); ++j) {
                    const Control &other = form->controls.at(j);
                    const QRect &b = scaled.controls.at(j).place;
                    if (!(areaOf(one) == areaOf(other))) {
                        continue; // what containers keep free moves what they hold
                    }
                    // What was on one line is, and what came first does.
                    QVERIFY((one.place.x() == other.place.x()) <= (a.x() == b.x()));
                    QVERIFY((one.place.x() <= other.place.x()) <= (a.x() <= b.x()));
                    QVERIFY((one.place.y() <= other.place.y()) <= (a.y() <= b.y()));
                    QVERIFY((one.place.right() < other.place.x()) <= (a.right() < b.x()));
                    QVERIFY((one.place.bottom() < other.place.y()) <= (a.bottom() < b.y()));
                }
            }
        }
        // Nothing sticks out of what holds it, however small.
        for (const double by : {0.6, 0.8, 1.3}) {
            const Form scaled = scaledForm(*form, by, by, OnGrid::Yes);
            for (const Control &control : scaled.controls) {
                const bool wasInside = roomOf(*form, areaOf(control)).contains(form->controls.find(control.id)->place);
                QVERIFY2(control.container == 0 || !wasInside ||
                             roomOf(scaled, areaOf(control)).contains(control.place),
                         qPrintable(control.name));
            }
        }
        // The same letters again need nothing.
        const Form settledForm = withRoomForType(*form, usual, {*form, usual});
        QVERIFY(withRoomForType(settledForm, usual, {settledForm, usual}) == settledForm);
    }

    // Larger letters and the old ones again: boxes are as they were, but for what the grid rounds.
    void largerAndBack()
    {
        const FixedTextMeasure usual(7, 16);
        const FixedTextMeasure large(9, 21);
        const Form form = withRoomForType(samples::columnOfFields(5), usual, {samples::columnOfFields(5), usual});
        const Form grown = withRoomForType(form, large, {form, usual});
        QVERIFY(grown.width > form.width);
        for (const Control &control : grown.controls) {
            const Control &was = *form.controls.find(control.id);
            if (isCaption(control)) {
                QVERIFY(control.place.width() > large.width(control.text, TextRole::Caption));
            } else {
                QVERIFY(control.place.height() >= 21);
                QVERIFY(control.place.width() - 14 >= (was.place.width() - 14) * 9 / 7 - 8);
            }
        }
        const Form back = withRoomForType(grown, usual, {grown, large});
        for (const Control &control : back.controls) {
            const Control &was = *form.controls.find(control.id);
            QVERIFY(qAbs(control.place.width() - was.place.width()) <= form.grid.pitch);
            QVERIFY(qAbs(control.place.y() - was.place.y()) <= form.grid.pitch);
        }
    }

    // Headings and tabs grow with the letters in them, and with a form that is shown larger; what stands below them
    // stays clear of them.
    void headingsGrowToo()
    {
        Form form;
        form.width = 480;
        form.bands = {Band{BandRole::Body, 320, {}}};
        Control group;
        group.id = 1;
        group.kind = "group-box";
        group.text = "Where";
        group.place = QRect(16, 16, 320, 80);
        Control pages = group;
        pages.id = 2;
        pages.kind = "tab-pages";
        pages.place = QRect(16, 112, 320, 120);
        setPages(pages, {{1, "Laid"}, {2, "Looked after"}});
        Control box;
        box.id = 3;
        box.kind = "text-box";
        box.place = QRect(24, 48, 120, 24);
        box.container = 1;
        Control onPage = box;
        onPage.id = 4;
        onPage.place = QRect(24, 152, 120, 24);
        onPage.container = 2;
        onPage.page = 2;
        for (const Control &control : {group, pages, box, onPage}) {
            form.controls.append(control);
        }
        QCOMPARE(headHeight(group), 32);
        QVERIFY(hasHead(group) && hasHead(pages) && !hasHead(box));
        const Form twice = scaledForm(form, 2, 2, OnGrid::No);
        for (const ControlId id : {1, 2}) {
            const Control &holder = *twice.controls.find(id);
            QCOMPARE(headHeight(holder), 64);
            QVERIFY(twice.controls.find(id + 2)->place.y() >= holder.place.y() + 64);
        }
        QCOMPARE(tabPlaces(*twice.controls.find(2)).last().width(), 2 * tabPlaces(pages).last().width());
        QVERIFY(scaledForm(twice, 0.5, 0.5, OnGrid::No) == form);
        // Larger letters pinned at the holders alone.
        Form pinned = form;
        for (const int i : {0, 1}) {
            Control holder = pinned.controls.at(i);
            holder.settings.set(setting::TextSize, 200);
            pinned.controls.replace(i, holder);
        }
        const PinnedMeasure measure;
        const Form roomy = withRoomForType(pinned, {1, 2}, measure, {form, measure});
        for (const ControlId id : {1, 2}) {
            const Control &holder = *roomy.controls.find(id);
            QVERIFY(headHeight(holder) >= 32 * 2 - 8);
            QVERIFY(roomy.controls.find(id + 2)->place.y() >= holder.place.y() + headHeight(holder));
            QVERIFY(holder.place.contains(roomy.controls.find(id + 2)->place));
        }
        QVERIFY(!roomy.controls.find(1)->place.intersects(roomy.controls.find(2)->place));
    }

    // Rows stay evenly apart and on the grid.
    void rowsStayEven()
    {
        const FixedTextMeasure usual(7, 16);
        const Form form = samples::columnOfFields(6);
        for (const int height : {14, 18, 20, 22, 26, 32}) {
            const FixedTextMeasure other(height * 7 / 16, height);
            const Form changed = withRoomForType(form, other, {form, usual});
            QSet<int> steps;
            int before = -1;
            for (const Control &control : changed.controls) {
                if (control.band == BandRole::Body && !isCaption(control)) {
                    QCOMPARE(control.place.y() % form.grid.pitch, 0);
                    if (before >= 0) {
                        steps.insert(control.place.y() - before);
                    }
                    before = control.place.y();
                }
            }
            QCOMPARE(steps.size(), 1);
        }
    }

    // Larger letters pinned at one box: higher and wider within its row; what stands below makes way.
    void pinnedLettersGetRoom()
    {
        const PinnedMeasure measure;
        Form form = samples::columnOfFields(3);
        const ControlId first = [&] {
            for (const Control &control : form.controls) {
                if (!isCaption(control) && control.band == BandRole::Body) {
                    return control.id;
                }
            }
            return ControlId(0);
        }();
        const Control before = *form.controls.find(first);
        const Form larger = withPinsChanged(
            form, {first}, [](const Control &, ControlSettings &pins) { pins.set(setting::TextSize, 300); }, measure);
        const Control &after = *larger.controls.find(first);
        QVERIFY(after.place.height() >= 48);
        for (const Control &other : larger.controls) {
            if (other.id != first && other.band == after.band && other.captionFor != first) {
                QVERIFY2(!other.place.intersects(after.place), qPrintable(other.name));
            }
        }
        QVERIFY(after.place.width() >= before.place.width());
        // As the look says again, nothing is pinned.
        const Form plain = withoutPinsAndStyle(larger, {first}, measure);
        QVERIFY(plain.controls.find(first)->settings == before.settings);
    }

    void flagsAreTurnedForAll()
    {
        const FixedTextMeasure measure;
        Form form = samples::columnOfFields(2);
        QList<ControlId> all;
        for (const Control &control : form.controls) {
            all.append(control.id);
        }
        const auto isOn = [](const Control &control) { return control.settings.value(setting::Slanted); };
        form = withPinsChanged(
            form, {all.first()}, [](const Control &, ControlSettings &pins) { pins.set(setting::Slanted, true); },
            measure);
        form = withFlagTurned(form, all, setting::Slanted, isOn, measure); // one had it not: all have it
        for (const Control &control : form.controls) {
            QVERIFY(isOn(control));
        }
        form = withFlagTurned(form, all, setting::Slanted, isOn, measure);
        for (const Control &control : form.controls) {
            QVERIFY(!isOn(control));
        }
    }

    void stylesAreKeptGivenAndRenamed()
    {
        const FixedTextMeasure measure;
        Form form = samples::columnOfFields(2);
        const ControlId id = form.controls.at(0).id;
        Control model = form.controls.at(0);
        model.settings.set(setting::Fill, TwoSided{0x102030, {}});
        model.settings.set(setting::Style, QString("Old"));
        const Styles styles{{"Old", samples::settingsOf({{"corner", 9}, {"fill", "#ffffff"}})}};
        const Style style = styleOf(model, styles, "New");
        QCOMPARE(*style.pins.get(setting::Corner), 9);
        QCOMPARE(style.pins.get(setting::Fill)->light, Colour(0x102030));
        QVERIFY(!style.pins.has(setting::Style));
        form = withStyle(form, {id}, "New", measure);
        QCOMPARE(controlsWithStyle(form, "New"), 1);
        form = withStyleRenamed(form, "New", "Newer");
        QCOMPARE(controlsWithStyle(form, "Newer"), 1);
        form = withStyleRenamed(form, "Newer", QString());
        QCOMPARE(controlsWithStyle(form, "Newer"), 0);
        for (const char *name : {"", "  ", "a.b", "{a}", "$a"}) {
            QVERIFY2(!whyNoStyleName(name).isEmpty(), name);
        }
        QVERIFY(whyNoStyleName("Note paper").isEmpty());
    }
};

QTEST_APPLESS_MAIN(TestTypeFit)
#include "tst_type_fit.moc"
