// A button that puts what an expression may name into a box for one: columns, functions, and what may be worked out of
// rows that belong to the row.
#pragma once

#include "designer/rules/rule_context.h"

class QPushButton;

namespace nabblet {

class SqlLine;

// context: outlives the button. What is put in takes the place of what is selected in the box.
QPushButton *putInButton(SqlLine *box, const RuleContext *context);

} // namespace nabblet
