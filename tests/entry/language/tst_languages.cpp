// The program's words in its languages: nothing is missing, nothing that stands for something is lost, and what people
// type in their own words is understood.
#include "core/actions/action_table.h"
#include "core/filter/filter_words.h"
#include "core/sorts/sorted_by.h"
#include "core/text/date_words.h"
#include "core/text/tr.h"
#include "support/spoken.h"

#include <QLocale>
#include <QProcess>
#include <QStandardPaths>
#include <QTest>
#include <QXmlStreamReader>

using namespace nabblet;
using samples::Spoken;

namespace {

struct Message
{
    QString context;
    QString source;
    QString translation;
};

QList<Message> messagesOf(const QString &code)
{
    QFile file(QString(NABBLET_ROOT "/src/languages/nabblet_%1.ts").arg(code));
    if (!file.open(QIODevice::ReadOnly)) {
        return {};
    }
    QXmlStreamReader xml(&file);
    QList<Message> all;
    QString context;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement) {
            continue;
        }
        if (xml.name() == u"name") {
            context = xml.readElementText();
        } else if (xml.name() == u"source") {
            all.append({context, xml.readElementText(), {}});
        } else if (xml.name() == u"translation") {
            all.last().translation = xml.readElementText();
        }
    }
    return all;
}

// What is filled in, in its order of names.
QStringList placesIn(const QString &text)
{
    static const QRegularExpression place("%L?\\d|\\{\\w+\\}|<[^>]+>");
    QStringList all;
    for (auto each = place.globalMatch(text); each.hasNext();) {
        all.append(each.next().captured());
    }
    all.sort();
    return all;
}

bool hasLetter(const QString &text)
{
    static const QRegularExpression letter("&\\w", QRegularExpression::UseUnicodePropertiesOption);
    return text.contains(letter);
}

} // namespace

class TestLanguages : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { QStandardPaths::setTestModeEnabled(true); }

    void theFirstOfTheWishedOnesIsTaken_data()
    {
        QTest::addColumn<QStringList>("wished");
        QTest::addColumn<QString>("taken");
        QTest::newRow("none") << QStringList{} << "en";
        QTest::newRow("one that is not there") << QStringList{"nl-NL", "nl"} << "en";
        QTest::newRow("a kind of German") << QStringList{"de-AT"} << "de";
        QTest::newRow("written with a low line") << QStringList{"fr_CA"} << "fr";
        QTest::newRow("the second") << QStringList{"pl-PL", "pl", "fr-FR"} << "fr";
        QTest::newRow("English before others") << QStringList{"en-GB", "de-DE"} << "en";
        QTest::newRow("one that only begins so") << QStringList{"den", "fro"} << "en";
    }
    void theFirstOfTheWishedOnesIsTaken()
    {
        QFETCH(QStringList, wished);
        QTEST(languageFor(wished), "taken");
    }

    void nothingIsMissing()
    {
        QProcess check;
        check.setProcessChannelMode(QProcess::MergedChannels);
        check.start(NABBLET_ROOT "/scripts/languages", {"--check"});
        QVERIFY(check.waitForFinished(60000));
        QVERIFY2(check.exitCode() == 0, check.readAll());
    }

    void whatStandsForSomethingIsKept_data()
    {
        QTest::addColumn<QString>("code");
        for (const Language &each : languages().mid(1)) {
            QTest::newRow(each.code) << QString(each.code);
        }
    }
    void whatStandsForSomethingIsKept()
    {
        QFETCH(QString, code);
        QStringList lost;
        const QList<Message> all = messagesOf(code);
        QVERIFY(all.size() > 3000);
        for (const Message &each : all) {
            const auto isKept = [&](auto part) { return part(each.source) == part(each.translation); };
            const bool isWhole = isKept(placesIn) && (!hasLetter(each.source) || hasLetter(each.translation)) &&
                                 isKept([](const QString &text) { return text.endsWith(u'…'); }) &&
                                 isKept([](const QString &text) { return text.endsWith(u':'); }) &&
                                 isKept([](const QString &text) { return text.count(u'\n'); }) &&
                                 isKept([](const QString &text) { return text.count(QLatin1String(";;")); });
            if (!isWhole) {
                lost.append(each.context + ": " + each.source + " → " + each.translation);
            }
        }
        QVERIFY2(lost.isEmpty(), qPrintable("\n" + lost.join("\n")));
    }

    void countsAgree()
    {
        const auto said = [](qsizetype count) { return counted(count, Texts::tr("1 row"), Texts::tr("%1 rows")); };
        QCOMPARE(said(0), QString("0 rows"));
        {
            const Spoken german("de");
            QCOMPARE(said(0), QString("0 Zeilen"));
            QCOMPARE(said(1), QString("1 Zeile"));
            QCOMPARE(said(2), QString("2 Zeilen"));
        }
        {
            const Spoken french("fr");
            QCOMPARE(said(0), QString("0 ligne"));
            QCOMPARE(said(1), QString("1 ligne"));
            QCOMPARE(said(2), QString("2 lignes"));
        }
        QCOMPARE(said(2), QString("2 rows")); // and back
    }

    void namesWithinASentence()
    {
        QCOMPARE(withinSentence(Texts::tr("Header")), QString("header"));
        {
            const Spoken german("de");
            QCOMPARE(withinSentence(Texts::tr("Header")), QString("Kopf"));
        }
        const Spoken french("fr");
        QCOMPARE(withinSentence(Texts::tr("Header")), QString("en-tête"));
    }

    // In the person's words and in English, which forms and notes from elsewhere are written in.
    void typedWordsAreUnderstood()
    {
        const Spoken german("de");
        for (const QString &words : {QString("heute"), QString("today")}) {
            const QDate before = QDate::currentDate(); // midnight may come between
            const QString read = dateMeant(words, QLocale::c());
            QVERIFY2(read == before.toString(Qt::ISODate) || read == QDate::currentDate().toString(Qt::ISODate),
                     qPrintable(words + ": " + read));
        }
        Control box;
        for (const QString &words : {QString("nicht leer"), QString("not blank")}) {
            const Result<QList<FilterCondition>> read =
                conditionsFromWords(words, ColumnType::Text, box, false, QLocale::c());
            QVERIFY2(read && read->size() == 1, qPrintable(words));
            QCOMPARE(read->first().test, FilterTest::Blank);
            QVERIFY(read->first().isNot);
        }
        const Result<QList<FilterCondition>> quoted =
            conditionsFromWords("„Sker“", ColumnType::Text, box, false, QLocale::c());
        QVERIFY(quoted);
        QCOMPARE(quoted->first().value, QVariant("Sker"));
        for (const QString &words : {QString("name absteigend"), QString("name descending")}) {
            const Result<QList<SortedBy>> read = readSorted(words, nullptr);
            QVERIFY2(read && read->first().isDescending && read->first().column == "name", qPrintable(words));
        }
    }

    void stepsOfButtonsAreReadAsTheyAreSaid()
    {
        for (const char *code : {"en", "de", "fr"}) {
            const Spoken spoken(code);
            for (const ButtonAction &action : buttonActions()) {
                const QString words = stepInWords({action.name, "Lights"});
                for (const QString &typed : {words, QString(words).replace(": ", " : "), QString(action.name)}) {
                    const Result<ButtonStep> read = stepFromWords(typed);
                    QVERIFY2(read, qPrintable(typed));
                    QCOMPARE(read->action, QString(action.name));
                }
            }
        }
    }
};

QTEST_MAIN(TestLanguages)
#include "tst_languages.moc"
