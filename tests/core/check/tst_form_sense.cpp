// Figures of sense: each counts what it is meant to, and nothing else.
#include "core/check/form_sense.h"
#include "core/draft/draft.h"
#include "core/kinds/settings/lookup.h"
#include "support/sample_forms.h"

#include <QTest>

using namespace nabblet;

class TestFormSense : public QObject
{
    Q_OBJECT

    const FixedTextMeasure m_measure;
    Catalogue m_catalogue;
    QHash<QString, Profile> m_profiles;
    Form m_form;

    SenseContext context() const
    {
        return {m_catalogue, m_profiles, m_measure, [](const QString &word) { return word != "qlnd"; }};
    }
    static ColumnProfile profileOf(const QStringList &values)
    {
        ColumnProfile profile;
        for (const QString &value : values) {
            profile.add(value);
        }
        return profile;
    }
    // The box of a column.
    Control box(const QString &column) const
    {
        for (const Control &control : m_form.controls) {
            if (control.column == column) {
                return control;
            }
        }
        return {};
    }

private Q_SLOTS:
    void init()
    {
        Table country;
        country.name = "country";
        country.columns = {samples::column("code", "CHAR(3)", true), samples::column("land", "TEXT")};
        country.primaryKey = {"code"};
        Table town;
        town.name = "town";
        town.columns = {samples::column("id", "INTEGER"), samples::column("name", "TEXT"),
                        samples::column("country_code", "CHAR(3)")};
        town.primaryKey = {"id"};
        town.columns[0].numbersItself = true;
        town.foreignKeys = {{{"country_code"}, "country", {"code"}}};
        m_catalogue.tables = {country, town};
        Profile countries;
        countries.columns = {{"code", profileOf({"NOR", "DNK", "JPN"})},
                             {"land", profileOf({"Norway", "Denmark", "Japan of the east"})}};
        Profile towns;
        towns.columns = {{"name", profileOf({"Bergen", "Odense", "Kyoto"})}};
        m_profiles = {{"country", countries}, {"town", towns}};
        m_form = draftForm(m_catalogue, town, planDraft(town), nullptr, m_measure);
    }

    void aGoodFormCountsNothing()
    {
        const FormSense sense = senseOf(m_form, context());
        QVERIFY2(sense.codesForNames.isEmpty(), qPrintable(sense.codesForNames.join(',')));
        QVERIFY(sense.firstBoxes.isEmpty() && sense.strangeWords.isEmpty() && sense.withoutHeading.isEmpty());
        QVERIFY(sense.tallForms.isEmpty());
    }

    void aCodeForANameIsCounted()
    {
        Control lookup = box("country_code");
        setLookup(lookup, {"country", {"code"}, {"code"}, {"country_code"}});
        m_form.controls.replace(m_form.controls.indexOf(lookup.id), lookup);
        QCOMPARE(codesShownForNames(m_form, context()), QStringList({"town.country_code"}));
        m_profiles["country"].columns.remove("land"); // nothing known of a name there, and none is called so
        QVERIFY(codesShownForNames(m_form, context()).isEmpty());
    }

    void aFirstBoxThatNamesNothingIsCounted()
    {
        Control first = box("country_code");
        Control name = box("name");
        std::swap(first.place, name.place);
        m_form.controls.replace(m_form.controls.indexOf(first.id), first);
        m_form.controls.replace(m_form.controls.indexOf(name.id), name);
        QCOMPARE(firstBoxThatNamesNothing(m_form, context()), QStringList({"town.country_code"}));
    }

    void aStrangeWordIsCounted()
    {
        for (Control caption : QList<Control>(m_form.controls.begin(), m_form.controls.end())) {
            if (caption.captionFor == box("name").id && caption.kind == "caption") {
                caption.text = "Qlnd of VAT";
                m_form.controls.replace(m_form.controls.indexOf(caption.id), caption);
            }
        }
        QCOMPARE(wordsThatNobodyKnows(m_form, context()), QStringList({"town.name: Qlnd"}));
    }

    void anOversizedBoxIsCounted()
    {
        Control name = box("name");
        name.place.setWidth(400);
        m_form.controls.replace(m_form.controls.indexOf(name.id), name);
        QCOMPARE(oversizedBoxes(m_form, context()), QStringList({"town.name"}));
        m_profiles["town"].columns["name"] = profileOf({QString(50, 'x')});
        QVERIFY(oversizedBoxes(m_form, context()).isEmpty());
    }

    void manyFieldsInOneRunAndTallFormsAreCounted()
    {
        Form form = samples::columnOfFields(MostWithoutHeading);
        for (int i = 0; i < form.controls.size(); ++i) {
            Control control = form.controls.at(i);
            control.column = control.kind == "caption" ? QString() : control.name;
            form.controls.replace(i, control);
        }
        QVERIFY(fieldsWithoutHeading(form, context()).isEmpty());
        form = samples::columnOfFields(MostWithoutHeading + 1);
        for (int i = 0; i < form.controls.size(); ++i) {
            Control control = form.controls.at(i);
            control.column = control.kind == "caption" ? QString() : control.name;
            form.controls.replace(i, control);
        }
        QCOMPARE(fieldsWithoutHeading(form, context()).size(), 1);
        QVERIFY(formsTooTall(form, context()).isEmpty());
        form.bands.last().height = 2 * ScreenHeight;
        QCOMPARE(formsTooTall(form, context()).size(), 1);
    }
};

QTEST_APPLESS_MAIN(TestFormSense)
#include "tst_form_sense.moc"
