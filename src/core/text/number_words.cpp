#include "core/text/number_words.h"

#include "core/text/tr.h"

#include <cmath>

namespace nabblet {

namespace {

QString withoutBlanks(const QString &typed)
{
    QString text;
    for (const QChar c : typed) {
        if (!c.isSpace()) {
            text += c == QChar(0x2212) ? QChar(u'-') : c; // the minus sign people paste
        }
    }
    return text;
}

QLocale writing(const QLocale &locale, Thousands thousands)
{
    QLocale result = locale;
    result.setNumberOptions(thousands == Thousands::Parted
                                ? QLocale::NumberOptions(QLocale::DefaultNumberOptions)
                                : QLocale::OmitGroupSeparator | QLocale::RejectGroupSeparator);
    return result;
}

// Without the blanks that some locales write between the thousands; they go with all other blanks.
QLocale reading(const QLocale &locale, Thousands thousands)
{
    const QString sign = locale.groupSeparator();
    return writing(locale, !sign.isEmpty() && sign.front().isSpace() ? Thousands::Plain : thousands);
}

} // namespace

QString numberInWords(const QVariant &value, int leastDecimals, const QLocale &locale, Thousands thousands)
{
    const QLocale plain = writing(locale, thousands);
    switch (value.typeId()) {
    case QMetaType::Int:
    case QMetaType::LongLong:
        return leastDecimals == 0
                   ? plain.toString(value.toLongLong())
                   : plain.toString(value.toLongLong()) + plain.decimalPoint() + QString(leastDecimals, u'0');
    case QMetaType::Double: {
        const double number = value.toDouble();
        const QString shortest = QString::number(number, 'f', QLocale::FloatingPointShortest);
        const qsizetype point = shortest.indexOf(u'.');
        const int needed = point < 0 ? 0 : static_cast<int>(shortest.size() - point - 1);
        return plain.toString(number, 'f', std::max(leastDecimals, needed));
    }
    default:
        return value.toString(); // text in a number column, shown as it stands
    }
}

Result<QVariant> withinLimits(const Result<QVariant> &number, std::optional<double> least, std::optional<double> most,
                              const QLocale &locale)
{
    if (!number || number->isNull()) {
        return number;
    }
    if (least && number->toDouble() < *least) {
        return Error{Texts::tr("%1 is the least that goes here").arg(numberInWords(*least, 0, locale)), {}};
    }
    if (most && number->toDouble() > *most) {
        return Error{Texts::tr("%1 is the most that goes here").arg(numberInWords(*most, 0, locale)), {}};
    }
    return number;
}

Result<QVariant> readWholeNumber(const QString &typed, const QLocale &locale, Thousands thousands)
{
    const QString text = withoutBlanks(typed);
    if (text.isEmpty()) {
        return QVariant();
    }
    bool isNumber = false;
    const qlonglong number = reading(locale, thousands).toLongLong(text, &isNumber);
    if (!isNumber) {
        bool isDecimal = false;
        const double value = reading(locale, thousands).toDouble(text, &isDecimal);
        if (isDecimal && std::abs(value) >= 0x1p63) {
            return Error{Texts::tr("This number is too large to be stored; at most 18 digits go here"), {}};
        }
        if (isDecimal) {
            return Error{Texts::tr("A whole number is needed here: leave out the decimals"), {}};
        }
        return Error{Texts::tr("A whole number is needed here, such as 12"), {}};
    }
    return QVariant(number);
}

Result<QVariant> readDecimalNumber(const QString &typed, const QLocale &locale, Thousands thousands)
{
    const QString text = withoutBlanks(typed);
    if (text.isEmpty()) {
        return QVariant();
    }
    bool isNumber = false;
    double number = reading(locale, thousands).toDouble(text, &isNumber);
    if (!isNumber) {
        number = QLocale::c().toDouble(text, &isNumber);
    }
    if (!isNumber || !qIsFinite(number)) {
        const QString example = QStringLiteral("12%15").arg(locale.decimalPoint());
        return Error{Texts::tr("A number is needed here, such as %1").arg(example), {}};
    }
    bool isWhole = false;
    const qlonglong whole = reading(locale, thousands).toLongLong(text, &isWhole);
    return isWhole ? QVariant(whole) : QVariant(number);
}

} // namespace nabblet
