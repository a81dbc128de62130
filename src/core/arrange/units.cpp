#include "core/arrange/units.h"

#include "core/text/tr.h"

#include <QRegularExpression>

#include <cmath>

namespace nabblet {

namespace {

constexpr double MostPixels = 100000;

// Reads a chain of numbers and signs from left to right, products before sums.
class SizeReader
{
public:
    SizeReader(QString typed, int current, Unit unit, int pitch)
        : m_text(
              typed.replace(QChar(0x2212), u'-').replace(QChar(0x00d7), u'*').replace(QChar(0x00f7), u'/').trimmed()),
          m_current(current), m_unit(unit), m_pitch(pitch)
    {
    }

    Result<int> read()
    {
        double value = 0;
        if (!m_text.isEmpty() && QStringLiteral("+-*/").contains(m_text.front())) {
            value = m_current;
        } else if (!product(value)) {
            return mistake();
        }
        while (skipSpace()) {
            const QChar sign = m_text.at(m_at++);
            double next = 0;
            if (sign == u'*' || sign == u'/') {
                // Going on from the current size: a plain number is a factor, not a size.
                if (!number(next, Plain) || (sign == u'/' && next == 0)) {
                    return mistake();
                }
                value = sign == u'*' ? value * next : value / next;
            } else if ((sign != u'+' && sign != u'-') || !product(next)) {
                return mistake();
            } else {
                value = sign == u'+' ? value + next : value - next;
            }
        }
        if (std::abs(value) > MostPixels) {
            return Error{Texts::tr("That is too large; sizes go up to %1 px.").arg(static_cast<int>(MostPixels)), {}};
        }
        return static_cast<int>(std::lround(value));
    }

private:
    enum Sort { Plain, Size };

    bool skipSpace()
    {
        while (m_at < m_text.size() && m_text.at(m_at).isSpace()) {
            ++m_at;
        }
        return m_at < m_text.size();
    }

    bool product(double &value)
    {
        if (!number(value, Size)) {
            return false;
        }
        while (skipSpace() && (m_text.at(m_at) == u'*' || m_text.at(m_at) == u'/')) {
            const bool isTimes = m_text.at(m_at++) == u'*';
            double factor = 0;
            if (!number(factor, Plain) || (!isTimes && factor == 0)) {
                return false;
            }
            value = isTimes ? value * factor : value / factor;
        }
        return true;
    }

    bool number(double &value, Sort sort)
    {
        skipSpace();
        static const QRegularExpression Pattern(
            QStringLiteral("\\G(-?[0-9]+(?:[.,][0-9]+)?|-?[.,][0-9]+)\\s*(px|mm|cm|in|steps|step|\")?"));
        const QRegularExpressionMatch match = Pattern.match(m_text, m_at);
        if (!match.hasMatch()) {
            return false;
        }
        m_at = static_cast<int>(match.capturedEnd());
        // Either sign for decimals is meant as one: a size has no thousands worth parting.
        value = match.captured(1).replace(u',', u'.').toDouble();
        if (sort == Plain) {
            return match.captured(2).isEmpty();
        }
        const QString own = match.captured(2);
        value *= own.isEmpty()                           ? pixelsOf(m_unit, m_pitch)
                 : own == QLatin1String("px")            ? 1
                 : own == QLatin1String("mm")            ? pixelsOf(Unit::Millimetres, m_pitch)
                 : own == QLatin1String("cm")            ? 10 * pixelsOf(Unit::Millimetres, m_pitch)
                 : own.startsWith(QLatin1String("step")) ? pixelsOf(Unit::GridSteps, m_pitch)
                                                         : pixelsOf(Unit::Inches, m_pitch);
        return true;
    }

    Result<int> mistake() const
    {
        return Error{Texts::tr("“%1” is not a size. Type a number such as 120, or +8, *2, 12mm.").arg(m_text), {}};
    }

    QString m_text;
    int m_at = 0;
    int m_current;
    Unit m_unit;
    int m_pitch;
};

} // namespace

double pixelsOf(Unit unit, int pitch)
{
    switch (unit) {
    case Unit::Pixels:
        return 1;
    case Unit::Millimetres:
        return 96 / 25.4;
    case Unit::Inches:
        return 96;
    case Unit::GridSteps:
        return std::max(1, pitch);
    }
    return 1;
}

QString unitSign(Unit unit)
{
    switch (unit) {
    case Unit::Pixels:
        return Texts::tr("px");
    case Unit::Millimetres:
        return Texts::tr("mm");
    case Unit::Inches:
        return Texts::tr("in");
    case Unit::GridSteps:
        return Texts::tr("steps");
    }
    return {};
}

QString sizeNumber(int pixels, Unit unit, int pitch, const QLocale &locale)
{
    if (unit == Unit::Pixels) {
        return QString::number(pixels);
    }
    // As many decimals as tell one pixel from the next.
    const int decimals = unit == Unit::Inches ? 2 : 1;
    QString words = locale.toString(pixels / pixelsOf(unit, pitch), 'f', decimals);
    const QString point = locale.decimalPoint();
    if (words.contains(point)) {
        while (words.endsWith(u'0')) {
            words.chop(1);
        }
        if (words.endsWith(point)) {
            words.chop(static_cast<int>(point.size()));
        }
    }
    return words;
}

QString sizeInWords(int pixels, Unit unit, int pitch, const QLocale &locale)
{
    return sizeNumber(pixels, unit, pitch, locale) + u' ' + unitSign(unit);
}

Result<int> readSize(const QString &typed, int current, Unit unit, int pitch)
{
    return SizeReader(typed, current, unit, pitch).read();
}

} // namespace nabblet
