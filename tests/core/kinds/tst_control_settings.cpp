// Settings as typed values: read once, kept as they were where they are not understood, and one law for the lines in
// which builders set them.
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/setting_line.h"
#include "core/kinds/settings/typing.h"
#include "core/looks/pins/known_settings.h"
#include "support/sample_forms.h"

#include <QJsonDocument>
#include <QSet>
#include <QTest>

using namespace nabblet;

class TestControlSettings : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void whatIsNotUnderstoodIsWrittenAsItWasRead()
    {
        const QJsonObject stored{{"glow", QJsonObject{{"depth", 1.5}}}, // of a newer version
                                 {"locked", "perhaps"},                 // no value of that setting
                                 {"lookup", QJsonObject{{"table", "p"}, {"value", "id"}, {"newer", 3}}},
                                 {"prompt", "e.g. red"}};
        ControlSettings settings = samples::settingsOf(stored);
        QCOMPARE(settings.toJson(), stored);
        QVERIFY(settings.has(setting::Locked) && !settings.get(setting::Locked));
        QCOMPARE(settings.value(setting::Prompt), "e.g. red");
        QCOMPARE(settings.get(setting::Choosing)->table, "p");
        // One that is changed leaves the others alone.
        settings.set(setting::Prompt, "e.g. blue");
        QJsonObject changed = stored;
        changed.insert("prompt", "e.g. blue");
        QCOMPARE(settings.toJson(), changed);
        settings.set(setting::Locked, true);
        QCOMPARE(settings.toJson().value("locked"), QJsonValue(true));
    }

    void theUsualValueIsNotStored()
    {
        ControlSettings settings;
        settings.set(setting::Locked, true);
        settings.set(setting::Prompt, "x");
        settings.set(setting::Locked, false);
        settings.set(setting::Prompt, QString());
        QVERIFY(settings.isEmpty());
        QVERIFY(settings == ControlSettings());
    }

    void partsAreTakenAlongWhole()
    {
        ControlSettings from;
        from.set(setting::Align, TextAlign::Centre);
        from.set(setting::Prompt, "x");
        ControlSettings to;
        to.set(setting::Prompt, "y");
        to.takeAll(SettingPart::Look, from);
        QCOMPARE(to.value(setting::Align), TextAlign::Centre);
        QCOMPARE(to.value(setting::Prompt), "y");
        to.takeAll(SettingPart::Look, ControlSettings());
        QVERIFY(!to.has(setting::Align));
        to.set(setting::TakesNew, true);
        to.removeAll(SettingPart::Choices);
        QCOMPARE(to.toJson().keys(), QStringList("prompt"));
    }

    // In a file a setting goes by its name, so no two may share one.
    void eachSettingHasANameOfItsOwn()
    {
        QSet<QString> names;
        for (const AnySetting *setting : knownSettings()) {
            QVERIFY2(!names.contains(setting->name), setting->name);
            names.insert(setting->name);
        }
        QVERIFY(names.size() > 25);
    }

    void whatALineShowsIsWhatItTakes_data()
    {
        QTest::addColumn<QString>("kind");
        QTest::addColumn<QString>("settings");
        for (const Kind &kind : kinds()) {
            QTest::newRow(qPrintable(kind.name + " bare")) << kind.name << "{}";
        }
        QTest::newRow("number") << "decimal-number"
                                << R"({"decimals":2,"least":-1.5,"most":8,"thousands":true})";
        QTest::newRow("text") << "text-box"
                              << R"({"align":"centre","before":"€","locked":true,"length":12})";
        QTest::newRow("date") << "date"
                              << R"({"dates":"iso","after":"UTC"})";
        QTest::newRow("choices") << "list"
                                 << R"({"choices":[{"value":"S","words":"Starboard"}],"several":true})";
        QTest::newRow("group") << "group-box"
                               << R"({"framed":false})";
        QTest::newRow("area") << "scroll-area"
                              << R"({"heightAtWork":120})";
        QTest::newRow("total") << "total"
                               << R"({"total":{"how":"sum","column":"hours"}})";
    }
    void whatALineShowsIsWhatItTakes()
    {
        QFETCH(QString, kind);
        QFETCH(QString, settings);
        Control control;
        control.kind = kind;
        control.name = "it";
        control.settings = samples::settingsOf(QJsonDocument::fromJson(settings.toUtf8()).object());
        const bool isBare = control.settings.isEmpty();
        for (const AnySetting *setting : kindNamed(kind).settings) {
            const QList<SettingLine> lines = setting->lines ? setting->lines() : QList<SettingLine>();
            for (const SettingLine &line : lines) {
                const QString words = line.words(control);
                const Result<Control> again = line.typed(control, words, nullptr);
                QVERIFY2(again, line.name);
                QCOMPARE(line.words(*again), words);
                // A total without a setting counts, and says so; all else stays as it is stored.
                const bool isTold = isBare && kind == "total";
                QVERIFY2(isTold || again->settings == control.settings, line.name);
                if (line.editor == LineEditor::Choice) {
                    const QList<SettingChoice> choices = line.choices(control, nullptr);
                    QVERIFY2(std::any_of(choices.begin(), choices.end(),
                                         [&](const SettingChoice &choice) { return choice.value == words; }),
                             line.name);
                }
            }
        }
    }

    void whatCannotBeIsRefusedInWords()
    {
        Control control;
        control.kind = "decimal-number";
        control.name = "depth";
        const auto typed = [&](const char *name, const QString &words) -> Result<Control> {
            for (const AnySetting *setting : kindNamed(control.kind).settings) {
                for (const SettingLine &line : setting->lines ? setting->lines() : QList<SettingLine>()) {
                    if (line.name == QLatin1String(name)) {
                        return line.typed(control, words, nullptr);
                    }
                }
            }
            return Error{"no such line", {}};
        };
        QVERIFY(!typed("decimals", "eleven") && !typed("decimals", "11"));
        control = *typed("least", "5");
        QVERIFY(!typed("most", "3"));
        QVERIFY(typed("most", "3").error().sentence.contains("depth"));
        QVERIFY(!typed("after", "kilograms"));
        control = *typed("least", "");
        QVERIFY(control.settings.isEmpty());
    }
};

QTEST_GUILESS_MAIN(TestControlSettings)
#include "tst_control_settings.moc"
