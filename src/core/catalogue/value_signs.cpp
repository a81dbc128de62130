#include "core/catalogue/value_signs.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr quint32 Prime = 16777619; // of the sums that Fowler, Noll and Vo gave: the same on every machine
constexpr quint32 Start = 2166136261;
constexpr int LeastLength = 3; // of a text that tells anything

} // namespace

QString signOf(const QString &value)
{
    quint32 sum = Start;
    for (const char byte : value.simplified().toLower().toUtf8()) {
        sum = (sum ^ static_cast<unsigned char>(byte)) * Prime;
    }
    return QString::number((sum >> 16) ^ (sum & 0xffff), 16).rightJustified(4, u'0');
}

QStringList signsOf(const ColumnProfile &values)
{
    QStringList examples;
    const auto take = [&](const QString &value) {
        if (value.simplified().size() >= LeastLength && !examples.contains(value)) {
            examples.append(value);
        }
    };
    QStringList distinct = values.distinct.keys();
    distinct.sort();
    for (const QString &value : std::as_const(distinct)) {
        take(value);
    }
    for (auto group = values.lengths.begin(); group != values.lengths.end(); ++group) {
        take(group->example);
    }
    QStringList signs;
    // Spread over what there is, so that one end of the alphabet does not speak for all.
    const qsizetype step = std::max<qsizetype>(1, examples.size() / MostSigns);
    for (qsizetype i = 0; i < examples.size() && signs.size() < MostSigns; i += step) {
        signs.append(signOf(examples.at(i)));
    }
    return signs;
}

} // namespace nabblet
