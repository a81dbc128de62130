// What a control looks like with its look, its style and its pins, on the ground that it stands on.
#include "core/check/checks.h"
#include "core/edit/type_fit.h"
#include "core/file/form_file.h"
#include "core/kinds/kind.h"
#include "core/looks/dressing/dress.h"
#include "core/looks/files/look_book.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/looks/readable.h"
#include "support/sample_forms.h"

#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestDress : public QObject
{
    Q_OBJECT

    static Control controlOf(const QString &kind)
    {
        Control control;
        control.id = 1;
        control.kind = kind;
        control.name = "it";
        control.text = "Words";
        control.place = QRect(QPoint(8, 8), kindNamed(kind).usualSize);
        return control;
    }
    // Inks of words in a picture, and the box below them that was filled last.
    static QList<Ink> inksOfWords(const Picture &picture)
    {
        QList<Ink> inks;
        for (const Stroke &stroke : picture) {
            if (const auto *text = std::get_if<TextStroke>(&stroke)) {
                inks.append(text->ink);
            }
        }
        return inks;
    }

private Q_SLOTS:
    // Taking a pin off gives the look's value back, for every pin on every kind.
    void takingAPinOffGivesTheLooksValue()
    {
        const QJsonObject pins{{"style", "Note paper"}, {"fill", "#ffe9a8"}, {"textColour", "#7a1010"},
                               {"outline", "#2040a0"},  {"lineWeight", 3},   {"edge", "raised"},
                               {"corner", 10},          {"family", "Serif"}, {"textSize", 150},
                               {"textWeight", 700},     {"slanted", true},   {"underlined", true},
                               {"padding", 15}};
        for (const Kind &kind : kinds()) {
            const Control plain = controlOf(kind.name);
            const Look before = dressed(looks().first(), readyStyles(), plain, {});
            for (const AnySetting *setting : lookPinSettings()) {
                Control control = plain;
                control.settings = samples::settingsOf({{setting->name, pins.value(setting->name)}});
                QVERIFY2(isDressed(control), setting->name);
                QVERIFY2(!(dressed(looks().first(), readyStyles(), control, {}) == before), setting->name);
                control.settings.remove(*setting);
                QVERIFY2(dressed(looks().first(), readyStyles(), control, {}) == before, setting->name);
            }
        }
    }

    // The style says what the look does not, the control what the style does not.
    void pinsGoBeforeStylesAndStylesBeforeLooks()
    {
        const Styles styles{{"Loud", samples::settingsOf({{"textSize", 200}, {"corner", 9}})}};
        Control control = controlOf("text-box");
        control.settings = samples::settingsOf({{"style", "Loud"}, {"corner", 2}});
        const Look look = dressed(looks().first(), styles, control, {});
        QCOMPARE(textStyle(look, TextRole::Field).percent, 200);
        QCOMPARE(look.figures.value("fieldCorner"), 2);
        // A style that is gone changes nothing.
        control.settings = samples::settingsOf({{"style", "Gone"}});
        QCOMPARE(dressed(looks().first(), styles, control, {}).texts, looks().first().texts);
    }

    // Words that nobody coloured can be read on whatever anyone fills in, and so can prompts on any.
    void wordsFollowTheGround()
    {
        QRandomGenerator chance(5);
        const QList<Kind> &all = kinds();
        for (int i = 0; i < 6000; ++i) {
            Control control = controlOf(all.at(i % all.size()).name);
            const Look &look = looks().at(chance.bounded(static_cast<int>(looks().size())));
            const bool hasFill = chance.bounded(2) == 1 && mayHaveGround(control);
            if (hasFill) {
                control.settings.set(setting::Fill, TwoSided{chance.bounded(0x1000000U), {}});
            }
            Ground ground;
            if (chance.bounded(2) == 1) {
                ground.colour = TwoSided{chance.bounded(0x1000000U), {}};
            }
            const Look own = dressed(look, {}, control, ground);
            for (const Theme theme : {Theme::Light, Theme::Dark}) {
                const bool isInBox = takesFill(control) || control.kind == "button";
                const Colour under = hasFill                    ? control.settings.get(setting::Fill)->in(theme)
                                     : control.kind == "button" ? colour(own, theme, Ink::ButtonFill)
                                     : isInBox                  ? colour(own, theme, Ink::FieldFill)
                                                                : ground.in(look, theme);
                if (showsWords(control)) {
                    Shown shown = shownBlank(control);
                    shown.words = "words";
                    shown.isMissing = false;
                    for (const Ink ink : inksOfWords(pictureOf(control, shown, own))) {
                        QVERIFY2(contrast(colour(own, theme, ink), under) >= TextContrast,
                                 qPrintable(control.kind + QString::number(static_cast<int>(ink))));
                    }
                    QVERIFY(contrast(colour(own, theme, Ink::Faint), under) >= TextContrast);
                }
                // Focus, refused and marked boxes stay plain.
                for (const Ink ink : {Ink::Accent, Ink::Alarm, Ink::Watch, Ink::Steady}) {
                    QVERIFY(contrast(colour(own, theme, ink), ground.in(look, theme)) >= EdgeContrast - 0.01);
                }
                QVERIFY(contrast(colour(own, theme, Ink::MarkText), colour(own, theme, Ink::AlarmFill)) >=
                        TextContrast);
                QVERIFY(contrast(colour(own, theme, Ink::MarkText), colour(own, theme, Ink::WatchFill)) >=
                        TextContrast);
            }
        }
    }

    // A pinned pair that cannot be read is known, with the nearest that can.
    void pinnedPairsAreJudged()
    {
        Control control = controlOf("caption");
        control.role = "caption";
        QVERIFY(!hardToRead(looks().first(), {}, control, {}));
        control.settings.set(setting::TextColour, TwoSided{0xDDDDDD, 0xDDDDDD});
        const std::optional<HardToRead> found = hardToRead(looks().first(), {}, control, {});
        QVERIFY(found);
        QCOMPARE(found->theme, Theme::Light);
        QVERIFY(found->contrast < 2);
        QVERIFY(contrast(found->nearest, 0xFFFFFF) >= TextContrast);
        control.settings.set(setting::TextColour, TwoSided{found->nearest, {}});
        QVERIFY(!hardToRead(looks().first(), {}, control, {}));
        // Large type may be fainter.
        control.settings.set(setting::TextColour, TwoSided{0x8A8A8A, 0x9A9A9A});
        QVERIFY(hardToRead(looks().first(), {}, control, {}));
        control.settings.set(setting::TextSize, 200);
        QVERIFY(!hardToRead(looks().first(), {}, control, {}));
    }

    // Checks of a form say what of its look cannot be read or is not there.
    void checksOfLooks()
    {
        Form form = samples::columnOfFields(2);
        form.look = "Harbour";
        const FixedTextMeasure measure;
        const auto count = [&](const char *check) { return findings(check, {form, {}, measure}).size(); };
        QCOMPARE(count("hard words"), 0);
        QCOMPARE(count("missing styles"), 0);
        Control control = form.controls.at(0);
        control.settings.set(setting::TextColour, TwoSided{0xFDFDFD, 0xFDFDFD});
        control.settings.set(setting::Style, QString("Gone"));
        form.controls.replace(0, control);
        QCOMPARE(count("hard words"), 1);
        QCOMPARE(count("missing styles"), 1);
        form.look = "Gone too";
        QCOMPARE(count("missing styles"), 2);
    }

    // Of its container, the container's container, its band, the form.
    void groundsAreThoseOfWhatHoldsThem()
    {
        Form form = samples::columnOfFields(2);
        const auto ground = [&](ControlId id) { return groundUnder(form, *form.controls.find(id), readyStyles()); };
        QVERIFY(ground(1).isPlain());
        form.settings.set(setting::Fill, TwoSided{0x112233, {}});
        QCOMPARE(ground(1).colour->light, Colour(0x112233));
        for (Band &band : form.bands) {
            if (band.role == BandRole::Body) {
                band.settings.set(setting::Fill, TwoSided{0x445566, {}});
            }
        }
        QCOMPARE(ground(1).colour->light, Colour(0x445566));
        Control box = controlOf("group-box");
        box.id = 77;
        box.name = "box";
        box.band = BandRole::Body;
        form.controls.append(box);
        Control inside = *form.controls.find(1);
        inside.container = 77;
        form.controls.replace(form.controls.indexOf(1), inside);
        QCOMPARE(ground(1).colour->light, Colour(0x445566)); // the box lets it through
        box.settings.set(setting::Style, QString("Note paper"));
        form.controls.replace(form.controls.indexOf(77), box);
        QCOMPARE(ground(1).colour->light, Colour(0xFFF3C2)); // by its style
        // A file of a stranger may hold a box in itself.
        box.container = 77;
        box.settings = {};
        form.controls.replace(form.controls.indexOf(77), box);
        QCOMPARE(ground(1).colour->light, Colour(0x445566));
    }

    void formsKeepWhatIsPinned()
    {
        Form form = samples::columnOfFields(2);
        form.name = "pinned";
        form.settings.set(setting::Fill, TwoSided{0x112233, 0x445566});
        form.bands.first().settings.set(setting::Fill, TwoSided{0xAABBCC, {}});
        Control control = form.controls.at(0);
        control.settings.set(setting::Edge, 3);
        control.settings.set(setting::Slanted, false);
        form.controls.replace(0, control);
        const Result<Form> again = readForm(writeForm(form));
        QVERIFY2(again, qPrintable(again.error().sentence));
        QCOMPARE(writeForm(*again), writeForm(form));
        QCOMPARE(*again->settings.get(setting::Fill), (TwoSided{0x112233, 0x445566}));
        QCOMPARE(again->bands.first().settings.get(setting::Fill)->light, Colour(0xAABBCC));
        QCOMPARE(*again->controls.at(0).settings.get(setting::Slanted), false);
    }
};

QTEST_APPLESS_MAIN(TestDress)
#include "tst_dress.moc"
