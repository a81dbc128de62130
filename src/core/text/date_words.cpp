#include "core/text/date_words.h"

#include "core/text/tr.h"

#include <QDateTime>
#include <QRegularExpression>

#include <array>

namespace nabblet {

namespace {

const QString ShortMonth = QStringLiteral("d MMM yyyy");
constexpr std::array<const char *, DateShapeCount> ShapeNames{"short-month", "long-month", "weekday", "figures", "iso"};

bool isMonthFirst(const QLocale &locale)
{
    const QString shape = locale.dateFormat(QLocale::ShortFormat);
    return locale != QLocale::c() && shape.indexOf(u'M') < shape.indexOf(u'd');
}

QString written(const QDate &date, const QLocale &locale, DateShape shape)
{
    switch (shape) {
    case DateShape::ShortMonth:
        break;
    case DateShape::LongMonth:
        return locale.toString(date, QStringLiteral("d MMMM yyyy"));
    case DateShape::Weekday:
        return locale.toString(date, QStringLiteral("ddd d MMM yyyy"));
    case DateShape::Figures:
        return date.toString(isMonthFirst(locale) ? QStringLiteral("MM/dd/yyyy") : QStringLiteral("dd.MM.yyyy"));
    case DateShape::Iso:
        return date.toString(Qt::ISODate);
    }
    return locale.toString(date, ShortMonth);
}

QDate dateOf(const QVariant &value)
{
    if (value.typeId() == QMetaType::QDate || value.typeId() == QMetaType::QDateTime) {
        return value.toDate();
    }
    return QDate::fromString(value.toString(), Qt::ISODate);
}

QTime timeOf(const QVariant &value)
{
    if (value.typeId() == QMetaType::QTime) {
        return value.toTime();
    }
    return QTime::fromString(value.toString(), Qt::ISODate);
}

QString clock(const QTime &time)
{
    if (time.msec() != 0) {
        return time.toString(QStringLiteral("HH:mm:ss.zzz"));
    }
    return time.toString(time.second() == 0 ? QStringLiteral("HH:mm") : QStringLiteral("HH:mm:ss"));
}

// A year of two figures as the year within fifty years of today.
int fullYear(int year)
{
    if (year > 99) {
        return year;
    }
    const int today = QDate::currentDate().year();
    int result = today / 100 * 100 + year;
    if (result - today > 50) {
        result -= 100;
    } else if (today - result > 50) {
        result += 100;
    }
    return result;
}

QDate dateFromWords(const QString &words, const QLocale &locale)
{
    static const QRegularExpression weekday(QStringLiteral("^\\p{L}+[.,]* +(?=\\d)"));
    const QString text = QString(words).remove(weekday);
    for (const QLocale &names : {locale, QLocale::c()}) {
        for (const QString &shape : {ShortMonth, QStringLiteral("d MMMM yyyy"), QStringLiteral("dd MMM yyyy")}) {
            const QDate date = names.toDate(text, shape);
            if (date.isValid()) {
                return date;
            }
        }
    }
    static const QRegularExpression iso(QStringLiteral("^(\\d{4})\\D(\\d{1,2})\\D(\\d{1,2})$"));
    if (const QRegularExpressionMatch match = iso.match(text); match.hasMatch()) {
        return {match.captured(1).toInt(), match.captured(2).toInt(), match.captured(3).toInt()};
    }
    // Day, month and year in the order in which the locale writes its short dates.
    static const QRegularExpression figures(QStringLiteral("^(\\d{1,2})\\D+(\\d{1,2})\\D+(\\d{4}|\\d{2})$"));
    if (const QRegularExpressionMatch match = figures.match(text); match.hasMatch()) {
        int day = match.captured(1).toInt();
        int month = match.captured(2).toInt();
        if (isMonthFirst(locale)) {
            std::swap(day, month);
        }
        return {fullYear(match.captured(3).toInt()), month, day};
    }
    return locale.toDate(text, QLocale::ShortFormat);
}

bool isNow(const QString &text)
{
    return text.compare(QLatin1String("now"), Qt::CaseInsensitive) == 0 ||
           text.compare(Texts::tr("now"), Qt::CaseInsensitive) == 0;
}

// Dates as people who are in a hurry write them.
QDate looseDate(const QString &text, const QLocale &locale)
{
    const QDate today = QDate::currentDate();
    const auto is = [&](const char *english) {
        return text.compare(QLatin1String(english), Qt::CaseInsensitive) == 0 ||
               text.compare(Texts::tr(english), Qt::CaseInsensitive) == 0;
    };
    if (isNow(text) || is(Texts::later("today"))) {
        return today;
    }
    if (is(Texts::later("tomorrow"))) {
        return today.addDays(1);
    }
    if (is(Texts::later("yesterday"))) {
        return today.addDays(-1);
    }
    static const QRegularExpression distance(QStringLiteral("^([+\\-\\x{2212}]) ?(\\d{1,4}) ?([dwmy]?)$"),
                                             QRegularExpression::CaseInsensitiveOption);
    if (const QRegularExpressionMatch match = distance.match(text); match.hasMatch()) {
        const int by = match.captured(2).toInt() * (match.captured(1) == QLatin1String("+") ? 1 : -1);
        const QString unit = match.captured(3).toLower();
        return unit == QLatin1String("m")   ? today.addMonths(by)
               : unit == QLatin1String("y") ? today.addYears(by)
                                            : today.addDays(unit == QLatin1String("w") ? 7 * by : by);
    }
    static const QRegularExpression dayAndMonth(QStringLiteral("^(\\d{1,2})[./ -](\\d{1,2})\\.?$"));
    if (const QRegularExpressionMatch match = dayAndMonth.match(text); match.hasMatch()) {
        const int first = match.captured(1).toInt();
        const int second = match.captured(2).toInt();
        return isMonthFirst(locale) ? QDate(today.year(), first, second) : QDate(today.year(), second, first);
    }
    constexpr int LeastLetters = 2;
    for (const QLocale &names : {locale, QLocale::c()}) {
        for (int i = 0; i < 7 && text.size() >= LeastLetters; ++i) {
            const QDate day = today.addDays(i);
            if (names.dayName(day.dayOfWeek(), QLocale::LongFormat).startsWith(text, Qt::CaseInsensitive)) {
                return day;
            }
        }
    }
    return {};
}

QTime timeFromWords(const QString &text)
{
    static const QRegularExpression figures(
        QStringLiteral("^(\\d{1,2})[:.h ]?(\\d{2})?(?:[:.](\\d{2})(?:\\.(\\d{1,3}))?)?$"));
    const QRegularExpressionMatch match = figures.match(text);
    if (!match.hasMatch()) {
        return {};
    }
    const int thousandths = match.captured(4).isEmpty() ? 0 : match.captured(4).leftJustified(3, u'0').toInt();
    return {match.captured(1).toInt(), match.captured(2).toInt(), match.captured(3).toInt(), thousandths};
}

QString isoTime(const QTime &time)
{
    return time.toString(time.msec() != 0 ? QStringLiteral("HH:mm:ss.zzz") : QStringLiteral("HH:mm:ss"));
}

} // namespace

std::optional<DateShape> dateShapeNamed(const QString &name)
{
    for (size_t i = 0; i < ShapeNames.size(); ++i) {
        if (name == QLatin1String(ShapeNames.at(i))) {
            return static_cast<DateShape>(i);
        }
    }
    return std::nullopt;
}

QString dateShapeName(DateShape shape)
{
    return QLatin1String(ShapeNames.at(static_cast<size_t>(shape)));
}

QString dateInWords(const QVariant &value, const QLocale &locale, DateShape shape)
{
    const QDate date = dateOf(value);
    return date.isValid() ? written(date, locale, shape) : value.toString();
}

QString timeInWords(const QVariant &value, const QLocale &)
{
    const QTime time = timeOf(value);
    return time.isValid() ? clock(time) : value.toString();
}

QString dateTimeInWords(const QVariant &value, const QLocale &locale, DateShape shape)
{
    QDateTime moment = value.typeId() == QMetaType::QDateTime ? value.toDateTime() : QDateTime();
    if (!moment.isValid()) {
        QString iso = value.toString();
        moment = QDateTime::fromString(iso.replace(u' ', u'T'), Qt::ISODateWithMs);
    }
    if (!moment.isValid()) {
        return value.toString();
    }
    return written(moment.date(), locale, shape) + u' ' + clock(moment.time());
}

Result<QVariant> readDate(const QString &typed, const QLocale &locale)
{
    const QString text = typed.simplified();
    if (text.isEmpty()) {
        return QVariant();
    }
    const QDate date = dateFromWords(text, locale);
    if (!date.isValid()) {
        return Error{
            Texts::tr("A date is needed here, such as %1").arg(locale.toString(QDate(2026, 9, 30), ShortMonth)), {}};
    }
    return QVariant(date.toString(Qt::ISODate));
}

Result<QVariant> readTime(const QString &typed, const QLocale &)
{
    const QString text = typed.simplified();
    if (text.isEmpty()) {
        return QVariant();
    }
    const QTime time = timeFromWords(text);
    if (!time.isValid()) {
        return Error{Texts::tr("A time is needed here, such as 06:15"), {}};
    }
    return QVariant(isoTime(time));
}

Result<QVariant> readDateTime(const QString &typed, const QLocale &locale)
{
    static const QRegularExpression isoSign(QStringLiteral("(?<=\\d)T(?=\\d)"));
    const QString text = typed.simplified().replace(isoSign, QStringLiteral(" "));
    if (text.isEmpty()) {
        return QVariant();
    }
    QDate date = dateFromWords(text, locale);
    QTime time(0, 0);
    if (!date.isValid()) {
        const qsizetype blank = text.lastIndexOf(u' ');
        date = blank < 0 ? QDate() : dateFromWords(text.left(blank), locale);
        time = blank < 0 ? QTime() : timeFromWords(text.mid(blank + 1));
    }
    if (!date.isValid() || !time.isValid()) {
        const QString example = locale.toString(QDate(2026, 9, 30), ShortMonth) + QStringLiteral(" 06:15");
        return Error{Texts::tr("A date and a time are needed here, such as %1").arg(example), {}};
    }
    return QVariant(date.toString(Qt::ISODate) + u' ' + isoTime(time));
}

QString dateMeant(const QString &typed, const QLocale &locale)
{
    const QString text = typed.simplified();
    const QDate date = text.isEmpty() || dateFromWords(text, locale).isValid() ? QDate() : looseDate(text, locale);
    return date.isValid() ? date.toString(Qt::ISODate) : typed;
}

QString timeMeant(const QString &typed)
{
    const QTime now = QTime::currentTime();
    return isNow(typed.simplified()) ? isoTime({now.hour(), now.minute()}) : typed;
}

QString dateTimeMeant(const QString &typed, const QLocale &locale)
{
    const QString text = typed.simplified();
    if (isNow(text)) {
        return QDate::currentDate().toString(Qt::ISODate) + u' ' + timeMeant(text);
    }
    if (text.isEmpty() || readDateTime(text, locale)) {
        return typed;
    }
    // With a time behind it, which stays as it is.
    const qsizetype blank = text.lastIndexOf(u' ');
    const bool hasTime = blank > 0 && timeFromWords(text.mid(blank + 1)).isValid();
    const QString date = hasTime ? text.left(blank) : text;
    const QString meant = dateMeant(date, locale);
    return meant == date ? typed : hasTime ? meant + text.mid(blank) : meant;
}

} // namespace nabblet
