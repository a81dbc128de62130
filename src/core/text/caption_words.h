// Names turned into words, and words into names.
#pragma once

#include <QHash>
#include <QSet>
#include <QString>
#include <QStringList>

namespace nabblet {

// A caption drafted from a column's name: "laid_on" → "Laid on", "lightCharacter" → "Light character",
// "depth_m" → "Depth (m)", "fairway_id" → "Fairway", "is_lit" → "Lit". tableName is left out where the column repeats
// it in front ("buoy_type" in "buoy" → "Type").
QString captionFromColumn(const QString &column, const QString &tableName = {});

// A title drafted from a table's name: "part_fitted" → "Part fitted".
QString titleFromTable(const QString &table);

// A name for files and controls made from any text: lower-case letters (of any script) and digits joined by
// underscores; never empty, never starting with a digit.
QString identifierFromText(const QString &text);

// Hands out names that differ from one another.
class NamePool
{
public:
    NamePool() = default;
    explicit NamePool(const QStringList &taken) : m_taken(taken.begin(), taken.end()) {}

    // `wanted`, or `wanted` with the lowest number from 2 behind it that makes it differ from every name taken so far.
    // The answer is taken from then on.
    QString take(const QString &wanted);

private:
    QSet<QString> m_taken;
    QHash<QString, int> m_nextNumber;
};

} // namespace nabblet
