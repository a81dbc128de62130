// Every use of columns and tables in a form, at any depth, and changing their names in all of them.
#pragma once

#include "core/draft/inner_forms.h"
#include "core/model/form.h"

#include <QList>
#include <QString>

namespace nabblet {

enum class UseKind { Box, Choice, Followed, Link, Total, Formula, Rule, Order, List };

struct ColumnUse
{
    QString table;
    QString column; // empty: of the table alone
    UseKind kind = UseKind::Box;
    InnerPath path;
    ControlId control = 0;
    int rule = -1; // its number in the form's list

    bool operator==(const ColumnUse &) const = default;
};

// In formulas and rules every name counts, also those that are words of SQL: whoever asks knows the columns.
QList<ColumnUse> columnUses(const Form &form);
// In words for people: "the box “Name”".
QString useInWords(const Form &form, const ColumnUse &use);

// The form with a column of a table called otherwise wherever it is used; captions stay. The SQL of rules and formulas
// is changed name by name.
Form withColumnRenamed(const Form &form, const QString &table, const QString &from, const QString &to);
Form withTableRenamed(const Form &form, const QString &from, const QString &to);

} // namespace nabblet
