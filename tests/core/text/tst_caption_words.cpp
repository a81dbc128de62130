#include "core/text/caption_words.h"

#include <QTest>

using namespace nabblet;

class TestCaptionWords : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void captions_data()
    {
        QTest::addColumn<QString>("column");
        QTest::addColumn<QString>("table");
        QTest::addColumn<QString>("caption");
        const auto row = [](const char *column, const char *table, const char *caption) {
            QTest::newRow(column) << QString::fromUtf8(column) << QString(table) << QString::fromUtf8(caption);
        };
        row("laid_on", "buoy", "Laid on");
        row("lightCharacter", "buoy", "Light character");
        row("depth_m", "buoy", "Depth (m)");
        row("battery_v", "buoy", "Battery (V)");
        row("fairway_id", "buoy", "Fairway");
        row("buoy_type", "buoy", "Type");
        row("buoy", "buoy", "Buoy");
        row("is_lit", "buoy", "Lit");
        row("asset_no", "buoy", "Asset number");
        row("email", "contractor", "E-mail");
        row("CUSTOMER_NAME", "", "Customer name");
        row("HTTPServerName", "", "HTTP server name");
        row("address2", "address", "Address 2");
        row("airline_full", "airlines", "Full name");
        row("user_name", "users", "Name");
        row("m", "", "M");
        row("id", "", "Number");
        row("name with spaces", "", "Name with spaces");
        row("größe", "", "Größe");
        row("_", "", "_");
    }

    void captions()
    {
        QFETCH(QString, column);
        QFETCH(QString, table);
        QFETCH(QString, caption);
        QCOMPARE(captionFromColumn(column, table), caption);
    }

    void identifiers()
    {
        QCOMPARE(identifierFromText("Buoy register"), "buoy_register");
        QCOMPARE(identifierFromText("  a -- b\n"), "a_b");
        QCOMPARE(identifierFromText("2 ways"), "n2_ways");
        QCOMPARE(identifierFromText("«»"), "unnamed");
        QCOMPARE(identifierFromText(QString::fromUtf8("Ærøskjær Nord")), QString::fromUtf8("ærøskjær_nord"));
    }

    void namesFromAPoolDiffer()
    {
        NamePool pool({"text_name", "text_name_2"});
        QSet<QString> names{"text_name", "text_name_2"};
        for (int i = 0; i < 50; ++i) {
            const QString name = pool.take(i % 2 ? "text_name" : "other");
            QVERIFY2(!names.contains(name), qPrintable(name));
            names.insert(name);
        }
        QCOMPARE(NamePool({"a"}).take("a"), "a_2");
    }
};

QTEST_APPLESS_MAIN(TestCaptionWords)
#include "tst_caption_words.moc"
