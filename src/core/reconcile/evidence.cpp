#include "core/reconcile/evidence.h"

#include "core/catalogue/value_signs.h"

#include <algorithm>

namespace nabblet {

std::optional<double> signsFound(const QStringList &signs, const QSet<QString> &among)
{
    if (signs.isEmpty() || among.isEmpty()) {
        return {};
    }
    const auto found =
        std::count_if(signs.begin(), signs.end(), [&](const QString &sign) { return among.contains(sign); });
    return static_cast<double>(found) / static_cast<double>(signs.size());
}

const QSet<QString> &Evidence::signsIn(const QString &table, const QString &column)
{
    const QString key = table + u'\n' + column;
    if (const auto known = m_signs.constFind(key); known != m_signs.constEnd()) {
        return *known;
    }
    QSet<QString> signs;
    for (const QVariant &value : valuesOf(table, column)) {
        if (!value.isNull()) {
            signs.insert(signOf(value.toString()));
        }
    }
    return *m_signs.insert(key, signs);
}

const QSet<QString> &Evidence::signsOfBoth(const QString &table, const QString &first, const QString &second)
{
    const QString key = table + u'\n' + first + u'\n' + second;
    if (const auto known = m_signs.constFind(key); known != m_signs.constEnd()) {
        return *known;
    }
    QSet<QString> signs;
    const QVariantList ones = valuesOf(table, first);
    const QVariantList others = valuesOf(table, second);
    for (qsizetype i = 0; i < std::min(ones.size(), others.size()); ++i) {
        const QString one = ones.at(i).toString();
        const QString other = others.at(i).toString();
        if (one.isEmpty() || other.isEmpty()) { // a whole beside nothing is not parted
            continue;
        }
        for (const char *between : {" ", ", ", "", "-", "/"}) {
            signs.insert(signOf(one + QLatin1String(between) + other));
            signs.insert(signOf(other + QLatin1String(between) + one));
        }
    }
    return *m_signs.insert(key, signs);
}

QSet<QString> Evidence::signsOfParts(const QString &table, const QString &column) const
{
    QSet<QString> parts;
    for (const QVariant &value : valuesOf(table, column)) {
        const QStringList words = value.toString().simplified().split(u' ');
        for (qsizetype cut = 1; cut < words.size(); ++cut) {
            const QString beginning = words.mid(0, cut).join(u' ');
            parts.insert(signOf(beginning));
            parts.insert(signOf(QString(beginning).remove(u',')));
            parts.insert(signOf(words.mid(cut).join(u' ')));
        }
    }
    return parts;
}

QVariantList Evidence::valuesOf(const QString &table, const QString &column) const
{
    const StoredSample sample = m_samples.value(table);
    const qsizetype at = sample.columns.indexOf(column);
    QVariantList values;
    for (qsizetype i = 0; at >= 0 && i < sample.rows.size(); ++i) {
        values.append(sample.rows.at(i).value(at));
    }
    return values;
}

} // namespace nabblet
