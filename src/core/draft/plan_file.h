// Plans as JSON, so that a draft can be asked for without a window, choice by choice. The keys:
//
//   title, arrangement ("columnar", "stacked", "tabular"), columnsOfBoxes (0 to 4), spacing ("tight", "comfortable",
//   "roomy"), parts ("as suits", "none", "groups", "pages"), widths ("values", "declared", "same"), look, names (the
//   pattern of control names), rowsShown, repeatsCaptions, totals, people ({"see", "add", "change", "delete"}),
//   columns: a list of {"column", "through", "taken", "caption", "shownAs", "width" (px; 0: as the draft says)} in the
//   order of the form,
//   children: a list of {"table", "link": {"child", "parent"}, "taken", "place" ("subform", "button")} with the keys
//   above for those rows.
#pragma once

#include "core/draft/draft_plan.h"
#include "core/result.h"

#include <QJsonObject>

namespace nabblet {

// Every choice of a plan.
QJsonObject planToJson(const DraftPlan &plan);

// A plan with the choices that the JSON names; all others stay. Columns that are listed come first, in the order of the
// list; the others follow as they were. A child that no link of the database gives is linked by its "link". The error
// names what is not known.
Result<DraftPlan> planFromJson(const Catalogue &catalogue, const DraftPlan &plan, const QJsonObject &choices);

} // namespace nabblet
