// What holds in a form without standing in its list of rules: formulas, what new records start with, the limits of
// boxes, and what the table asks for.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"

#include <QList>
#include <QString>

namespace nabblet {

enum class StandingKind {
    Formula,      // of a control that shows what is worked out
    StartValue,   // a value that new records start with
    StartFormula, // or an expression that gives it
    Limits,       // length, decimals, least and greatest
    RequiredByTable,
    CheckOfTable,
    UniqueInTable,
};

struct StandingRule
{
    StandingKind kind = StandingKind::Limits;
    ControlId control = 0; // that it is set on, or that shows its column; 0 for none
    QString sentence;      // without a full stop
    QString subject;       // what it begins with, where that is one thing
    QString expression;    // of formulas, and of checks of the table
    QString rule = {};     // of checks and what is unique: ruleName() …
    QString own = {};      // … and what the project says where it is not kept, or empty

    bool operator==(const StandingRule &) const = default;
};

// All of them, as the controls come in the form, then those of the table.
QList<StandingRule> standingRules(const Form &form, const Table &rows);

// The form with another formula for a control, or another expression for what it starts with.
Form withStandingExpression(const Form &form, const StandingRule &rule, const QString &expression);

} // namespace nabblet
