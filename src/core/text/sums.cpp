#include "core/text/sums.h"

#include "core/text/number_words.h"

#include <cmath>
#include <optional>

namespace nabblet {

namespace {

// Sum := product (± product)*, product := factor (×÷ factor)*, factor := number | ±factor | (sum). Each gives nothing
// where the words are none.
class SumReader
{
public:
    SumReader(const QString &text, const QLocale &locale) : m_text(text), m_locale(locale) {}

    std::optional<double> read()
    {
        const std::optional<double> value = sum();
        skip();
        return m_at == m_text.size() && m_signs > 0 && value && std::isfinite(*value) ? value : std::nullopt;
    }

private:
    void skip()
    {
        while (m_at < m_text.size() && m_text.at(m_at).isSpace()) {
            ++m_at;
        }
    }
    QChar next()
    {
        skip();
        return m_at < m_text.size() ? m_text.at(m_at) : QChar();
    }
    static int signOf(QChar sign) { return sign == u'+' ? 1 : sign == u'-' || sign == QChar(0x2212) ? -1 : 0; }

    std::optional<double> sum()
    {
        std::optional<double> value = product();
        while (value && signOf(next()) != 0) {
            const int sign = signOf(m_text.at(m_at++));
            ++m_signs;
            const std::optional<double> more = product();
            value = more ? std::optional(*value + sign * *more) : std::nullopt;
        }
        return value;
    }

    std::optional<double> product()
    {
        std::optional<double> value = factor();
        for (;;) {
            const QChar sign = next();
            const bool isTimes = sign == u'*' || sign == QChar(0xD7);
            const bool isBy = sign == u'/' || sign == QChar(0xF7);
            if (!value || (!isTimes && !isBy)) {
                return value;
            }
            ++m_at;
            ++m_signs;
            const std::optional<double> other = factor();
            if (!other || (isBy && *other == 0)) {
                return std::nullopt;
            }
            value = isTimes ? *value * *other : *value / *other;
        }
    }

    std::optional<double> factor()
    {
        constexpr int Deepest = 50;
        if (++m_depth > Deepest) {
            return std::nullopt;
        }
        std::optional<double> value;
        if (const int sign = signOf(next()); sign != 0) {
            ++m_at;
            value = factor();
            value = value ? std::optional(sign * *value) : std::nullopt;
        } else if (next() == u'(') {
            ++m_at;
            ++m_signs;
            value = sum();
            if (next() != u')') {
                return std::nullopt;
            }
            ++m_at;
        } else {
            value = number();
        }
        --m_depth;
        return value;
    }

    std::optional<double> number()
    {
        skip();
        const qsizetype from = m_at;
        const QString point = m_locale.decimalPoint();
        while (m_at < m_text.size() &&
               (m_text.at(m_at).isDigit() || m_text.at(m_at) == u'.' || point == m_text.at(m_at))) {
            ++m_at;
        }
        const Result<QVariant> read = readDecimalNumber(m_text.mid(from, m_at - from), m_locale);
        return m_at > from && read && read->isValid() ? std::optional(read->toDouble()) : std::nullopt;
    }

    const QString m_text;
    const QLocale &m_locale;
    qsizetype m_at = 0;
    int m_signs = 0;
    int m_depth = 0;
};

std::optional<double> worked(const QString &typed, const QLocale &locale)
{
    QString text = typed.trimmed();
    if (text.endsWith(u'=')) {
        text = text.chopped(1);
    }
    return SumReader(text, locale).read();
}

} // namespace

bool isSum(const QString &typed, const QLocale &locale)
{
    return worked(typed, locale).has_value();
}

QString sumMeant(const QString &typed, const QLocale &locale)
{
    const std::optional<double> value = worked(typed, locale);
    if (!value) {
        return typed;
    }
    constexpr double Finest = 1e9; // what is behind that comes from working with binary fractions
    const double rounded = std::abs(*value) < 1e6 ? std::round(*value * Finest) / Finest : *value;
    QString words = QString::number(rounded, 'f', 9);
    while (words.endsWith(u'0')) {
        words.chop(1);
    }
    words = words.endsWith(u'.') ? words.chopped(1) : words;
    return words.replace(u'.', locale.decimalPoint());
}

} // namespace nabblet
