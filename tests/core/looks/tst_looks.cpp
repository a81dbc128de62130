// Looks and styles as values and as files of design tokens.
#include "core/look_settings/look_setting_table.h"
#include "core/looks/files/look_book.h"
#include "core/looks/files/look_file.h"
#include "core/looks/files/token_tree.h"
#include "core/looks/harmony.h"
#include "core/looks/ink_names.h"
#include "core/looks/oklch.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/looks/readable.h"

#include <QFile>
#include <QJsonDocument>
#include <QRandomGenerator>
#include <QTemporaryDir>
#include <QTest>

using namespace nabblet;

class TestLooks : public QObject
{
    Q_OBJECT

    static QString wrongIn(const Look &look)
    {
        for (const Theme theme : {Theme::Light, Theme::Dark}) {
            for (const ReadablePair &pair : unreadablePairs(look, theme)) {
                return QString("%1: %2 on %3, %4, is %5")
                    .arg(look.name, QLatin1String(inkName(pair.ink).token), QLatin1String(inkName(pair.ground).token))
                    .arg(theme == Theme::Light ? "light" : "dark")
                    .arg(contrast(colour(look, theme, pair.ink), colour(look, theme, pair.ground)));
            }
        }
        return {};
    }
    static QByteArray fileOf(const Look &look) { return writeLook(look); }

private Q_SLOTS:
    void eightLooksComeWithTheProgram()
    {
        QCOMPARE(looks().size(), 8);
        QSet<QString> names;
        QSet<QByteArray> palettes;
        for (const Look &look : looks()) {
            QVERIFY(!look.name.isEmpty() && look.about.size() > 20);
            names.insert(look.name);
            palettes.insert(QByteArray::number(look.light.at(int(Ink::BandTint))) + '/' +
                            QByteArray::number(look.light.at(int(Ink::Accent))) + '/' +
                            QByteArray::number(look.dark.at(int(Ink::Paper))));
            QCOMPARE(lookNamed(look.name), look);
        }
        QCOMPARE(names.size(), 8);
        QCOMPARE(palettes.size(), 8);
        QCOMPARE(looks().first().name, QString("Harbour"));
        QCOMPARE(lookNamed("no such look"), looks().first());
    }

    void looksOfTheProgramCanBeRead()
    {
        for (const Look &look : looks()) {
            QCOMPARE(wrongIn(look), QString());
        }
    }

    // Whatever main colour: all that has to be read can be, light and dark.
    void anyMainColourCanBeRead()
    {
        QRandomGenerator chance(3);
        for (int i = 0; i < 4000; ++i) {
            const Look &base = looks().at(i % looks().size());
            const Colour main = chance.bounded(0x1000000U);
            const Look made = withMainColour(base, main);
            QCOMPARE(wrongIn(made), QString());
            // What warns means the same as before.
            QCOMPARE(toOklch(colour(made, Theme::Light, Ink::Alarm)).hue > 10 &&
                         toOklch(colour(made, Theme::Light, Ink::Alarm)).hue < 45,
                     true);
            if (contrast(main, 0xFFFFFF) > 5) {
                QVERIFY(difference(colour(made, Theme::Light, Ink::Accent), main) < 0.25);
            }
        }
    }

    void filesAreWrittenAsTheyWereRead()
    {
        for (const Look &look : looks()) {
            const QByteArray text = fileOf(look);
            const Result<Look> again = readLook(text, "other", Look());
            QVERIFY2(again, qPrintable(again.error().sentence));
            QCOMPARE(again->name, look.name);
            QCOMPARE(again->texts, look.texts);
            QCOMPARE(again->light, look.light);
            QCOMPARE(again->dark, look.dark);
            QCOMPARE(again->figures, look.figures);
            QCOMPARE(writeLook(*again), text);
            QCOMPARE(QJsonDocument(look.stored).object(), QJsonDocument::fromJson(text).object());
        }
    }

    // Every token there is: changed, written, read, it is what it was changed to.
    void everyTokenIsKept()
    {
        Look look = looks().first();
        const auto again = [&] {
            const Result<Look> read = readLook(writeLook(look), "x", Look());
            return read ? *read : Look();
        };
        for (int i = 0; i < InkCount; ++i) {
            for (const Theme theme : {Theme::Light, Theme::Dark}) {
                setColour(look, theme, static_cast<Ink>(i), 0x102030U + static_cast<Colour>(i) * 3 + int(theme));
            }
        }
        QCOMPARE(again().light, look.light);
        QCOMPARE(again().dark, look.dark);
        for (const LookSetting *setting : lookSettings()) {
            for (int figure = setting->least; figure <= setting->most; ++figure) {
                look.figures.insert(setting->name, figure);
                QCOMPARE(lookFigure(again(), *setting), figure);
            }
        }
        for (TextStyle &text : look.texts) {
            text = {133, 450, "DejaVu Serif", true, true};
        }
        QCOMPARE(again().texts, look.texts);
    }

    // What other programs wrote beside our tokens stays, and so do their notations and aliases.
    void whatIsNotOursIsKept()
    {
        const QByteArray text = R"json({
            "$description": "Ours", "brand": {"sea": {"$type": "color", "$value": "oklch(0.5 0.1 200)"}},
            "color": {"light": {"accent": {"$type": "color", "$value": "{brand.sea}", "$description": "main"},
                                "paper": {"$type": "color", "$value": "white"}}},
            "motion": {"fast": {"$type": "duration", "$value": {"value": 100, "unit": "ms"}}}})json";
        const Result<Look> read = readLook(text, "From elsewhere", looks().first());
        QVERIFY2(read, qPrintable(read.error().sentence));
        QCOMPARE(read->name, QString("From elsewhere"));
        QCOMPARE(colour(*read, Theme::Light, Ink::Accent), fromOklch({0.5, 0.1, 200}));
        QCOMPARE(colour(*read, Theme::Light, Ink::Faint), colour(looks().first(), Theme::Light, Ink::Faint));
        const auto objectOf = [](const QByteArray &json) { return QJsonDocument::fromJson(json).object(); };
        const auto tokenIn = [](const QJsonObject &root, const char *name) {
            return root.value("color").toObject().value("light").toObject().value(QLatin1String(name)).toObject();
        };
        const QJsonObject before = objectOf(text);
        QJsonObject written = objectOf(writeLook(*read));
        QCOMPARE(written.value("brand"), before.value("brand"));
        QCOMPARE(written.value("motion"), before.value("motion"));
        QCOMPARE(tokenIn(written, "accent"), tokenIn(before, "accent"));
        QCOMPARE(tokenIn(written, "paper").value("$value").toString(), QString("white"));
        // A changed one is written anew, and keeps what stands beside its value.
        Look changed = *read;
        setColour(changed, Theme::Light, Ink::Accent, 0x112233);
        written = objectOf(writeLook(changed));
        QCOMPARE(tokenIn(written, "accent").value("$value").toObject().value("hex").toString(), QString("#112233"));
        QCOMPARE(tokenIn(written, "accent").value("$description").toString(), QString("main"));
        QCOMPARE(written.value("brand"), before.value("brand"));
    }

    void mistakesNameTheirToken_data()
    {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("token");
        QTest::newRow("colour") << QByteArray(R"({"color":{"dark":{"paper":{"$value":"greenish"}}}})")
                                << "color.dark.paper";
        QTest::newRow("circle") << QByteArray(R"({"color":{"dark":{"paper":{"$value":7}}}})") << "color.dark.paper";
        QTest::newRow("length") << QByteArray(R"({"edge":{"field":{"corner":{"$value":"wide"}}}})")
                                << "edge.field.corner";
        QTest::newRow("far") << QByteArray(R"({"edge":{"field":{"corner":{"$value":"900px"}}}})")
                             << "edge.field.corner";
        QTest::newRow("style") << QByteArray(R"({"edge":{"group":{"style":{"$value":"wavy"}}}})") << "edge.group.style";
        QTest::newRow("type") << QByteArray(R"({"type":{"title":{"$value":"big"}}})") << "type.title";
        QTest::newRow("size") << QByteArray(R"({"type":{"title":{"$value":{"fontSize":{"value":90,"unit":"rem"}}}}})")
                              << "type.title";
        QTest::newRow("weight") << QByteArray(R"({"type":{"note":{"$value":{"fontWeight":"fat"}}}})") << "type.note";
        QTest::newRow("choice") << QByteArray(R"({"$extensions":{"org.nabblet":{"alignTexts":"up"}}})") << "alignTexts";
    }
    void mistakesNameTheirToken()
    {
        QFETCH(QByteArray, text);
        QFETCH(QString, token);
        const Result<Look> look = readLook(text, "x", looks().first());
        QVERIFY(!look);
        QVERIFY2(look.error().sentence.contains(token), qPrintable(look.error().sentence));
    }

    void aliasesInACircleEnd()
    {
        const Result<Look> look =
            readLook(R"({"a":{"$value":"{b}"},"b":{"$value":"{a}"},"color":{"light":{"paper":{"$value":"{a}"}}}})", "x",
                     looks().first());
        QVERIFY(look);
        QCOMPARE(colour(*look, Theme::Light, Ink::Paper), colour(looks().first(), Theme::Light, Ink::Paper));
    }

    void stylesAreWrittenAsTheyWereRead()
    {
        QCOMPARE(readyStyles().size(), 6);
        const Result<Styles> again = readStyles(writeStyles(readyStyles()));
        QVERIFY2(again, qPrintable(again.error().sentence));
        QCOMPARE(*again, readyStyles());
        // Every part that may be pinned, and one of a newer version.
        QJsonObject pins{{"style", "x"},
                         {"fill", "#102030"},
                         {"textColour", "#405060"},
                         {"lineWeight", 2},
                         {"edge", "raised"},
                         {"corner", 9},
                         {"family", "Cantarell"},
                         {"textSize", 117},
                         {"textWeight", 650},
                         {"slanted", false},
                         {"underlined", true},
                         {"padding", 11},
                         {"align", "centre"},
                         {"outline", QJsonObject{{"light", "#010203"}, {"dark", "#fdfcfb"}}}};
        QList<const AnySetting *> known;
        for (const LookPin *pin : lookPins()) {
            QVERIFY2(pins.contains(pin->setting->name), pin->setting->name);
            known.append(pin->setting);
        }
        pins.insert("glow", QJsonObject{{"$type", "shadow"}, {"$value", "soft"}});
        const Styles styles{{"Möwe „1“", ControlSettings::fromJson(pins, known)}};
        const Result<Styles> read = readStyles(writeStyles(styles));
        QVERIFY2(read, qPrintable(read.error().sentence));
        QCOMPARE(read->first().name, styles.first().name);
        QCOMPARE(read->first().pins.toJson(), pins);
    }

    // The project's looks stand in files of their own; those that cannot be read are said, and left alone.
    void aProjectKeepsItsLooks()
    {
        QTemporaryDir folder;
        QVERIFY(loadLookBook(folder.path()) == LookBook());
        Look own = looks().at(2);
        own.name = "Our office";
        setColour(own, Theme::Light, Ink::Accent, 0x123456);
        QVERIFY(saveLook(folder.path(), own).isOk());
        QVERIFY(saveStyles(folder.path(), readyStyles().mid(0, 2)).isOk());
        QFile broken(folder.filePath("looks/broken.tokens.json"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write("{ no");
        broken.close();
        LookBook book = loadLookBook(folder.path());
        QCOMPARE(book.looks.size(), 1);
        QCOMPARE(book.looks.first().light, own.light);
        QCOMPARE(book.styles, readyStyles().mid(0, 2));
        QCOMPARE(book.mistakes.size(), 1);
        QVERIFY(book.mistakes.first().contains("broken.tokens.json"));
        QCOMPARE(allLooks(book).size(), 9);
        QCOMPARE(colour(lookNamed(book, "Our office"), Theme::Light, Ink::Accent), Colour(0x123456));
        // One of the program's that the project changed takes its place; saving again writes the same file.
        Look changed = looks().first();
        setColour(changed, Theme::Dark, Ink::Paper, 0x000001);
        QVERIFY(saveLook(folder.path(), changed).isOk());
        setColour(changed, Theme::Dark, Ink::Paper, 0x000002);
        QVERIFY(saveLook(folder.path(), changed).isOk());
        book = loadLookBook(folder.path());
        QCOMPARE(book.looks.size(), 2);
        QCOMPARE(allLooks(book).size(), 9);
        QCOMPARE(colour(allLooks(book).first(), Theme::Dark, Ink::Paper), Colour(0x000002));
        QVERIFY(removeLook(folder.path(), "Our office").isOk());
        QCOMPARE(loadLookBook(folder.path()).looks.size(), 1);
    }
};

QTEST_APPLESS_MAIN(TestLooks)
#include "tst_looks.moc"
