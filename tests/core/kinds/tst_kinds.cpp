#include "core/kinds/kind.h"
#include "core/kinds/link_address.h"
#include "core/kinds/settings/dates.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/typing.h"
#include "core/text/date_words.h"
#include "support/sample_forms.h"

#include <QDateTime>
#include <QTest>

using namespace nabblet;

class TestKinds : public QObject
{
    Q_OBJECT

    static Control controlOf(const QString &kind)
    {
        Control control;
        control.kind = kind;
        control.place = QRect(QPoint(16, 16), kindNamed(kind).usualSize);
        control.text = "Words";
        return control;
    }

    static QVariant read(const QString &kind, const QString &typed, const QLocale &locale = QLocale::c())
    {
        const Result<QVariant> value = kindNamed(kind).read(controlOf(kind), typed, locale);
        return value ? *value : QVariant("refused: " + value.error().sentence);
    }

    // Stored values that each type of column may hold.
    static QVariantList storedValues(ColumnType type)
    {
        switch (type) {
        case ColumnType::Text:
            return {"Long Reach", QString::fromUtf8("Ærøskjær"), "two\nlines", "  blanks  ", "0012", "NULL"};
        case ColumnType::WholeNumber:
            return {0LL, 1LL, -42LL, 9007199254740993LL};
        case ColumnType::DecimalNumber:
            return {0.1, 12.6, -1.25, 1e-7, 123456789.125, 3LL};
        case ColumnType::YesNo:
            return {true, false, 1LL, 0LL};
        case ColumnType::Date:
            return {"2026-09-30", "1899-12-31", "2024-02-29"};
        case ColumnType::Time:
            return {"06:15:00", "23:59:59", "00:00:00"};
        case ColumnType::DateTime:
            return {"2026-09-30 06:15:00", "1999-12-31 23:59:59"};
        case ColumnType::Binary:
            return {QByteArray("\x89PNG")};
        }
        return {};
    }

private Q_SLOTS:
    void everyKindIsWhole_data()
    {
        QTest::addColumn<QString>("name");
        for (const Kind &kind : kinds()) {
            QTest::newRow(qPrintable(kind.name)) << kind.name;
        }
    }

    void everyKindIsWhole()
    {
        QFETCH(QString, name);
        const Kind &kind = kindNamed(name);
        QCOMPARE(kind.name, name);
        QVERIFY(!kindTitle(kind).isEmpty() && !kind.shortName.isEmpty() && kind.usualSize.isValid());
        QVERIFY(kind.draw && kind.words && kind.read);
        const bool hasNoValue = kind.editor == Editor::None || kind.editor == Editor::Rows ||
                                kind.editor == Editor::Button || kind.isWorkedOut;
        QCOMPARE(kind.binds.isEmpty(), hasNoValue);
        const Control control = controlOf(name);
        const Shown blank = shownBlank(control);
        QVERIFY(!kind.draw(control, blank, Look()).isEmpty());
        // Each state looks different from rest, in every kind that people can change.
        if (takesValue(kind)) {
            for (const BoxState state : {BoxState::Focused, BoxState::Locked, BoxState::Refused}) {
                Shown other = blank;
                other.state = state;
                QVERIFY(kind.draw(control, other, Look()) != kind.draw(control, blank, Look()));
            }
        }
    }

    // What is stored and shown reads back as the same value, for each kind and every type it may be bound to.
    void wordsReadBackAsTheStoredValue()
    {
        int pairs = 0;
        for (const QLocale &locale :
             {QLocale::c(), QLocale(QLocale::German), QLocale(QLocale::English, QLocale::UnitedStates)}) {
            for (const Kind &kind : kinds()) {
                if (kind.editor != Editor::Line && kind.editor != Editor::LongText) {
                    continue;
                }
                for (const ColumnType type : kind.binds) {
                    // A kind for dates may be bound to a text column that holds dates.
                    const bool ownWords = type == ColumnType::Text && kind.name != "text-box" &&
                                          kind.name != "long-text" && kind.name != "link";
                    const QVariantList values = storedValues(ownWords ? kind.binds.first() : type);
                    for (const QVariant &value : values) {
                        const Control control = controlOf(kind.name);
                        const QString words = kind.words(control, value, locale);
                        const Result<QVariant> back = kind.read(control, words, locale);
                        QVERIFY2(back.isOk(), qPrintable(kind.name + ": " + words));
                        if (value.typeId() == QMetaType::Double) {
                            QCOMPARE(back->toDouble(), value.toDouble());
                        } else {
                            QCOMPARE(back->toString(), value.toString());
                        }
                        ++pairs;
                    }
                }
            }
        }
        QVERIFY(pairs > 100);
    }

    // What a row holds may lead to a page or a letter, never to a file or a program.
    void linksLeadToAddressesOnly()
    {
        QCOMPARE(addressOf("https://merrowchain.example/"), "https://merrowchain.example/");
        QCOMPARE(addressOf(" merrowchain.example/about "), "https://merrowchain.example/about");
        QCOMPARE(addressOf("office@merrowchain.example"), "mailto:office@merrowchain.example");
        QCOMPARE(addressOf("tel:+441632960114"), "tel:+441632960114");
        for (const char *words : {"", "two words", "file:///etc/passwd", "javascript:alert(1)", "/usr/bin/true",
                                  "plain", "C:\\depot", "smb://depot/share", "a@b"}) {
            QVERIFY2(addressOf(words).isEmpty(), words);
        }
    }

    // However dates and numbers are written, they read back as what is stored, in every language tried.
    void whatIsWrittenInAnotherShapeReadsBack()
    {
        for (const QLocale &locale : {QLocale::c(), QLocale(QLocale::German), QLocale(QLocale::French),
                                      QLocale(QLocale::English, QLocale::UnitedStates), QLocale(QLocale::Russian)}) {
            for (int shape = 0; shape < DateShapeCount; ++shape) {
                for (const char *kind : {"date", "date-time"}) {
                    Control control = controlOf(kind);
                    control.settings.set(setting::Dates, static_cast<DateShape>(shape));
                    const QVariantList values =
                        storedValues(QString(kind) == "date" ? ColumnType::Date : ColumnType::DateTime);
                    for (const QVariant &value : values) {
                        const QString words = kindNamed(kind).words(control, value, locale);
                        const Result<QVariant> back = kindNamed(kind).read(control, words, locale);
                        QVERIFY2(back.isOk() && back->toString() == value.toString(), qPrintable(words));
                    }
                }
            }
            for (const char *kind : {"whole-number", "decimal-number"}) {
                Control control = controlOf(kind);
                control.settings.set(setting::PartsThousands, true);
                for (const QVariant &value : QVariantList{0LL, 1234LL, -1234567LL, 9007199254740993LL}) {
                    const QString words = kindNamed(kind).words(control, value, locale);
                    const Result<QVariant> back = kindNamed(kind).read(control, words, locale);
                    QVERIFY2(back.isOk() && back->toLongLong() == value.toLongLong(), qPrintable(words));
                }
            }
        }
    }

    void nothingTypedIsNull()
    {
        for (const Kind &kind : kinds()) {
            if (kind.editor == Editor::Line || kind.editor == Editor::LongText) {
                QVERIFY(read(kind.name, QString()).isNull());
            }
        }
    }

    void numbers()
    {
        QCOMPARE(read("whole-number", " 1 204 "), QVariant(1204LL));
        QVERIFY(read("whole-number", "12.5").toString().contains("leave out the decimals"));
        QVERIFY(read("whole-number", "a").toString().startsWith("refused"));
        QVERIFY(read("whole-number", "99999999999999999999").toString().contains("too large"));
        QVERIFY(read("whole-number", "-9223372036854775809").toString().contains("too large"));
        QCOMPARE(read("decimal-number", "12,5", QLocale(QLocale::German)), QVariant(12.5));
        QCOMPARE(read("decimal-number", "12.5", QLocale(QLocale::German)), QVariant(12.5));
        QCOMPARE(read("decimal-number", QString::fromUtf8("−3")), QVariant(-3LL));
        QVERIFY(read("decimal-number", "1e999").toString().startsWith("refused"));
        QVERIFY(read("decimal-number", "nan").toString().startsWith("refused"));
        Control control = controlOf("decimal-number");
        control.settings.set(setting::Decimals, 2);
        QCOMPARE(kindNamed("decimal-number").words(control, 12.5, QLocale::c()), "12.50");
        QCOMPARE(kindNamed("decimal-number").words(control, 12.3456, QLocale::c()), "12.3456");
        QCOMPARE(kindNamed("decimal-number").words(control, 7LL, QLocale::c()), "7.00");
    }

    void dates_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("stored");
        for (const char *typed : {"30 Sep 2026", "30 September 2026", "2026-09-30", "2026/9/30", "30.9.2026",
                                  "30/09/26", "30 9 26", " 30  Sep  2026 "}) {
            QTest::newRow(typed) << QString(typed) << "2026-09-30";
        }
        QTest::newRow("no such day") << "31.9.2026" << QString();
        QTest::newRow("words") << "yesterday" << QString();
        QTest::newRow("half") << "30.9" << QString();
    }

    void dates()
    {
        QFETCH(QString, typed);
        QFETCH(QString, stored);
        const QVariant value = read("date", typed);
        if (stored.isEmpty()) {
            QVERIFY2(value.toString().startsWith("refused: A date is needed"), qPrintable(value.toString()));
        } else {
            QCOMPARE(value.toString(), stored);
        }
    }

    void americansPutTheMonthFirst()
    {
        QCOMPARE(read("date", "9/30/2026", QLocale(QLocale::English, QLocale::UnitedStates)).toString(), "2026-09-30");
        QCOMPARE(read("date", "30.9.2026", QLocale(QLocale::German)).toString(), "2026-09-30");
    }

    void times()
    {
        QCOMPARE(read("time", "6:15").toString(), "06:15:00");
        QCOMPARE(read("time", "0615").toString(), "06:15:00");
        QCOMPARE(read("time", "6").toString(), "06:00:00");
        QVERIFY(read("time", "25:00").toString().startsWith("refused"));
        QCOMPARE(read("date-time", "30 Sep 2026 6:15").toString(), "2026-09-30 06:15:00");
        QCOMPARE(read("date-time", "2026-09-30T06:15:20").toString(), "2026-09-30 06:15:20");
        QCOMPARE(read("date-time", "30.9.2026").toString(), "2026-09-30 00:00:00");
        QVERIFY(read("date-time", "30.9.2026 99").toString().startsWith("refused"));
    }

    void textKeepsToItsLength()
    {
        Control control = controlOf("text-box");
        control.settings.set(setting::Length, 3);
        QVERIFY(kindNamed("text-box").read(control, "abcd", QLocale::c()).isOk() == false);
        QCOMPARE(*kindNamed("text-box").read(control, QString::fromUtf8("🛟🛟🛟"), QLocale::c()),
                 QVariant(QString::fromUtf8("🛟🛟🛟")));
    }

    void strangeStoredValuesAreShownAsTheyAre()
    {
        QCOMPARE(kindNamed("date").words(controlOf("date"), "soon", QLocale::c()), "soon");
        QCOMPARE(kindNamed("whole-number").words(controlOf("whole-number"), "many", QLocale::c()), "many");
        QVERIFY(shownFor(controlOf("tick-box"), 1LL, QLocale::c()).isOn);
        QVERIFY(!shownFor(controlOf("tick-box"), QVariant(), QLocale::c()).isOn);
    }
};

QTEST_APPLESS_MAIN(TestKinds)
#include "tst_kinds.moc"
