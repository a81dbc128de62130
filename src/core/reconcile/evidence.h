// What the rows that are stored now say of a column that is gone: which values are found again, and where.
#pragma once

#include "core/reconcile/what_changed.h"

#include <QHash>
#include <QSet>
#include <QString>
#include <QStringList>

#include <optional>

namespace nabblet {

// The share of a column's signs that are found again among some values; nothing where none are known.
std::optional<double> signsFound(const QStringList &signs, const QSet<QString> &among);

// The signs of what is stored now, each worked out once. The samples have to outlive it.
class Evidence
{
public:
    explicit Evidence(const StoredSamples &samples) : m_samples(samples) {}

    const QSet<QString> &signsIn(const QString &table, const QString &column);
    // Those of two columns together, in either order and with what people put between.
    const QSet<QString> &signsOfBoth(const QString &table, const QString &first, const QString &second);
    // Those of the beginnings and ends of a column's values, parted between words.
    QSet<QString> signsOfParts(const QString &table, const QString &column) const;

private:
    QVariantList valuesOf(const QString &table, const QString &column) const;

    const StoredSamples &m_samples;
    QHash<QString, QSet<QString>> m_signs;
};

} // namespace nabblet
