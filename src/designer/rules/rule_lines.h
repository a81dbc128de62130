// The lines of the list of rules: those of the form, and what holds besides.
#pragma once

#include "core/rules/standing_rules.h"
#include "designer/rules/rule_context.h"
#include "designer/rules/rule_list.h"

namespace nabblet {

// about: only those on this control and those that hang on what stands in it; 0 for all. counts: of the form's rules,
// then of what holds besides.
QList<RuleLine> ruleLines(const RuleContext &context, const QList<StandingRule> &standing, const RuleCounts &counts,
                          ControlId about);

} // namespace nabblet
