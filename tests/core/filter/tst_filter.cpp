// What people write to say what they look for, read as conditions, said in words, and kept.
#include "core/filter/filter.h"
#include "core/filter/filter_words.h"
#include "core/kinds/settings/choices.h"

#include <QJsonDocument>
#include <QTest>

using namespace nabblet;

class TestFilter : public QObject
{
    Q_OBJECT

    const QLocale m_english{QLocale::English, QLocale::UnitedKingdom};

    QString said(const QString &typed, ColumnType type, const QLocale &locale, const Control &control = {},
                 bool isByWords = false) const
    {
        const auto read = conditionsFromWords(typed, type, control, isByWords, locale);
        return read ? partInWords({"c", {}, {}, isByWords, *read, typed}, "It") : QString("! " + read.error().sentence);
    }

private Q_SLOTS:
    void whatIsMeant_data()
    {
        QTest::addColumn<ColumnType>("type");
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("words");
        const auto row = [](ColumnType type, const char *typed, const char *words) {
            QTest::newRow(qPrintable(QString::number(static_cast<int>(type)) + ' ' + typed))
                << type << QString(typed) << QString(words);
        };
        row(ColumnType::Text, "Skerry", "It has “Skerry”");
        row(ColumnType::Text, "= Skerry", "It is Skerry");
        row(ColumnType::Text, "\"Skerry\"", "It is Skerry");
        row(ColumnType::Text, "Sker*", "It is like Sker*");
        row(ColumnType::Text, "not Skerry", "It is without “Skerry”");
        row(ColumnType::Text, "blank", "It is blank");
        row(ColumnType::Text, "not blank", "It is filled in");
        row(ColumnType::Text, "a; b", "It has “a” or has “b”");
        row(ColumnType::Text, "not a; not b", "It is without “a” and is without “b”");
        row(ColumnType::Text, "A..F", "It is from A to F");
        row(ColumnType::Text, "and so on..", "It has “and so on..”");
        row(ColumnType::Text, "> M", "It is above M");
        row(ColumnType::WholeNumber, "12", "It is 12");
        row(ColumnType::WholeNumber, "12..20", "It is from 12 to 20");
        row(ColumnType::WholeNumber, "12..", "It is at least 12");
        row(ColumnType::WholeNumber, "..20", "It is at most 20");
        row(ColumnType::WholeNumber, ">= 12; < 3", "It is at least 12 or is below 3");
        row(ColumnType::DecimalNumber, "< 11.8", "It is below 11.8");
        row(ColumnType::DecimalNumber, "not 11.8", "It is not 11.8");
        row(ColumnType::WholeNumber, "many",
            "! “many” is no number. Write a number, or two of them with “..” between.");
        row(ColumnType::WholeNumber, ">", "! Behind “>” a value is missing.");
        row(ColumnType::YesNo, "yes", "It is yes");
        row(ColumnType::YesNo, "0", "It is no");
        row(ColumnType::YesNo, "perhaps", "! “perhaps” is neither yes nor no.");
        row(ColumnType::Date, "2026-05-03", "It is in 3 May 2026");
        row(ColumnType::Date, "2026-05", "It is in May 2026");
        row(ColumnType::Date, "2026", "It is in 2026");
        row(ColumnType::Date, "may 2026", "It is in May 2026");
        row(ColumnType::Date, "5/2026", "It is in May 2026");
        row(ColumnType::Date, "2026-05..2026-08", "It is from May 2026 to August 2026");
        row(ColumnType::Date, "< 2026-05", "It is before May 2026");
        row(ColumnType::Date, "> 2026-05", "It is after May 2026");
        row(ColumnType::Date, "<= 2026-05", "It is up to May 2026");
        row(ColumnType::Date, ">= 3.5.2026", "It is from 3 May 2026 on");
        row(ColumnType::DateTime, "2026-05-03 09:30", "It is in 3 May 2026 09:30");
        row(ColumnType::Time, "> 0930", "It is above 09:30");
    }
    void whatIsMeant()
    {
        QFETCH(ColumnType, type);
        QFETCH(QString, typed);
        QFETCH(QString, words);
        QCOMPARE(said(typed, type, m_english), words);
    }

    void spansOfTimeAreHalfOpen()
    {
        const auto of = [&](const QString &typed) {
            return conditionsFromWords(typed, ColumnType::DateTime, {}, false, m_english)->first();
        };
        QCOMPARE(of("2026-02").value.toString(), QString("2026-02-01"));
        QCOMPARE(of("2026-02").upTo.toString(), QString("2026-03-01"));
        QVERIFY(of("2026-02").isUpToLeftOut);
        QCOMPARE(of("2026-12-31").upTo.toString(), QString("2027-01-01"));
        QCOMPARE(of("2026-05..2026-08").upTo.toString(), QString("2026-09-01"));
        QCOMPARE(of("2026-05-03 23:59").upTo.toString(), QString("2026-05-04 00:00:00"));
    }

    void numbersGoByTheLocale()
    {
        const QLocale german(QLocale::German, QLocale::Germany);
        QCOMPARE(said("11,8", ColumnType::DecimalNumber, german), QString("It is 11,8"));
        QCOMPARE(conditionsFromWords("11,8", ColumnType::DecimalNumber, {}, false, german)->first().value.toDouble(),
                 11.8);
    }

    // Options are known by their words.
    void optionsByTheirWords()
    {
        Control box;
        box.kind = "drop-down";
        setFixedChoices(box, {{"S", "Lateral, starboard"}, {"P", "Lateral, port"}, {"C", "Cardinal"}});
        const auto read = conditionsFromWords("cardinal", ColumnType::Text, box, false, m_english);
        QCOMPARE(read->size(), 1);
        QCOMPARE(read->first().value.toString(), QString("C"));
        QCOMPARE(said("lateral", ColumnType::Text, m_english, box),
                 QString("It is Lateral, starboard or is Lateral, port"));
        QCOMPARE(said("Sker", ColumnType::Text, m_english, box), QString("It has “Sker”")); // nothing else to go by
        QCOMPARE(said("Sker", ColumnType::WholeNumber, m_english, box, true), QString("It has “Sker”")); // by words
    }

    void keptAndReadAgain()
    {
        Filter filter;
        for (const auto &[type, typed] :
             {std::pair{ColumnType::Text, "Sk*; not blank"}, std::pair{ColumnType::DateTime, "2026-05..2026-08"},
              std::pair{ColumnType::DecimalNumber, "< 11.8"}, std::pair{ColumnType::WholeNumber, "9007199254740993"},
              std::pair{ColumnType::YesNo, "yes"}}) {
            filter.lines.append({{QString("c%1").arg(filter.lines.size()), "t", "r", type == ColumnType::Text,
                                  *conditionsFromWords(typed, type, {}, false, m_english), typed}});
        }
        const QByteArray text = QJsonDocument(filterToJson(filter)).toJson();
        const Filter again = filterFromJson(QJsonDocument::fromJson(text).array());
        QCOMPARE(filterToJson(again), filterToJson(filter));
        QCOMPARE(again.lines.size(), filter.lines.size());
        for (qsizetype i = 0; i < filter.lines.size(); ++i) {
            QCOMPARE(partInWords(again.lines.at(i).first(), "It"), partInWords(filter.lines.at(i).first(), "It"));
            QCOMPARE(again.lines.at(i).first().anyOf.first().value.toString(),
                     filter.lines.at(i).first().anyOf.first().value.toString());
        }
        QVERIFY(filterFromJson(QJsonDocument::fromJson(R"json([[{"column":"c"}],[7],"x"])json").array()).isEmpty());
    }

    void partsComeAndGo()
    {
        const FilterPart a{"a", {}, {}, false, {FilterCondition{}}, "1"};
        FilterPart other = a;
        other.typed = "2";
        const FilterPart b{"b", {}, {}, false, {FilterCondition{}}, "1"};
        Filter filter = withPart(withPart({}, a), b);
        QCOMPARE(filter.lines.size(), 1);
        QCOMPARE(filter.lines.first().size(), 2);
        filter = withPart(filter, other); // the same box is asked anew
        QCOMPARE(filter.lines.first().size(), 2);
        QCOMPARE(filter.lines.first().last().typed, QString("2"));
        filter = withoutPart(filter, 0, 1);
        QCOMPARE(filter.lines.first().size(), 1);
        QVERIFY(withoutPart(filter, 0, 0).isEmpty());
        QCOMPARE(withoutPart(filter, 3, 9), filter);
    }
};

QTEST_APPLESS_MAIN(TestFilter)
#include "tst_filter.moc"
