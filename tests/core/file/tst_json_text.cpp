#include "core/file/json_reader.h"
#include "core/file/json_text.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QRandomGenerator>
#include <QTest>

using namespace nabblet;

class TestJsonText : public QObject
{
    Q_OBJECT

    static QString anyText(QRandomGenerator &random)
    {
        QString text;
        const int length = random.bounded(12);
        for (int i = 0; i < length; ++i) {
            // Control signs, quotes, letters of many scripts and halves of surrogate pairs.
            text += QChar(static_cast<char16_t>(random.bounded(5) == 0   ? random.bounded(0x20)
                                                : random.bounded(3) == 0 ? random.bounded(0x10000)
                                                                         : 0x20 + random.bounded(0x60)));
        }
        return text;
    }

    static QJsonValue anyValue(QRandomGenerator &random, int depth)
    {
        switch (random.bounded(depth > 0 ? 7 : 5)) {
        case 0:
            return QJsonValue();
        case 1:
            return random.bounded(2) == 0;
        case 2:
            return static_cast<double>(random.bounded(-1000000, 1000000));
        case 3:
            return random.generateDouble() * 1e6 - 5e5;
        case 4:
            return anyText(random);
        case 5: {
            QJsonArray list;
            for (int i = random.bounded(4); i > 0; --i) {
                list.append(anyValue(random, depth - 1));
            }
            return list;
        }
        default: {
            QJsonObject object;
            for (int i = random.bounded(4); i > 0; --i) {
                object.insert(QString("key %1").arg(random.bounded(1000)), anyValue(random, depth - 1));
            }
            return object;
        }
        }
    }

private Q_SLOTS:
    // Whatever is written reads back, by a parser that is not ours, as the same value.
    void anyValueReadsBack()
    {
        QRandomGenerator random(31);
        for (int i = 0; i < 2000; ++i) {
            const QJsonValue value = anyValue(random, 3);
            JsonText json;
            json.beginObject();
            json.value("value", value);
            json.endObject();
            QJsonParseError error;
            const QJsonDocument read = QJsonDocument::fromJson(json.toUtf8(), &error);
            QVERIFY2(error.error == QJsonParseError::NoError, json.toUtf8().constData());
            const QJsonValue back = read.object().value("value");
            // A lone half of a surrogate pair is the one thing that UTF-8 parsers may replace.
            if (!json.toUtf8().contains("\\ud")) {
                QCOMPARE(back, value);
            }
        }
    }

    void keysKeepTheirOrderAndLinesTheirPlace()
    {
        JsonText json;
        json.beginObject();
        json.value("zebra", 1);
        json.value("ant", true);
        json.beginList("places", JsonText::Layout::OneLine);
        json.item(1);
        json.item(-2);
        json.endList();
        json.beginList("things");
        json.beginObject();
        json.value("kind", QString("a"));
        json.continueLine();
        json.value("name", QString("b"));
        json.endLine();
        json.value("last", 3);
        json.endObject();
        json.endList();
        json.beginList("none");
        json.endList();
        json.endObject();
        QCOMPARE(
            json.toUtf8(),
            QByteArray("{\n  \"zebra\": 1,\n  \"ant\": true,\n  \"places\": [1, -2],\n  \"things\": [\n    {\n"
                       "      \"kind\": \"a\", \"name\": \"b\",\n      \"last\": 3\n    }\n  ],\n  \"none\": []\n}\n"));
    }

    void theFirstMistakeIsNamedWithItsPlace()
    {
        JsonMistakes mistakes;
        JsonReader reader(*parseJsonObject("{\"a/b~c\": 1, \"n\": 1.5, \"f\": 3, \"list\": {}}"), "/top", &mistakes);
        QCOMPARE(reader.text("a/b~c", QString()), QString());
        QCOMPARE(mistakes.first(), "at /top/a~1b~0c: a text was expected");
        (void)reader.number("n", 0, 10, 5); // later mistakes do not hide the first
        QCOMPARE(mistakes.first(), "at /top/a~1b~0c: a text was expected");
        QCOMPARE(reader.unknownKeys().keys(), QStringList({"f", "list"}));
        (void)reader.flag("f", true);
        (void)reader.list("list");
        QVERIFY(reader.unknownKeys().isEmpty());
    }

    void wholeNumbersAreHeldToTheirBounds()
    {
        for (const auto &[text, isGood] : {std::pair{"5", true},
                                           {"0", true},
                                           {"10", true},
                                           {"11", false},
                                           {"-1", false},
                                           {"2.5", false},
                                           {"\"5\"", false},
                                           {"1e99", false},
                                           {"null", false}}) {
            JsonMistakes mistakes;
            JsonReader reader(*parseJsonObject(QByteArray("{\"n\": ") + text + "}"), QString(), &mistakes);
            (void)reader.number("n", 0, 10);
            QVERIFY2(mistakes.isEmpty() == isGood, text);
        }
    }
};

QTEST_APPLESS_MAIN(TestJsonText)
#include "tst_json_text.moc"
