// The rules of a form: which stand on a control, what they do to it in a row, and how they are set.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "core/result.h"
#include "core/rules/effects.h"

#include <functional>

namespace nabblet {

// The condition of an effect on a control; empty for none.
QString conditionOn(const Form &form, ControlId control, const QString &effect);

// The form with another condition for an effect on some controls; an empty one takes it away. What has the same
// condition and effect is one rule. rows: the table of the form's rows, or nullptr. The error says why the condition
// cannot be.
Result<Form> withCondition(const Form &form, const QList<ControlId> &controls, const QString &effect,
                           const QString &condition, const Table *rows);

// What the rules make of what a control shows: those on it, on the box that it captions, on what it stands in.
// worksOut: the value of an expression in that row. A condition that
// cannot be worked out does nothing.
Shown withRules(const Form &form, const Control &control, const Shown &shown,
                const std::function<Result<QVariant>(const QString &expression)> &worksOut);

} // namespace nabblet
