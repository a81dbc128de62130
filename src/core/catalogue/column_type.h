// What kind of value a column holds.
#pragma once

#include <QString>

#include <optional>

namespace nabblet {

enum class ColumnType { Text, WholeNumber, DecimalNumber, YesNo, Date, Time, DateTime, Binary };

struct DeclaredType
{
    ColumnType type = ColumnType::Text;
    std::optional<int> length;   // characters, for text
    std::optional<int> decimals; // places behind the point, for numbers with a declared scale
    std::optional<double> least; // of the numbers that the type holds, where it says so
    std::optional<double> most;
};

// Reads a declared SQL type such as "VARCHAR(60)" or "decimal(8, 2)". What it does not know becomes text.
// The order of the tests follows SQLite's rules of type affinity (https://www.sqlite.org/datatype3.html, section 3.1),
// after the words for yes/no, dates and times, which SQLite itself does not tell apart.
DeclaredType readDeclaredType(const QString &declared);

} // namespace nabblet
