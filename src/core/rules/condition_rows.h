// Conditions as rows of column, comparison and values, joined by and and or, some of them in brackets: what most
// conditions are. A condition is SQL; rows are read out of it as long as it is that simple, and written back as SQL.
#pragma once

#include "core/catalogue/column_type.h"
#include "core/model/form.h"

#include <QList>
#include <QString>
#include <QStringList>

#include <optional>

namespace nabblet {

enum class Comparison {
    Is,
    IsNot,
    OneOf,
    NoneOf,
    Less,
    AtMost,
    More,
    AtLeast,
    Between,
    Contains,
    ContainsNot,
    Begins,
    Ends,
    Blank,
    Filled,
    True,  // of yes and no
    False, // no, and not blank
    Before,
    After,
    WithinNext, // so many days, today among them
    WithinLast,
    ThisMonth,
};

// A value that is compared with.
struct CompareValue
{
    QString text;                 // of a text, number or date, as SQL has it, without quotes
    bool isNumber = false;        // no quotes around it
    std::optional<int> days = {}; // from today on, instead of a text
    QString column = {};          // another column, instead of both

    bool operator==(const CompareValue &) const = default;
};

struct ConditionRow
{
    bool isOr = false; // joined to the row above it by or; and binds more tightly, as in SQL
    QString column;
    Comparison comparison = Comparison::Is;
    QList<CompareValue> values; // for the days of WithinNext and WithinLast: one number
    bool isNot = false;         // true where the comparison is not, blank values among them
    bool isWithAbove = false;   // in one pair of brackets with the row above it; there are none inside others

    bool operator==(const ConditionRow &) const = default;
};

// How many values a comparison takes: 0, 1, 2, or -1 for any number of them.
int valueCount(Comparison comparison);
// Its words between the column and the value: "is one of".
QString comparisonWords(Comparison comparison);
// Those that make sense for a type of column, the usual one first.
QList<Comparison> comparisonsFor(ColumnType type);

// Where brackets are: the number of their first row and of their last.
QList<QPair<int, int>> bracketsOf(const QList<ConditionRow> &rows);

// The condition as SQL; rows that lack a column or a value are left out.
QString conditionFromRows(const QList<ConditionRow> &rows);
// The rows of a condition; nothing for one that is not that simple. An empty one has no rows.
std::optional<QList<ConditionRow>> rowsFromCondition(const QString &condition);

// A row as it reads for a type of column: of yes and no, “is 0” is “is no”.
ConditionRow readFor(const ConditionRow &row, ColumnType type);

// A condition in words, with the captions of the form and the words of its choices: "Status is “Adrift” and Lit is
// yes". One that is not simple stands as it is.
QString conditionInWords(const Form &form, const QString &condition);

} // namespace nabblet
