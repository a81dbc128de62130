// A form's words in several languages, and its sides changed for those who read from right to left.
#include "core/actions/action_table.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/edit/form_languages.h"
#include "core/edit/form_texts.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/typing.h"
#include "core/text/text_measure.h"
#include "support/sample_forms.h"

#include <QDir>
#include <QTest>

using namespace nabblet;

class TestFormLanguages : public QObject
{
    Q_OBJECT

    FixedTextMeasure m_measure;

    static QList<Form> demonstration()
    {
        QList<Form> forms;
        const QDir folder(NABBLET_ROOT "/demo/fairway-depot/forms");
        for (const QString &file : folder.entryList({"*.nabform"})) {
            const Result<Form> form = loadForm(folder.filePath(file));
            if (form) {
                forms.append(*form);
            }
        }
        return forms;
    }

    // Words of which each is three times as long.
    static Form inLongWords(const Form &form, const QString &code)
    {
        Form result = form;
        result.language = "en";
        for (const FormText &text : formTexts(form)) {
            result.languages[code].insert(text.words, text.words + " · " + text.words + " · " + text.words);
        }
        return result;
    }

private Q_SLOTS:
    void theFirstThatIsWishedAndThere()
    {
        Form form;
        form.languages["de"]["Name"] = "Name";
        form.languages["ar"]["Name"] = "الاسم";
        QCOMPARE(formLanguageFor(form, {}), QString());
        QCOMPARE(formLanguageFor(form, {"fr-FR", "fr"}), QString());
        QCOMPARE(formLanguageFor(form, {"de-AT", "de"}), QString("de"));
        QCOMPARE(formLanguageFor(form, {"fr", "ar_EG", "de"}), QString("ar"));
        QCOMPARE(formLanguageFor(form, {"en-GB", "de"}), QString("de")); // nobody said that it is English
        form.language = "en";
        QCOMPARE(formLanguageFor(form, {"en-GB", "de"}), QString());
        QCOMPARE(formLanguageFor(form, {"arx"}), QString());
    }

    void wordsAreThoseOfTheLanguage()
    {
        Form form = samples::columnOfFields(2);
        form.title = "Buoys";
        Control box = *form.controls.find(3);
        box.settings.set(setting::Prompt, QString("such as NB-1"));
        form.controls.replace(form.controls.indexOf(3), box);
        Rule rule;
        rule.effect = "note";
        rule.on = {3};
        rule.then.words = "look twice";
        form.rules.append(rule);
        form.languages["de"] = {{"Buoys", "Tonnen"},
                                {"Column 0", "Eine recht lange Beschriftung für die erste Spalte"},
                                {"such as NB-1", "etwa NB-1"},
                                {"look twice", "zweimal hinsehen"}};
        QCOMPARE(wordsMissingIn(form, "de"), QStringList{"Column 1"});
        QCOMPARE(wordsMissingIn(form, "fr").size(), 5);

        const Form german = inLanguage(form, "de", m_measure);
        QCOMPARE(german.title, QString("Tonnen"));
        QCOMPARE(german.controls.find(3)->settings.value(setting::Prompt), QString("etwa NB-1"));
        QCOMPARE(german.rules.first().then.words, QString("zweimal hinsehen"));
        const Control *caption = german.controls.find(2);
        QCOMPARE(caption->text, QString("Eine recht lange Beschriftung für die erste Spalte"));
        QVERIFY(caption->place.width() >= captionWidth(*caption, m_measure));
        QVERIFY(!caption->place.intersects(german.controls.find(caption->captionFor)->place));
        QVERIFY(!german.isRightToLeft);
        const Form unknown = inLanguage(form, "fr", m_measure);
        QCOMPARE(unknown, form);
    }

    // What a button is told in words of the form is told in those of the language; SQL and the like stay.
    void buttonsFollowTheWords()
    {
        Form form = samples::columnOfFields(1);
        const auto add = [&](int id, const char *action, const QString &with, const QList<ButtonStep> &further = {}) {
            Control button;
            button.id = id;
            button.kind = "button";
            button.name = QString("button_%1").arg(id);
            button.text = "Close";
            button.place = {0, 300, 80, 24};
            setButtonAction(button, buttonActionNamed(action));
            button.settings.set(setting::With, with);
            button.settings.set(setting::Further, further);
            form.controls.append(button);
        };
        add(50, "put-in", "Column 0=withdrawn;Laid on = today");
        add(51, "go-to-page", "More; and less",
            {{"work-out", "Column 0"}, {"run-statement", "UPDATE t SET a = 'Close'"}});
        add(52, "run-program", "Close");
        form.languages["de"] = {{"Column 0", "Spalte 0"},
                                {"withdrawn", "eingezogen"},
                                {"More; and less", "Mehr; und weniger"},
                                {"Close", "Schließen"}};
        const Form german = inLanguage(form, "de", m_measure);
        const auto stepsOf = [&](int id) { return buttonStepsOf(*german.controls.find(id)); };
        QCOMPARE(stepsOf(50).first().with, QString("Spalte 0 = eingezogen; Laid on = today"));
        QCOMPARE(stepsOf(51).at(0).with, QString("Mehr; und weniger"));
        QCOMPARE(stepsOf(51).at(1).with, QString("Spalte 0"));
        QCOMPARE(stepsOf(51).at(2).with, QString("UPDATE t SET a = 'Close'"));
        QCOMPARE(stepsOf(52).first().with, QString("Close"));
        QCOMPARE(german.controls.find(52)->text, QString("Schließen"));
    }

    // A person's own way, rules and formulas go by names, which are the same in every language.
    void namesStay()
    {
        for (const Form &form : demonstration()) {
            const Form german = inLanguage(inLongWords(form, "de"), "de", m_measure);
            for (const Control &each : form.controls) {
                QCOMPARE(german.controls.find(each.id)->name, each.name);
            }
        }
        Form form = samples::columnOfFields(1);
        Control words;
        words.id = 60;
        words.kind = "caption";
        words.name = "caption"; // as it was placed: with words of its own it would be named by them
        words.text = "Caption";
        words.place = {0, 200, 80, 24};
        form.controls.append(words);
        form.languages["de"]["Caption"] = "Beschriftung";
        QCOMPARE(inLanguage(form, "de", m_measure).controls.find(60)->name, QString("caption"));
    }

    void changedWordsKeepTheirOthers()
    {
        Form form = samples::columnOfFields(1);
        form.languages["de"]["Column 0"] = "Spalte 0";
        QList<FormText> texts = formTexts(form);
        for (FormText &text : texts) {
            text.words = text.words == "Column 0" ? QString("First column") : text.words;
        }
        const Form edited = withFormTexts(form, texts, m_measure);
        QCOMPARE(edited.languages.value("de").value("First column"), QString("Spalte 0"));
        QCOMPARE(wordsMissingIn(edited, "de").contains("First column"), false);
    }

    void filesKeepThem()
    {
        Form form = samples::columnOfFields(1);
        form.language = "en";
        form.languages["ar"]["Column 0"] = "العمود \"٠\"\nثانية";
        form.languages["de"];
        const Result<Form> read = readForm(writeForm(form));
        QVERIFY2(read, qPrintable(read ? QString() : read.error().sentence));
        QCOMPARE(read->language, form.language);
        QCOMPARE(read->languages, form.languages);
        QCOMPARE(writeForm(*read), writeForm(form));
        // Not what it was made for one person.
        QCOMPARE(readForm(writeForm(mirrored(form)))->isRightToLeft, false);
    }

    // Laws over the demonstration's forms.
    void longerWordsAreNotCut()
    {
        for (const Form &form : demonstration()) {
            const Form longer = inLanguage(inLongWords(form, "de"), "de", m_measure);
            QCOMPARE(wordsMissingIn(inLongWords(form, "de"), "de"), QStringList());
            for (const Control &each : longer.controls) {
                if (each.kind == "caption" && each.captionFor != 0 && !isTabular(form)) {
                    QVERIFY2(each.place.width() >= captionWidth(each, m_measure),
                             qPrintable(form.name + ": " + each.text));
                    QVERIFY2(each.place.x() >= 0, qPrintable(form.name + ": " + each.text));
                }
            }
        }
    }

    void sidesChangeAndBack()
    {
        int forms = 0;
        for (const Form &form : demonstration()) {
            ++forms;
            const Form turned = mirrored(form);
            QVERIFY(turned.isRightToLeft);
            QCOMPARE(tabSequence(turned), tabSequence(form));
            QCOMPARE(turned.controls.size(), form.controls.size());
            for (const Control &each : form.controls) {
                const Control &there = *turned.controls.find(each.id);
                QCOMPARE(there.place.size(), each.place.size());
                QCOMPARE(there.place.y(), each.place.y());
                QCOMPARE(there.place.x() + there.place.width(), form.width - each.place.x());
                // An edge that rides a rail is as far from it as before.
                if (each.rides.left != FixedRail::None) {
                    QVERIFY(there.rides.right != FixedRail::None);
                    QCOMPARE(railPosition(turned, there.rides.right) - (there.place.x() + there.place.width()),
                             each.place.x() - railPosition(form, each.rides.left));
                }
            }
            const Form back = mirrored(turned);
            QVERIFY(!back.isRightToLeft);
            for (const Control &each : form.controls) {
                QCOMPARE(back.controls.find(each.id)->place, each.place);
                QCOMPARE(back.controls.find(each.id)->rides, each.rides);
                QCOMPARE(back.controls.find(each.id)->page, each.page);
            }
            for (qsizetype i = 0; i < form.rails.size(); ++i) {
                QCOMPARE(back.rails.at(i).position, form.rails.at(i).position);
                QCOMPARE(back.rails.at(i).hold, form.rails.at(i).hold);
            }
        }
        QVERIFY(forms > 5);
    }

    void panesChangeSides()
    {
        Form form;
        form.width = 600;
        form.bands.append({BandRole::Body, 400, {}});
        Control panes;
        panes.id = 1;
        panes.kind = "panes";
        panes.name = "panes";
        panes.place = {0, 0, 600, 400};
        setDivider(panes, 200);
        form.controls.append(panes);
        Control box;
        box.id = 2;
        box.kind = "text-box";
        box.name = "box";
        box.container = 1;
        box.page = FirstPane;
        box.place = {16, 16, 150, 24};
        form.controls.append(box);
        const Form turned = mirrored(form);
        QCOMPARE(dividerOf(*turned.controls.find(1)), 400);
        QCOMPARE(turned.controls.find(2)->page, SecondPane);
        QCOMPARE(turned.controls.find(2)->place, QRect(434, 16, 150, 24));
        // Above one another, they stay.
        setStacked(panes, true);
        form.controls.replace(0, panes);
        QCOMPARE(mirrored(form).controls.find(2)->page, FirstPane);
    }

    void picturesAreTheOtherWayRound()
    {
        Control box;
        box.kind = "drop-down";
        box.place = {0, 0, 200, 26};
        Look look;
        const auto arrow = [&] {
            for (const Stroke &stroke : pictureOf(box, shownBlank(box), look)) {
                if (const auto *glyph = std::get_if<GlyphStroke>(&stroke)) {
                    return glyph->rect;
                }
            }
            return QRect();
        };
        const QRect usual = arrow();
        QVERIFY(usual.center().x() > 150);
        look.isRightToLeft = true;
        QCOMPARE(arrow(), QRect(200 - usual.x() - usual.width(), usual.y(), usual.width(), usual.height()));
    }
};

QTEST_GUILESS_MAIN(TestFormLanguages)
#include "tst_form_languages.moc"
