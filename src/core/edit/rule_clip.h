// Rules taken from one form and put on the controls of another, as open text: a clip is a small form in the form file's
// own JSON, with the rules and the controls that they stand on.
#pragma once

#include "core/model/form.h"
#include "core/result.h"

#include <QByteArray>
#include <QList>

namespace nabblet {

// rules: their numbers in the form.
Form ruleClipOf(const Form &form, const QList<int> &rules);
QByteArray ruleClipText(const Form &form, const QList<int> &rules);
Result<Form> readRuleClip(const QByteArray &text);

struct PastedRules
{
    Form form;
    int count = 0; // new rules at the end of the form's
};

// Puts the rules of a clip behind those of a form: on these controls, as far as their effects may be there, or without
// any on those of the same names, else of the same columns. A condition that reads nothing but the column of the box
// that its rule stood on reads that of the box that it stands on now.
PastedRules withPastedRules(const Form &form, const Form &clip, const QList<ControlId> &on);

// A rule as it is for another box: its condition follows, if it reads nothing but the column of the box before.
Rule ruleFor(const Rule &rule, const Control &before, const Control &now);

} // namespace nabblet
