// The values that rules put into columns, in the order of what depends on what.
#pragma once

#include "core/formula/row_formulas.h"
#include "core/model/form.h"
#include "core/rules/effects.h"

#include <QSet>

namespace nabblet {

// What a rule has for a column now.
struct PutIn
{
    QString column;
    ControlId control = 0;
    // The value, or why there is none. Nothing: the rule has nothing to say here, and what it put in before goes.
    std::optional<Result<QVariant>> value;
};

struct WorkingRow
{
    bool isNew = false;
    QSet<QString> typed; // by people, by column; and what was changed in rows that belong to it, by tableMark()
    std::function<QVariant(const QString &column)> value;
};

// How a table of rows that belong to the row stands among columns.
QString tableMark(const QString &table);

// What the rules of a form put into the row in hand. A stored record is brought up to date in what follows a column
// that people typed into, at any distance, and in nothing else. What stands in a circle is left alone.
QList<PutIn> valuesPutIn(const Form &form, RowFormulas &formulas, const WorkingRow &row);

// The columns that work one another out in a circle, the first one again at the end: "a, b, a". Empty for none.
QStringList circleOf(const Form &form, RowFormulas &formulas);

} // namespace nabblet
