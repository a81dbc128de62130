// What dictionaries said, kept from one run to the next.
#include "data/words/known_words.h"

#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>

using namespace nabblet;

class TestKnownWords : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString file(const char *name) const { return m_folder.filePath(QString::fromLatin1(name)); }

private Q_SLOTS:
    void answersAreThereInTheNextRun()
    {
        KnownWords first(file("deep/down/en.json"), "en 1");
        QVERIFY(first.isEmpty() && !first.isChanged());
        first.add("fairway", true);
        first.add(QString::fromUtf8("fähre"), false);
        QVERIFY(first.isChanged());
        first.save();
        QVERIFY(!first.isChanged());
        const KnownWords next(file("deep/down/en.json"), "en 1");
        QCOMPARE(next.find("fairway"), std::optional(true));
        QCOMPARE(next.find(QString::fromUtf8("fähre")), std::optional(false));
        QVERIFY(!next.find("buoy"));
    }

    // Another dictionary may say something else.
    void answersOfOtherDictionariesDoNotCount()
    {
        KnownWords old(file("en.json"), "en 1");
        old.add("fairway", false);
        old.save();
        QVERIFY(KnownWords(file("en.json"), "en 2").isEmpty());
        KnownWords now(file("en.json"), "en 2");
        now.add("fairway", true);
        now.save();
        QCOMPARE(KnownWords(file("en.json"), "en 2").find("fairway"), std::optional(true));
        QVERIFY(KnownWords(file("en.json"), "en 1").isEmpty());
    }

    // Whatever stands in the file, or where it cannot be written, nothing but the answers is lost.
    void aBrokenFileIsOneWithoutAnswers()
    {
        for (const char *broken : {"", "{", "[]", "{\"of\": \"en 1\", \"known\": 7}", "\xff\xfe"}) {
            QFile kept(file("broken.json"));
            QVERIFY(kept.open(QIODevice::WriteOnly));
            kept.write(broken);
            kept.close();
            KnownWords words(file("broken.json"), "en 1");
            QVERIFY(words.isEmpty());
            words.add("fairway", true);
            words.save();
            QCOMPARE(KnownWords(file("broken.json"), "en 1").find("fairway"), std::optional(true));
        }
        KnownWords nowhere(file("broken.json/below/en.json"), "en 1"); // below a file
        nowhere.add("fairway", true);
        nowhere.save();
        QCOMPARE(nowhere.find("fairway"), std::optional(true));
    }
};

QTEST_GUILESS_MAIN(TestKnownWords)
#include "tst_known_words.moc"
