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

// The words that stand in a project's own list go before all rules: by the whole name, or by one of its parts.
using WordList = QHash<QString, QString>; // names and parts in small letters, to words

// A caption drafted from a column's name as above, with the project's own words. prefix: a beginning that all columns
// share ("cust_" of "cust_name"), left out.
QString captionFromColumn(const QString &column, const QString &tableName, const QString &prefix,
                          const WordList &words);

// The beginning that all of at least three names share, up to and with the last underscore or step to a capital letter
// in it; empty where there is none or where a name would be left with nothing.
QString sharedPrefix(const QStringList &names);

// A title drafted from a table's name: "part_fitted" → "Part fitted".
QString titleFromTable(const QString &table);

// A name for files and controls made from any text: lower-case letters (of any script) and digits joined by
// underscores; never empty, never starting with a digit.
QString identifierFromText(const QString &text);

// A control's name by a pattern in which {kind} and {column} are filled in; as identifierFromText().
QString nameFromPattern(const QString &pattern, const QString &kind, const QString &column);

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
