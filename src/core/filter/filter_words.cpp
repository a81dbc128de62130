#include "core/filter/filter_words.h"

#include "core/kinds/settings/choices.h"
#include "core/text/date_words.h"
#include "core/text/number_words.h"
#include "core/text/tr.h"

#include <QDate>
#include <QDateTime>
#include <QRegularExpression>

#include <optional>

namespace nabblet {

namespace {

// A value as it was written, and where it is a span of time its end.
struct Meant
{
    QVariant from;
    QVariant before = {}; // of a span, the first that is not meant
    QString words = {};
};

struct Asked
{
    ColumnType type;
    const Control &control;
    const QLocale &locale;
};

bool isWord(const QString &text, const char *english)
{
    return text.compare(QLatin1String(english), Qt::CaseInsensitive) == 0 ||
           text.compare(Texts::tr(english), Qt::CaseInsensitive) == 0;
}

QString dayText(const QDate &date)
{
    return date.toString(Qt::ISODate);
}

// A month or a year.
std::optional<Meant> spanOfTime(const QString &text, const QLocale &locale)
{
    static const QRegularExpression year(QStringLiteral("^(\\d{4})$"));
    static const QRegularExpression isoMonth(QStringLiteral("^(\\d{4})[-/.](\\d{1,2})$"));
    static const QRegularExpression monthYear(QStringLiteral("^(\\d{1,2})[-/.](\\d{4})$"));
    static const QRegularExpression namedMonth(QStringLiteral("^(\\p{L}+)\\.? (\\d{4})$"));
    const auto month = [&](int in, int number) -> std::optional<Meant> {
        const QDate first(in, number, 1);
        if (!first.isValid()) {
            return {};
        }
        return Meant{dayText(first), dayText(first.addMonths(1)), locale.toString(first, QStringLiteral("MMMM yyyy"))};
    };
    if (const auto match = year.match(text); match.hasMatch()) {
        const QDate first(match.captured(1).toInt(), 1, 1);
        return Meant{dayText(first), dayText(first.addYears(1)), match.captured(1)};
    }
    if (const auto match = isoMonth.match(text); match.hasMatch()) {
        return month(match.captured(1).toInt(), match.captured(2).toInt());
    }
    if (const auto match = monthYear.match(text); match.hasMatch()) {
        return month(match.captured(2).toInt(), match.captured(1).toInt());
    }
    if (const auto match = namedMonth.match(text); match.hasMatch()) {
        constexpr int LeastLetters = 3;
        for (const QLocale &names : {locale, QLocale::c()}) {
            for (int i = 1; i <= 12 && match.captured(1).size() >= LeastLetters; ++i) {
                if (names.standaloneMonthName(i).startsWith(match.captured(1), Qt::CaseInsensitive) ||
                    names.monthName(i).startsWith(match.captured(1), Qt::CaseInsensitive)) {
                    return month(match.captured(2).toInt(), i);
                }
            }
        }
    }
    return {};
}

Result<Meant> meantTime(const QString &text, const Asked &asked)
{
    const bool hasTime = asked.type == ColumnType::DateTime;
    if (const std::optional<Meant> span = spanOfTime(text, asked.locale)) {
        return *span;
    }
    if (const Result<QVariant> day = readDate(dateMeant(text, asked.locale), asked.locale); day && day->isValid()) {
        const QDate date = QDate::fromString(day->toString(), Qt::ISODate);
        return Meant{dayText(date), dayText(date.addDays(1)), dateInWords(*day, asked.locale)};
    }
    if (hasTime) {
        if (const Result<QVariant> moment = readDateTime(dateTimeMeant(text, asked.locale), asked.locale);
            moment && moment->isValid()) {
            const QString shown = dateTimeInWords(*moment, asked.locale);
            QDateTime at = QDateTime::fromString(moment->toString().replace(u' ', u'T'), Qt::ISODateWithMs);
            if (at.time().second() != 0 || at.time().msec() != 0) {
                return Meant{*moment, {}, shown};
            }
            return Meant{*moment, at.addSecs(60).toString(QStringLiteral("yyyy-MM-dd HH:mm:ss")), shown};
        }
    }
    return Error{
        Texts::tr("“%1” is no date. Write a day, a month such as %2, a year, or two of them with “..” between.")
            .arg(text, asked.locale.toString(QDate(2026, 5, 1), QStringLiteral("MMM yyyy"))),
        {}};
}

Result<Meant> meant(const QString &text, const Asked &asked)
{
    const auto ofNumber = [&](const Result<QVariant> &read) -> Result<Meant> {
        if (!read) {
            return Error{Texts::tr("“%1” is no number. Write a number, or two of them with “..” between.").arg(text),
                         {}};
        }
        return Meant{*read, {}, numberInWords(*read, 0, asked.locale)};
    };
    switch (asked.type) {
    case ColumnType::WholeNumber:
    case ColumnType::DecimalNumber: {
        const Result<QVariant> whole = readWholeNumber(text, asked.locale, Thousands::Parted);
        return ofNumber(whole ? whole : readDecimalNumber(text, asked.locale, Thousands::Parted));
    }
    case ColumnType::YesNo:
        for (const char *yes : {Texts::later("yes"), Texts::later("true"), "1"}) {
            if (isWord(text, yes)) {
                return Meant{true, {}, Texts::tr("yes")};
            }
        }
        for (const char *no : {Texts::later("no"), Texts::later("false"), "0"}) {
            if (isWord(text, no)) {
                return Meant{false, {}, Texts::tr("no")};
            }
        }
        return Error{Texts::tr("“%1” is neither yes nor no.").arg(text), {}};
    case ColumnType::Date:
    case ColumnType::DateTime:
        return meantTime(text, asked);
    case ColumnType::Time: {
        const Result<QVariant> time = readTime(timeMeant(text), asked.locale);
        if (!time || !time->isValid()) {
            return Error{Texts::tr("“%1” is no time. Write one such as 06:15.").arg(text), {}};
        }
        return Meant{*time, {}, timeInWords(*time, asked.locale)};
    }
    case ColumnType::Text:
    case ColumnType::Binary:
        break;
    }
    return Meant{text, {}, text};
}

FilterCondition within(const Meant &from, const Meant &to)
{
    FilterCondition condition;
    condition.test = FilterTest::Within;
    condition.value = from.from;
    condition.words = from.words;
    condition.upTo = to.before.isValid() ? to.before : to.from;
    condition.isUpToLeftOut = to.before.isValid();
    condition.upToWords = to.words;
    return condition;
}

FilterCondition compared(FilterTest test, const Meant &value)
{
    FilterCondition condition;
    condition.test = test;
    condition.value = value.from;
    condition.words = value.words;
    condition.upTo = value.before;
    condition.isUpToLeftOut = value.before.isValid();
    return condition;
}

// The options of a box whose words hold what was typed.
QList<FilterCondition> chosen(const Control &control, const QString &text)
{
    QList<FilterCondition> conditions;
    for (const Choice &choice : fixedChoices(control)) {
        if (choice.words.compare(text, Qt::CaseInsensitive) == 0) {
            return {FilterCondition{FilterTest::Is, false, choice.value, {}, false, choice.words, {}}};
        }
        if (choice.words.contains(text, Qt::CaseInsensitive)) {
            conditions.append(FilterCondition{FilterTest::Is, false, choice.value, {}, false, choice.words, {}});
        }
    }
    return conditions;
}

QString unquoted(const QString &text)
{
    // As typed, and as the languages of the program write them.
    for (const QStringView pair : {u"\"\"", u"“”", u"„“", u"«»"}) {
        if (text.size() >= 2 && text.front() == pair.front() && text.back() == pair.back()) {
            const QString inside = text.mid(1, text.size() - 2);
            return pair.front() == u'«' ? inside.trimmed() : inside; // French has blanks there
        }
    }
    return text;
}

Result<QList<FilterCondition>> conditionsOf(const QString &text, const Asked &asked)
{
    const auto one = [](const FilterCondition &condition) { return QList<FilterCondition>{condition}; };
    if (isWord(text, Texts::later("blank"))) {
        return one(FilterCondition{FilterTest::Blank, false, {}, {}, false, {}, {}});
    }
    // "0..5", "..5", "5..", of texts only where both ends are there.
    if (const qsizetype dots = text.indexOf(QLatin1String("..")); dots >= 0) {
        const QString first = text.left(dots).trimmed();
        const QString last = text.mid(dots + 2).trimmed();
        const bool isText = asked.type == ColumnType::Text;
        if ((!first.isEmpty() || !last.isEmpty()) && (!isText || (!first.isEmpty() && !last.isEmpty()))) {
            const Result<Meant> from = first.isEmpty() ? Result<Meant>(Meant()) : meant(first, asked);
            const Result<Meant> to = last.isEmpty() ? Result<Meant>(Meant()) : meant(last, asked);
            if (!from || !to) {
                return from ? to.error() : from.error();
            }
            return one(first.isEmpty()  ? compared(FilterTest::AtMost, *to)
                       : last.isEmpty() ? compared(FilterTest::AtLeast, *from)
                                        : within(*from, *to));
        }
    }
    static const QList<std::pair<QString, FilterTest>> signs{
        {QStringLiteral(">="), FilterTest::AtLeast}, {QStringLiteral("≥"), FilterTest::AtLeast},
        {QStringLiteral("<="), FilterTest::AtMost},  {QStringLiteral("≤"), FilterTest::AtMost},
        {QStringLiteral(">"), FilterTest::Above},    {QStringLiteral("<"), FilterTest::Below},
        {QStringLiteral("="), FilterTest::Is}};
    for (const auto &[sign, test] : signs) {
        if (!text.startsWith(sign)) {
            continue;
        }
        const QString rest = unquoted(text.mid(sign.size()).trimmed());
        if (rest.isEmpty()) {
            return Error{Texts::tr("Behind “%1” a value is missing.").arg(sign), {}};
        }
        const Result<Meant> value = meant(rest, asked);
        if (!value) {
            return value.error();
        }
        return one(test == FilterTest::Is && value->before.isValid() ? within(*value, *value) : compared(test, *value));
    }
    if (asked.type == ColumnType::Text || asked.type == ColumnType::Binary) {
        if (const QList<FilterCondition> options = chosen(asked.control, text); !options.isEmpty()) {
            return options;
        }
        const QString words = unquoted(text);
        const bool isShape = words == text && (text.contains(u'*') || text.contains(u'?'));
        return one(FilterCondition{isShape         ? FilterTest::Like
                                   : words != text ? FilterTest::Is
                                                   : FilterTest::Holds,
                                   false,
                                   words,
                                   {},
                                   false,
                                   words,
                                   {}});
    }
    if (const QList<FilterCondition> options = chosen(asked.control, text); !options.isEmpty()) {
        return options;
    }
    const Result<Meant> value = meant(text, asked);
    if (!value) {
        return value.error();
    }
    return one(value->before.isValid() ? within(*value, *value) : compared(FilterTest::Is, *value));
}

} // namespace

Result<QList<FilterCondition>> conditionsFromWords(const QString &typed, ColumnType type, const Control &control,
                                                   bool isByWords, const QLocale &locale)
{
    const Control none;
    const Asked asked{isByWords ? ColumnType::Text : type, isByWords ? none : control, locale};
    QList<FilterCondition> all;
    for (const QString &each : typed.split(u';')) {
        QString text = each.simplified();
        const QString negation = Texts::tr("not") + u' ';
        const bool isNot = text.startsWith(QLatin1String("not "), Qt::CaseInsensitive) ||
                           text.startsWith(negation, Qt::CaseInsensitive) || text.startsWith(u'≠');
        if (isNot) {
            text = text.startsWith(u'≠')
                       ? text.mid(1).trimmed()
                       : text.mid(text.startsWith(QLatin1String("not "), Qt::CaseInsensitive) ? 4 : negation.size());
        }
        if (text.isEmpty()) {
            continue;
        }
        const Result<QList<FilterCondition>> read = conditionsOf(text, asked);
        if (!read) {
            return read.error();
        }
        for (FilterCondition condition : *read) {
            condition.isNot = isNot;
            all.append(condition);
        }
    }
    return all;
}

} // namespace nabblet
