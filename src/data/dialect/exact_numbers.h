// Numbers with decimals as servers write them, without loss.
#pragma once

#include <QByteArray>
#include <QString>
#include <QVariant>

namespace nabblet {

// A number where a double holds all its digits, else its text.
inline QVariant exactDecimal(const QByteArray &text)
{
    constexpr int ExactDigits = 15; // that a double holds whatever they are
    int digits = 0;
    for (const char sign : text) {
        if (sign >= '0' && sign <= '9') {
            digits += digits > 0 || sign != '0' ? 1 : 0;
        } else if (sign != '.' && sign != '-') {
            return QString::fromLatin1(text); // NaN, Infinity
        }
    }
    return digits <= ExactDigits ? QVariant(text.toDouble()) : QVariant(QString::fromLatin1(text));
}

} // namespace nabblet
